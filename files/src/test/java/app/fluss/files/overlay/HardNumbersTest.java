package app.fluss.files.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.files.overlay.DrawnOverlay.Style;
import java.nio.file.Path;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Numbers that are hard to tell: small and outlined ones, and units that the rectangle cuts.
class HardNumbersTest extends ClipReading {
    /// The last column is the share that must be read: small letters break into strokes on many pictures.
    @ParameterizedTest
    @CsvSource({"MHz, 600, 2100, 0.7", "fps, 40, 130, 0.95", "W, 90, 320, 0.95"})
    void aUnitThatTheRectangleCutsIsNoFigure(String unit, double low, double high, double least) throws Exception {
        DrawnOverlay drawn = new DrawnOverlay(
                "DMMono_400Regular.ttf", 14, Style.SHADOW, 0x40e0ff, 110, 2, "%d" + unit, low, high, 12);
        double[] truth = drawn.values(PICTURES);
        Path file = folder.resolve("cut.mp4");
        DrawnOverlay.code(drawn.pictures(truth), 4000000, file);
        double[] seen = byPicture(rate(read(file, drawn.areaBefore(unit, truth))), PICTURES);
        int right = 0;
        for (int i = 0; i < PICTURES; i++) {
            assertThat(seen[i]).as("picture %d", i).isIn(truth[i], Double.NaN);
            right += seen[i] == truth[i] ? 1 : 0;
        }
        assertThat(right).isGreaterThan((int) (least * PICTURES));
    }

    /// Thin outlined and condensed figures that it cannot tell apart yet: then they are open.
    @ParameterizedTest(name = "{0} {1} px")
    @CsvSource({
        "Cabin_700Bold.ttf, 16, OUTLINE, ffdc3c, 190, GPU %d%%, 60, 99",
        "PathwayGothicOne_400Regular.ttf, 24, SHADOW, 40e0ff, 110, %.1f ms, 5, 34",
        "Cabin_400Regular.ttf, 12, PLAIN, ffffff, 215, %d, 30, 240",
    })
    void whatIsHardToTellIsOpenAndNotWrong(
            String face, int height, Style style, String rgb, int brightness, String format, double low, double high)
            throws Exception {
        DrawnOverlay drawn =
                new DrawnOverlay(face, height, style, Integer.parseInt(rgb, 16), brightness, 0, format, low, high, 15);
        double[] truth = drawn.values(PICTURES);
        Path file = folder.resolve("hard.mp4");
        DrawnOverlay.code(drawn.pictures(truth), 2_000_000, file);
        double[] seen = byPicture(rate(read(file, drawn.area(truth))), PICTURES);
        for (int i = 0; i < PICTURES; i++) {
            if (!Double.isNaN(seen[i])) {
                assertThat(seen[i]).as("picture %d", i).isEqualTo(truth[i]);
            }
        }
    }
}
