package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.work.Progress;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import org.junit.jupiter.api.Test;

/// Numbers of two and three figures with something after them, drawn here as blocks of white on black: each figure
/// is three of nine fields, of which any two figures share one or none (the lines of the affine plane of order 3 that
/// do not stand upright). They are the figures of base 9.
class UnitSearchTest {
    private static final int WIDTH = 80;
    private static final int HEIGHT = 20;
    private static final int TOP = 2;
    private static final int TALL = 15;
    private static final int GLYPH = 9;
    private static final int CELL = 11;
    private static final int CELLS = 3;
    private static final int LEFT = 4;
    private static final int PICTURES = 80;
    private static final String[] FIGURES = {"012", "345", "678", "048", "156", "237", "057", "138", "246"};
    private static final Template.Frame FRAME = new Template.Frame(WIDTH, HEIGHT, 0, HEIGHT, 1);
    private static final InkSearch.Found FOUND =
            new InkSearch.Found(new Ink(255, 128, 128, 24), TOP, TOP + TALL - 1, 1);

    private static void block(byte[] crop, int left, int width, int top, int height) {
        for (int y = top; y < top + height; y++) {
            Arrays.fill(crop, y * WIDTH + left, y * WIDTH + left + width, (byte) 255);
        }
    }

    private static void figure(byte[] crop, int left, int value) {
        for (char field : FIGURES[value].toCharArray()) {
            int at = field - '0';
            block(crop, left + at % 3 * GLYPH / 3, GLYPH / 3, TOP + at / 3 * TALL / 3, TALL / 3);
        }
    }

    private static byte[] number(String text) {
        byte[] crop = new byte[Crops.PLANES * WIDTH * HEIGHT];
        Arrays.fill(crop, WIDTH * HEIGHT, crop.length, (byte) 128);
        for (int i = 0; i < text.length(); i++) {
            figure(crop, LEFT + i * CELL, text.charAt(i) - '0');
        }
        return crop;
    }

    private static LineReader reader() {
        List<Moments> all = new ArrayList<>();
        for (char name = '0'; name <= '8'; name++) {
            byte[] crop = number(String.valueOf(name));
            float[] look = new float[GLYPH * HEIGHT];
            for (int i = 0; i < look.length; i++) {
                look[i] = (crop[i / GLYPH * WIDTH + LEFT + i % GLYPH] & 0xFF) / 255f;
            }
            all.add(Moments.of(name, new Patch(GLYPH, look), FRAME, List.of(crop), new int[] {LEFT}));
        }
        boolean[][] allowed = new boolean[all.size()][WIDTH];
        for (boolean[] columns : allowed) {
            for (int cell = 0; cell < CELLS; cell++) {
                columns[LEFT + cell * CELL] = true;
            }
        }
        boolean[] centres = new boolean[2 * WIDTH + 1];
        Scenery scenery = new Scenery(FRAME, new Background(new double[] {128}, new double[] {90}), TALL);
        return new LineReader(
                FRAME,
                scenery,
                Template.of(all, 1),
                allowed,
                centres,
                FOUND,
                FigureShapes.NONE,
                new Span(0, FRAME.width()));
    }

    /// @param drawn draws what follows the number of a picture: its picture, and the first column after its last cell
    private static Optional<UnitSearch.Unit> unit(After drawn) {
        List<byte[]> samples = new ArrayList<>();
        for (int i = 0; i < PICTURES; i++) {
            String text = text(i);
            byte[] crop = number(text);
            drawn.draw(crop, LEFT + CELL * text.length(), i);
            samples.add(crop);
        }
        return new UnitSearch(reader(), FRAME, FOUND, 2, FigureShapes.NONE).find(samples, Progress.NONE);
    }

    private static String text(int picture) {
        return Integer.toString(54 + picture, 9);
    }

    @FunctionalInterface
    private interface After {
        void draw(byte[] crop, int left, int picture);
    }

    @Test
    void aSmallLetterBehindEveryNumberIsItsUnit() {
        IntFunction<Integer> begin = i -> LEFT + CELL * text(i).length() + 4;
        UnitSearch.Unit unit = unit((crop, left, _) -> {
                    block(crop, left + 4, 3, TOP + 6, TALL - 6);
                    block(crop, left + 9, 3, TOP + 6, TALL - 6);
                })
                .orElseThrow();
        assertThat(unit.look().width()).as("both strokes").isEqualTo(8);
        int found = 0;
        for (int i = 0; i < PICTURES; i++) {
            if (unit.left(i) >= 0) {
                found++;
                assertThat(unit.left(i)).isEqualTo(begin.apply(i));
                assertThat(unit.covers(i, begin.apply(i), 3)).isTrue();
                assertThat(unit.covers(i, LEFT, GLYPH)).isFalse();
            }
        }
        assertThat(found).isGreaterThan(PICTURES / 2);
    }

    @Test
    void aLetterThatIsPlainlyWiderThanAFigureIsOne() {
        assertThat(unit((crop, left, _) -> block(crop, left + 4, 13, TOP, TALL)))
                .isPresent();
    }

    @Test
    void whatMayBeAFigureThatIsAlwaysTheSameIsNone() {
        assertThat(unit((crop, left, _) -> block(crop, left, GLYPH, TOP, TALL)))
                .as("one figure")
                .isEmpty();
        assertThat(unit((crop, left, _) -> block(crop, left, 2 * GLYPH, TOP, TALL)))
                .as("two that touch")
                .isEmpty();
    }

    @Test
    void figuresThatChangeAreNoneThoughTheyAreAlikeOnAverage() {
        assertThat(unit((crop, left, i) -> {
                    figure(crop, left + 4, (7 * i + i / 9) % 9);
                    block(crop, left + 16, 3, TOP + 6, TALL - 6);
                }))
                .isEmpty();
    }

    @Test
    void whatIsNotAlwaysThereIsNone() {
        assertThat(unit((crop, left, i) -> block(crop, left + 4, 13, TOP + 6, i % 2 == 0 ? TALL - 6 : 3)))
                .isEmpty();
        assertThat(unit((_, _, _) -> {})).isEmpty();
    }
}
