package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/// Nets made here: one that calls a glyph 1 the surer the more ink it has on the left, and 7 the more it has on the
/// right.
class TwoViewsTest {
    private static final int WIDTH = 8;
    private static final int ROWS = 14;
    private static final FigureShapes SHAPES = new FigureShapes(new byte[0], Nets.bySide('1', '7'));

    private static Patch ink(double left, double right) {
        float[] shares = new float[WIDTH * ROWS];
        for (int i = 0; i < shares.length; i++) {
            shares[i] = (float) (i % WIDTH < WIDTH / 2 ? left : right);
        }
        return new Patch(WIDTH, shares);
    }

    private static TwoViews views(Patch common, Patch clean) {
        return TwoViews.of(common, clean, SHAPES, 0, ROWS);
    }

    @Test
    void theOneOfWhichTheNetMakesMoreCounts() {
        Patch plain = ink(1, 0);
        Patch faint = ink(0.15, 0.1);
        assertThat(views(plain, faint).ink()).isSameAs(plain);
        assertThat(views(faint, plain).ink()).isSameAs(plain);
        assertThat(views(faint, plain).guess().figure()).isEqualTo('1');
    }

    @Test
    void whereEachIsPlainlyAnotherFigureTheNetSaysNothing() {
        FigureNet.Guess guess = views(ink(1, 0), ink(0, 1)).guess();
        assertThat(guess.of('1')).isEqualTo(guess.of('7')).isLessThan(0.1);
    }
}
