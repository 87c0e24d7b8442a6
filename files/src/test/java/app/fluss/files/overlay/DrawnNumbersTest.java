package app.fluss.files.overlay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.overlay.OverlaySeries;
import app.fluss.files.overlay.DrawnOverlay.Style;
import java.nio.file.Path;
import java.util.Arrays;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Numbers drawn on moving scenes and read back, through real encoders.
class DrawnNumbersTest extends ClipReading {
    /// The last column is the share that must be read; where it is less than all but all, the rest is
    /// left open.
    @ParameterizedTest(name = "{0} {1} px {2} {3} over {4}, noise {5}: {6} every {9}, {10} bit/s")
    @CsvSource({
        "Cabin_400Regular.ttf, 12, PLATE, ffffff, 110, 2, FPS %d, 24, 144, 15, 4000000, 0.995",
        "Cabin_400Regular.ttf, 20, SHADOW, 78e63c, 110, 2, %d FPS, 40, 130, 15, 2000000, 0.995",
        "DMMono_400Regular.ttf, 16, PLATE, ffffff, 190, 2, %.1f, 28, 165, 15, 4000000, 0.995",
        "DMMono_400Regular.ttf, 28, PLAIN, ffffff, 60, 5, %dW, 120, 320, 1, 4000000, 0.995",
        "Cabin_700Bold.ttf, 26, OUTLINE, ffffff, 190, 2, %dfps, 40, 130, 60, 4000000, 0.995",
        "Cabin_700Bold.ttf, 15, OUTLINE, ffffff, 215, 4, %d FPS, 40, 130, 15, 2000000, 0.98",
        "DMMono_400Regular.ttf, 20, OUTLINE, ffdc3c, 190, 0, %.1f ms, 4, 36, 2, 4000000, 0.93",
        "PathwayGothicOne_400Regular.ttf, 40, PLATE, ff9628, 110, 2, %d, 30, 240, 1, 2000000, 0.92",
    })
    void whatIsShownIsReadAndWhatIsReadWasShown(
            String face,
            int height,
            Style style,
            String rgb,
            int brightness,
            double noise,
            String format,
            double low,
            double high,
            int every,
            int bits,
            double least)
            throws Exception {
        DrawnOverlay drawn = new DrawnOverlay(
                face, height, style, Integer.parseInt(rgb, 16), brightness, noise, format, low, high, every);
        double[] truth = drawn.values(PICTURES);
        Path file = folder.resolve("drawn.mp4");
        DrawnOverlay.code(drawn.pictures(truth), bits, file);
        OverlaySeries series = rate(read(file, drawn.area(truth)));
        double[] seen = byPicture(series, PICTURES);
        int right = 0;
        int wrong = 0;
        for (int i = 0; i < PICTURES; i++) {
            right += seen[i] == truth[i] ? 1 : 0;
            wrong += !Double.isNaN(seen[i]) && seen[i] != truth[i] ? 1 : 0;
        }
        assertThat(series.whyNot()).isEmpty();
        assertThat(wrong).as("wrong without a doubt").isZero();
        assertThat(right).as("read").isGreaterThanOrEqualTo((int) Math.ceil(least * PICTURES));
        if (least > 0.99) {
            double mean = Arrays.stream(truth).average().orElseThrow();
            assertThat(series.mean().orNaN()).isCloseTo(mean, within(0.002 * mean));
            assertThat(series.updatePeriodS().orNaN())
                    .isCloseTo((double) every / DrawnOverlay.FPS, within(1.0 / DrawnOverlay.FPS));
        }
    }
}
