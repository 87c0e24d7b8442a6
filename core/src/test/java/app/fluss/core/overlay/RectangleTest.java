package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fluss.core.work.Progress;
import java.util.function.IntToDoubleFunction;
import org.junit.jupiter.api.Test;

/// Crops whose brightness is their column, and text whose edge a rectangle cuts.
class RectangleTest {
    private static final int WIDTH = 60;
    private static final int HEIGHT = 20;
    private static final InkSearch.Found FOUND = new InkSearch.Found(new Ink(255, 128, 128, 24), 5, 14, 1);

    /// White from one column on, in rows that each picture tells.
    ///
    /// @param white first column of white in a picture
    /// @param down rows by which it is moved down
    private record Drawn(IntToDoubleFunction white, IntToDoubleFunction down) implements Crops {
        @Override
        public int width() {
            return WIDTH;
        }

        @Override
        public int height() {
            return HEIGHT;
        }

        @Override
        public int size() {
            return 100;
        }

        @Override
        public void read(int picture, byte[] into) {
            int top = FOUND.top() + (int) down.applyAsDouble(picture);
            for (int at = 0; at < WIDTH * HEIGHT; at++) {
                int y = at / WIDTH;
                boolean in = y >= top && y < top + FOUND.figureHeight() && at % WIDTH >= white.applyAsDouble(picture);
                into[at] = (byte) (in ? 255 : at % WIDTH);
                into[WIDTH * HEIGHT + at] = (byte) 128;
                into[2 * WIDTH * HEIGHT + at] = (byte) 128;
            }
        }
    }

    private static final Crops COLUMNS = new Drawn(_ -> WIDTH, _ -> 0);

    private static int first(Crops crops) {
        byte[] crop = new byte[Crops.PLANES * crops.width() * crops.height()];
        crops.read(0, crop);
        return crop[0];
    }

    @Test
    void itIsSeenWithAsMuchBesideItAsThereIs() {
        Rectangle rectangle = new Rectangle(COLUMNS, 20, 40);
        Rectangle wider = rectangle.with(new Rectangle.Beside(5, 100));
        assertThat(wider.around().width()).isEqualTo(WIDTH - 15);
        assertThat(first(wider.around())).isEqualTo(15);
        assertThat(wider.columns()).isEqualTo(new Span(5, 25));
        assertThat(first(rectangle.view(Rectangle.Beside.NOTHING).apply(COLUMNS)))
                .isEqualTo(20);
        Rectangle half = rectangle.shrunk();
        assertThat(half.columns()).isEqualTo(new Span(10, 20));
        assertThat(half.around().width()).isEqualTo(WIDTH / 2);
        assertThat(new Span(10, 20).holds(9.5)).isFalse();
    }

    @Test
    void itLiesWithinItsCrops() {
        assertThatThrownBy(() -> new Rectangle(COLUMNS, 40, 40)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Rectangle(COLUMNS, 0, WIDTH + 1)).hasMessageContaining("60 px");
    }

    private static Rectangle.Beside beside(IntToDoubleFunction white, IntToDoubleFunction down) {
        return CutText.beside(new Drawn(white, down), FOUND, Progress.NONE);
    }

    @Test
    void textThatItsEdgeCutsIsLookedAtToItsEnd() {
        Rectangle.Beside wide = new Rectangle.Beside(0, 25);
        assertThat(beside(_ -> WIDTH - 3, _ -> 0)).as("a stroke of a unit").isEqualTo(wide);
        assertThat(beside(i -> i % 20 == 0 ? WIDTH - 4 : WIDTH, _ -> 0))
                .as("after the longest numbers only")
                .isEqualTo(wide);
        assertThat(beside(_ -> WIDTH, _ -> 0)).as("none").isEqualTo(Rectangle.Beside.NOTHING);
        assertThat(beside(i -> i % 10 == 0 ? WIDTH - 4 : WIDTH, i -> i / 10 - 5))
                .as("what moves behind it keeps to no rows")
                .isEqualTo(Rectangle.Beside.NOTHING);
    }
}
