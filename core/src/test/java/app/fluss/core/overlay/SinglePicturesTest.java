package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import org.junit.jupiter.api.Test;

/// Pictures with ink on the left, which a net takes for a 0, and on the right, which it takes for a 9.
class SinglePicturesTest {
    private static final int SIDE = 14;
    private static final int PICTURES = 20;

    /// @param right how many of its pictures have their ink on the right
    private static Cluster nine(int right) {
        Cluster nine = new Cluster(patch(true), false);
        for (int i = 0; i < PICTURES; i++) {
            nine.add(patch(i < right), new Cluster.Place(i, new Box(0, 0, SIDE - 1, SIDE - 1)));
        }
        nine.call('9');
        return nine;
    }

    private static Patch patch(boolean right) {
        float[] ink = new float[SIDE * SIDE];
        for (int y = 0; y < SIDE; y++) {
            int from = y * SIDE + (right ? SIDE / 2 : 0);
            Arrays.fill(ink, from, from + SIDE / 2, 1);
        }
        return new Patch(SIDE, ink);
    }

    private static boolean bearOut(FigureNet net, int right) {
        return new SinglePictures(new FigureShapes(new byte[0], net), 0, SIDE).bearOut(nine(right));
    }

    @Test
    void someOfThePicturesMustBeWhatTheFigureIsCalled() {
        FigureNet net = Nets.bySide('0', '9');
        assertThat(bearOut(net, PICTURES)).isTrue();
        assertThat(bearOut(net, PICTURES / 5)).isTrue();
        assertThat(bearOut(net, PICTURES / 10)).isFalse();
    }

    @Test
    void aNetThatIsSureOfNothingBearsNothingOut() {
        assertThat(bearOut(FigureNet.NONE, PICTURES)).isFalse();
    }
}
