package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/// White text on black, drawn pixel by pixel.
class LineTest {
    private static final int WIDTH = 60;
    private static final int HEIGHT = 40;
    private static final int TOP = 6;
    private static final int INK = 250;

    private final byte[] crop = new byte[Crops.PLANES * WIDTH * HEIGHT];

    LineTest() {
        Arrays.fill(crop, WIDTH * HEIGHT, crop.length, (byte) 128);
    }

    private void fill(int left, int top, int right, int bottom, int luma) {
        for (int y = top; y <= bottom; y++) {
            Arrays.fill(crop, y * WIDTH + left, y * WIDTH + right + 1, (byte) luma);
        }
    }

    private static Line line(int figureHeight) {
        InkSearch.Found found = new InkSearch.Found(new Ink(INK, 128, 128, 24), TOP, TOP + figureHeight - 1, 1);
        return new Line(found, WIDTH, HEIGHT);
    }

    @Test
    void aUnitThatTouchesAFigureIsNotAsHighAsIt() {
        fill(10, TOP, 14, TOP + 13, INK);
        fill(15, TOP + 6, 24, TOP + 13, INK);
        Line line = line(14);
        Box touching = new Box(10, TOP, 24, TOP + 13);
        assertThat(line.glyphs(crop)).containsExactly(touching);
        assertThat(line.highFrom(15, touching)).isEmpty();
    }

    @Test
    void aFigureThatTouchesAnotherIsAsHigh() {
        fill(10, TOP, 14, TOP + 13, INK);
        fill(15, TOP + 6, 24, TOP + 8, INK);
        fill(20, TOP, 24, TOP + 13, INK);
        Line line = line(14);
        line.glyphs(crop);
        assertThat(line.highFrom(15, new Box(10, TOP, 24, TOP + 13)))
                .isEqualTo(List.of(new Box(16, TOP, 24, TOP + 13)));
    }
}
