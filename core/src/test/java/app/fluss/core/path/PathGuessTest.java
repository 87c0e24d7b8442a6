package app.fluss.core.path;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.bench.FactKey;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PathGuessTest {
    @ParameterizedTest
    @CsvSource({
        "native, ,",
        "Off, ,",
        "generation off, ,",
        "ohne, ,",
        "engine generation 2x, ENGINE_GENERATION, 2",
        "Driver x3, DRIVER_GENERATION, 3",
        "capture 2×, CAPTURE_GENERATION, 2",
        "second GPU 4x, SECOND_GPU, 4",
        "native on the TV with smoothing, DISPLAY_SMOOTHING,",
        "film mode, DISPLAY_SMOOTHING,",
        "film mode smoothing off, ,",
        "TV without smoothing, ,",
        "monitor mode, ,",
        "stream to the den, HOME_STREAM,",
        "VR 45, VR_REPROJECTION,",
        "cap 60, FRAME_CAP,",
        "on, OTHER_GENERATION,",
        "x30, OTHER_GENERATION,",
        "1920x1080, OTHER_GENERATION,"
    })
    void aNameSaysWhatAPathIs(String name, StageKind kind, String multiplier) {
        Chain chain = PathGuess.of(name);
        if (kind == null) {
            assertThat(chain).isEqualTo(Chain.NATIVE);
            return;
        }
        assertThat(chain.stages())
                .singleElement()
                .satisfies(stage -> assertThat(stage.kind()).isEqualTo(kind));
        assertThat(Optional.ofNullable(chain.settings().get(FactKey.MULTIPLIER)))
                .isEqualTo(Optional.ofNullable(multiplier));
    }
}
