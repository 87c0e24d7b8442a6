package app.fluss.core.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

/// The medians are of slopes worked out by hand.
class TheilSenTest {
    @Test
    void oneOddPointDoesNotTurnTheLine() {
        double[] x = {0, 1, 2, 3, 4};
        double[] y = {10, 8, 6, 40, 2};
        assertThat(TheilSen.slope(x, y)).isEqualTo(-2);
    }

    @Test
    void anEvenNumberOfSlopesGivesTheMiddleOfTwo() {
        // Slopes: -1, 1, 5/3, 2, 3, 5.
        assertThat(TheilSen.slope(new double[] {0, 1, 2, 3}, new double[] {0, 1, 6, 5}))
                .isCloseTo((5.0 / 3 + 2) / 2, within(1e-12));
    }

    @Test
    void pointsAtOneTimeHaveNoSlope() {
        assertThat(TheilSen.slope(new double[] {2, 2}, new double[] {1, 5})).isNaN();
    }
}
