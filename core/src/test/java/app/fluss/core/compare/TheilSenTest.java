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
        assertThat(TheilSen.of(x, y).slope()).isEqualTo(-2);
    }

    @Test
    void anEvenNumberOfSlopesGivesTheMiddleOfTwo() {
        // Slopes: -1, 1, 5/3, 2, 3, 5.
        assertThat(TheilSen.of(new double[] {0, 1, 2, 3}, new double[] {0, 1, 6, 5})
                        .slope())
                .isCloseTo((5.0 / 3 + 2) / 2, within(1e-12));
    }

    @Test
    void pointsAtOneTimeHaveNoSlope() {
        assertThat(TheilSen.of(new double[] {2, 2}, new double[] {1, 5}).slope())
                .isNaN();
    }

    /// scipy 1.10.1 `theilslopes`, after Sen 1968.
    @Test
    void theIntervalIsThatOfSen() {
        TheilSen line =
                TheilSen.of(new double[] {0, 10, 25, 40, 55, 70}, new double[] {72.1, 71.8, 71.9, 71.2, 70.9, 70.7});
        assertThat(line.slope()).isCloseTo(-0.02, within(1e-12));
        assertThat(line.interval().orElseThrow().low()).isCloseTo(-0.0333333, within(1e-6));
        assertThat(line.interval().orElseThrow().high()).isCloseTo(-0.008, within(1e-6));
    }
}
