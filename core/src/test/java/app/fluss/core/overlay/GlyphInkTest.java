package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import org.junit.jupiter.api.Test;

/// Figures of two bars across their width, and things as bright behind them.
class GlyphInkTest {
    private static final int WIDTH = 8;
    private static final int HEIGHT = 24;
    private static final int BAR = 3;
    private static final String NAMES = "3580";
    private static final int[][] BARS = {{1, 6}, {1, 18}, {6, 18}, {1, 5, 9, 13, 17}};
    private static final Template.Frame FRAME = new Template.Frame(WIDTH, HEIGHT, 0, HEIGHT, 1);

    private static GlyphInk ink(Function<Patch, FigureNet.Guess> net) {
        List<Moments> all = new ArrayList<>();
        for (int t = 0; t < BARS.length; t++) {
            float[] look = new float[WIDTH * HEIGHT];
            for (int y : BARS[t]) {
                Arrays.fill(look, y * WIDTH, (y + BAR) * WIDTH, 1);
            }
            byte[] crop = new byte[Crops.PLANES * WIDTH * HEIGHT];
            all.add(Moments.of(NAMES.charAt(t), new Patch(WIDTH, look), FRAME, List.of(crop), new int[] {0}));
        }
        return new GlyphInk(FRAME, Template.of(all, 1), new Ink(255, 128, 128, 24), HEIGHT, 2, net);
    }

    /// Whether a picture with bars in these rows contradicts a figure.
    private static boolean isContradicted(char figure, int... rows) {
        return isContradicted(128, figure, rows);
    }

    private static boolean isContradicted(int behind, char figure, int... rows) {
        return isContradicted(ink -> FigureShapes.NONE.guess(ink, 0, HEIGHT), behind, figure, rows);
    }

    private static boolean isContradicted(Function<Patch, FigureNet.Guess> net, int behind, char figure, int... rows) {
        return ink(net).isContradicted(List.of(crop(behind, rows)), List.of(glyph(figure)));
    }

    private static byte[] crop(int behind, int... rows) {
        byte[] crop = new byte[Crops.PLANES * WIDTH * HEIGHT];
        Arrays.fill(crop, (byte) 128);
        Arrays.fill(crop, 0, WIDTH * HEIGHT, (byte) behind);
        for (int y : rows) {
            Arrays.fill(crop, y * WIDTH, (y + BAR) * WIDTH, (byte) 255);
        }
        return crop;
    }

    private static Glyph glyph(char figure) {
        return new Glyph(NAMES.indexOf(figure), 0);
    }

    @Test
    void aFigureThatLooksLikeAnotherOneIsContradicted() {
        assertThat(isContradicted('3', 1, 6)).isFalse();
        assertThat(isContradicted('3', 1, 18)).isTrue();
    }

    @Test
    void somethingBrightBehindAFigureLeavesTheOnlyOneWhoseInkIsThere() {
        assertThat(isContradicted('3', 1, 6, 10, 13)).isFalse();
        assertThat(isContradicted('3', 1, 6, 15, 18))
                .as("any of them may be behind it")
                .isTrue();
    }

    @Test
    void whatIsMuchLikeInkAllOverIsTakenOut() {
        assertThat(isContradicted('0', 1, 5, 9, 13, 17)).isFalse();
        assertThat(isContradicted(235, '0', 1, 5, 9, 13, 17)).isFalse();
        assertThat(isContradicted(235, '0', 1, 6)).as("what stands out is a 3").isTrue();
        assertThat(isContradicted(255, '0', 1)).as("nothing stands out").isTrue();
    }

    /// A 9 of which nothing was learnt is most like a 3: only the net knows it by the bar below.
    @Test
    void aFigureThatTheNetTakesForAnotherOneIsContradicted() {
        Function<Patch, FigureNet.Guess> net = ink -> says(ink.ink(2, 20, 2) > 0.5 ? '9' : '3');
        assertThat(isContradicted(net, 128, '3', 1, 6)).isFalse();
        assertThat(isContradicted(128, '3', 1, 6, 20)).isFalse();
        assertThat(isContradicted(net, 128, '3', 1, 6, 20)).isTrue();
        assertThat(isContradicted(_ -> says('9'), 128, '3', 1, 6, 20))
                .as("it calls the look of a 3 a 9, too")
                .isFalse();
    }

    @Test
    void onePictureIsBackedOrDoubtedByTheNet() {
        GlyphInk ink = ink(seen -> says(seen.ink(2, 20, 2) > 0.5 ? '9' : '3'));
        byte[] nine = crop(128, 1, 6, 20);
        assertThat(ink.isBacked(crop(128, 1, 6), glyph('3'))).isTrue();
        assertThat(ink.isBacked(nine, glyph('3'))).isFalse();
        assertThat(ink.isDoubted(crop(128, 1, 6), List.of(glyph('3')))).isFalse();
        assertThat(ink.isDoubted(nine, List.of(glyph('3')))).isTrue();
        assertThat(ink(_ -> says('9')).isDoubted(nine, List.of(glyph('3'))))
                .as("it calls the look of a 3 a 9, too")
                .isFalse();
        assertThat(ink(_ -> FigureNet.Guess.NOTHING).isDoubted(nine, List.of(glyph('3'))))
                .as("it knows nothing")
                .isFalse();
    }

    private static FigureNet.Guess says(char figure) {
        return Nets.saying(figure).guess(new float[FigureShapes.SIDE * FigureShapes.SIDE]);
    }
}
