package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import org.junit.jupiter.api.Test;

/// A bar of white text over a scene that is grey, with a dark frame, a shadow on two sides of it, or neither.
class OutlineTest {
    private static final int SIDE = 24;
    private static final int SCENE = 190;
    private static final int DARK = 20;
    private static final InkSearch.Found FOUND = new InkSearch.Found(new Ink(60, 128, 128, 24), 8, 15, 1);

    /// @param before width of what is dark on the left and above, px
    /// @param after the same on the right and below
    private record Text(int before, int after) implements Crops {
        @Override
        public int width() {
            return SIDE;
        }

        @Override
        public int height() {
            return SIDE;
        }

        @Override
        public int size() {
            return 3;
        }

        @Override
        public void read(int picture, byte[] into) {
            Arrays.fill(into, (byte) 128);
            for (int at = 0; at < SIDE * SIDE; at++) {
                into[at] = (byte) (isIn(at, 0, 0) ? 250 : isIn(at, before, after) ? DARK : SCENE);
            }
        }

        private static boolean isIn(int at, int before, int after) {
            int x = at % SIDE;
            int y = at / SIDE;
            return x >= 10 - before && x <= 13 + after && y >= 8 - before && y <= 15 + after;
        }
    }

    private static boolean isOutlined(int before, int after) {
        Crops text = new Text(before, after);
        InkSearch.Found found = before > 0 && after > 0
                ? new InkSearch.Found(new Ink(250 - DARK, 128, 128, 24), FOUND.top(), FOUND.bottom(), 1)
                : FOUND;
        return Outline.of(text, new Rimmed(text), found).isThere();
    }

    @Test
    void itIsDarkOnEverySideOfTheText() {
        assertThat(isOutlined(2, 2)).isTrue();
        assertThat(isOutlined(0, 2)).as("a shadow is on one side").isFalse();
        assertThat(isOutlined(0, 0)).as("only brighter than the scene").isFalse();
    }

    @Test
    void itTellsTheColourOfTheTextWithinIt() {
        Crops text = new Text(0, 0);
        Outline outline = Outline.of(text, new Rimmed(text), FOUND);
        assertThat(outline.text(12))
                .contains(new InkSearch.Found(new Ink(250, 128, 128, 12), FOUND.top(), FOUND.bottom(), 1));
        InkSearch.Found dark = new InkSearch.Found(new Ink(200, 128, 128, 24), FOUND.top(), FOUND.bottom(), 1);
        assertThat(Outline.of(text, new Rimmed(text), dark).text(12)).isEmpty();
    }
}
