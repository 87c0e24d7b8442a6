package app.fluss.core.path;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fluss.core.bench.FactKey;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class ChainTest {
    private static Stage stage(StageKind kind, String multiplier) {
        return new Stage(kind, Map.of(FactKey.MULTIPLIER, multiplier));
    }

    @Test
    void stagesStandWhereImagesPassThem() {
        Chain chain = Chain.NATIVE
                .with(StageKind.DISPLAY_SMOOTHING)
                .with(StageKind.ENGINE_GENERATION)
                .with(StageKind.HOME_STREAM);
        assertThat(chain.stages())
                .extracting(Stage::kind)
                .containsExactly(StageKind.ENGINE_GENERATION, StageKind.HOME_STREAM, StageKind.DISPLAY_SMOOTHING);
        assertThat(chain.proposedName()).isEqualTo("engine generation + home stream + display smoothing");
    }

    /// The order of an immutable map of the library is another one in every process.
    @Test
    void settingsStandInTheOrderOfTheCatalogue() {
        Stage stage = new Stage(
                StageKind.CAPTURE_GENERATION,
                Map.of(
                        FactKey.QUEUED_IMAGES, "1",
                        FactKey.MADE_MS, "4",
                        FactKey.MOTION_ESTIMATION_PCT, "85",
                        FactKey.LOOKS_FPS, "120",
                        FactKey.MULTIPLIER, "2"));
        assertThat(List.copyOf(stage.settings().keySet())).isSorted();
        assertThat(List.copyOf(
                        stage.with(FactKey.PERFORMANCE_MODE, "off").settings().keySet()))
                .isSorted();
    }

    @Test
    void nonsenseIsRefusedWithTheReason() {
        Chain engine = Chain.of(StageKind.ENGINE_GENERATION);
        assertThatThrownBy(() -> engine.with(StageKind.ENGINE_GENERATION))
                .hasMessageContaining("already a stage of engine generation");
        assertThatThrownBy(() -> Chain.of(StageKind.VR_REPROJECTION).with(StageKind.DISPLAY_SMOOTHING))
                .hasMessageContaining("headset");
        assertThatThrownBy(() -> engine.with(StageKind.HOME_STREAM).earlier(1))
                .hasMessage(
                        "Engine generation cannot come after home stream: it works inside the game, before any other"
                                + " stage.");
        assertThatThrownBy(() -> engine.earlier(0)).hasMessageContaining("no earlier place");
    }

    /// A generator that captures may run on the host, before the stream, or on the client, after it.
    @Test
    void whereAnOrderMakesSenseBothAreAllowed() {
        Chain onHost = Chain.of(StageKind.CAPTURE_GENERATION).with(StageKind.HOME_STREAM);
        Chain onClient = Chain.of(StageKind.HOME_STREAM).with(StageKind.CAPTURE_GENERATION);
        assertThat(onClient.stages()).extracting(Stage::kind).last().isEqualTo(StageKind.CAPTURE_GENERATION);
        assertThat(onClient.earlier(1)).isEqualTo(onHost);
    }

    @Test
    void multipliersOfStackedGeneratorsMultiply() {
        Chain stacked =
                new Chain(List.of(stage(StageKind.ENGINE_GENERATION, "2"), stage(StageKind.CAPTURE_GENERATION, "3")));
        assertThat(stacked.multiplier()).isEqualTo(6);
        assertThat(Chain.NATIVE.multiplier()).isEqualTo(1);
        assertThat(Chain.of(StageKind.HOME_STREAM).multiplier()).isEqualTo(1);
        assertThat(Chain.of(StageKind.OTHER_GENERATION).multiplier()).isNaN();
    }

    @Test
    void aSettingThatIsNoneIsRefused() {
        assertThatThrownBy(() -> stage(StageKind.ENGINE_GENERATION, "two")).hasMessageContaining("number from 1 to 20");
        assertThatThrownBy(() -> stage(StageKind.HOME_STREAM, "2"))
                .hasMessageContaining("home stream has no multiplier");
        Stage set = stage(StageKind.ENGINE_GENERATION, "2");
        assertThat(set.with(FactKey.MULTIPLIER, " ")).isEqualTo(new Stage(StageKind.ENGINE_GENERATION));
    }

    @Test
    void goingToAnotherPathSaysWhatToDo() {
        Chain second = new Chain(List.of(stage(StageKind.SECOND_GPU, "3")));
        Switch there = Switch.between(Chain.NATIVE, second);
        assertThat(there.movesCable()).isTrue();
        assertThat(there.restartsGame()).isTrue();
        assertThat(there.steps())
                .containsExactly(
                        "power off, then move the display's cable to the second card",
                        "switch on second GPU with multiplier 3 ×");
        Switch more = Switch.between(second, new Chain(List.of(stage(StageKind.SECOND_GPU, "4"))));
        assertThat(more.steps()).containsExactly("set second GPU: multiplier 4 ×");
        assertThat(more.restartsGame()).isFalse();
        assertThat(Switch.between(second, second).steps()).isEmpty();
        // Nobody sets how long an image takes to make.
        Stage sized = stage(StageKind.SECOND_GPU, "3")
                .with(FactKey.MADE_MS, "1.6985")
                .with(FactKey.MOTION_ESTIMATION_PCT, "85");
        assertThat(Switch.between(second, new Chain(List.of(sized))).steps())
                .containsExactly("set second GPU: motion-estimation size 85 %");
    }
}
