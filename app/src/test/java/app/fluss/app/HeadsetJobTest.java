package app.fluss.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.app.model.HeadsetWork;
import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.Fact;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.finding.Finding;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Section;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import app.fluss.core.verdict.School;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.files.study.Run;
import app.fluss.files.study.Study;
import app.fluss.sim.scenario.Scenario;
import app.fluss.sim.scenario.Work;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.OptionalLong;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.GridPane;
import org.junit.jupiter.api.Test;

/// A headset, through the real window: what its refreshes showed, and what other scales and rates would show.
class HeadsetJobTest extends WindowTest {
    private static final List<Double> SCALES = List.of(1.0, 1.22, 1.42);
    private static final LocalDate DAY = LocalDate.of(2026, 11, 27);

    @Override
    Path study() throws Exception {
        Path study = folder.resolve("headset" + System.nanoTime() + ".fluss");
        try (Study made = Study.open(study)) {
            made.bench().add(BenchPart.HEADSET, OptionalLong.empty(), "Lantern V");
            made.bench()
                    .state(
                            made.bench().read().items(BenchPart.HEADSET).getFirst(),
                            List.of(
                                    new Fact(FactKey.EYE_WIDTH_PX, "1600", FactSource.TYPED, DAY),
                                    new Fact(FactKey.EYE_HEIGHT_PX, "1750", FactSource.TYPED, DAY),
                                    new Fact(FactKey.TARGET_MARGIN_PCT, "50", FactSource.TYPED, DAY),
                                    new Fact(FactKey.HEADSET_REFRESH_LIST, "72, 90, 120", FactSource.TYPED, DAY),
                                    new Fact(FactKey.HEADSET_HZ, "90", FactSource.TYPED, DAY)));
            for (double scale : SCALES) {
                Scenario scenario = ReadyScenario.named("vr-uneven-scale").lasting(20);
                Run run = addSimulated(
                        made,
                        "scale " + scale,
                        Chain.of(StageKind.VR_REPROJECTION),
                        scenario.with(scenario.game()
                                .withWork(new Work(3, 0.05, 0.5, 0, 0), new Work(10.9, 0.006, 0.5, 0, 0))
                                .withRenderScale(scale)),
                        Grade.B);
                made.addSection(run, new Section("kelp", Section.Weight.WORST, 5_000, 15_000));
            }
        }
        return study;
    }

    private HeadsetWork headset() {
        return window.workbench().pathWorkProperty().get().headset().orElseThrow();
    }

    @Test
    void theRefreshesTellTheirStory() throws Exception {
        settle();
        select("scale 1.22");
        push(KeyCode.CONTROL, KeyCode.G);
        settle();
        var seen = window.workbench().analysedProperty().get().headset().orElseThrow();
        until(() -> assertThat(seen.whole().appFps().orNaN()).isCloseTo(61.7, within(0.6)));
        until(() -> assertThat(window.workbench().analysedProperty().get().findings())
                .extracting(Finding::code)
                .contains("vr-not-full", "vr-uneven")
                .doesNotContain("vr-below-half"));
        HeadsetWork work = headset();
        until(() -> assertThat(work.target().orElseThrow().megapixels())
                .as("2 · 1.6 · 1.75 · 1.5 · 1.22², Mpx")
                .isCloseTo(12.503, within(0.001)));
        until(() -> assertThat(work.law().orElseThrow().points()).hasSize(3));
        until(() -> assertThat(work.law().orElseThrow().timeMs(8.4).value()).isCloseTo(10.9, within(0.05)));
        until(() -> assertThat(work.headMs().orNaN()).isLessThan(work.handMs().orNaN()));
        until(() -> assertThat(words(look("#scales"))).contains("▲ shakes").contains("● even"));
        until(() -> assertThat(words(look("#headsets"))).contains("Lantern V").contains("1.000"));
        until(() -> assertThat(words(look("#refreshes")))
                .contains("whole run")
                .contains("kelp")
                .contains("card"));
        until(() -> assertThat(words(look("#headset-panel"))).contains("Stop at the first sign of sickness"));
    }

    @Test
    void tuneFindsScaleAndRateForEachSchool() throws Exception {
        settle();
        select("scale 1.0");
        push(KeyCode.CONTROL, KeyCode.DIGIT7);
        settle();
        waitFor(() -> look("#headset-grid") instanceof GridPane grid
                && grid.getChildren().size() > 30);
        String full = words(look("#headset-tune"));
        until(() -> assertThat(full)
                .contains("100 % at 90 Hz")
                .contains("★")
                .contains("of the refreshes have no new image, 1.0 % are allowed"));
        TextField bound = (TextField) look("#headset-bound");
        interact(() -> bound.setText("60"));
        settle();
        until(() -> assertThat(words(look("#headset-tune")))
                .as("who puts up with more gets more pixels")
                .doesNotContain("100 % at 90 Hz |"));
        interact(() -> bound.setText("many"));
        until(() -> assertThat(words(look("#headset-tune"))).contains("0 to 100 %"));
        @SuppressWarnings("unchecked")
        ChoiceBox<School> school = (ChoiceBox<School>) look("#headset-school");
        interact(() -> school.setValue(School.STEADY_HALF_RATE));
        settle();
        until(() -> assertThat(words(look("#headset-tune"))).isNotEqualTo(full).contains("★"));
    }
}
