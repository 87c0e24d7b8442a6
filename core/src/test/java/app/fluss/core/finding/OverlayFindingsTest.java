package app.fluss.core.finding;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.overlay.Crops;
import app.fluss.core.overlay.FigureShapes;
import app.fluss.core.overlay.GlyphNamer;
import app.fluss.core.overlay.OverlayReader;
import app.fluss.core.overlay.OverlaySeries;
import app.fluss.core.overlay.Rectangle;
import app.fluss.core.work.Progress;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/// What is said of numbers that were read, or not.
class OverlayFindingsTest {
    /// A rectangle in which nothing stands.
    private static OverlaySeries nothing() {
        Crops grey = new Crops() {
            @Override
            public int width() {
                return 40;
            }

            @Override
            public int height() {
                return 20;
            }

            @Override
            public int size() {
                return 5;
            }

            @Override
            public void read(int picture, byte[] into) {
                Arrays.fill(into, (byte) 128);
            }
        };
        return new OverlayReader(GlyphNamer.NONE, FigureShapes.NONE)
                .read(new Rectangle(grey, 0, grey.width()), new double[] {0, 20, 40, 60, 80}, List.of(), Progress.NONE);
    }

    private static List<String> codes(List<Finding> findings) {
        return findings.stream().map(Finding::code).toList();
    }

    @Test
    void whatCouldNotBeReadIsAFault() {
        List<Finding> found = Findings.of(Map.of("rate", nothing()), "");
        assertThat(codes(found)).containsExactly("overlay-unread");
        assertThat(found.getFirst().text()).contains("\"rate\"").contains("no figures were found");
    }

    @Test
    void aFrameTimeGivesNoLowsAndACutClipIsSaid() {
        assertThat(codes(Findings.of(Map.of("frame_time", nothing()), "picture 7 is cut off")))
                .contains("overlay-no-lows", "clip-cut");
        assertThat(Findings.of(Map.of(), "")).isEmpty();
    }
}
