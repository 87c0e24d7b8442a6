package app.fluss.core.stream;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LowerEnvelopeTest {
    @Test
    void liesBelowAllPointsAndAsCloseAsItCan() {
        // By hand: the hull is (0, 0), (4, 0.0008), (6, 0.002); the mean of x is 3, so the first edge is the one.
        double[] x = {0, 2, 3, 4, 6};
        double[] y = {0, 0.004, 0.009, 0.0008, 0.002};
        LowerEnvelope line = LowerEnvelope.of(x, y, 5);
        assertThat(line.slope()).isCloseTo(0.0002, within(1e-15));
        assertThat(line.offset()).isCloseTo(0, within(1e-15));
        assertThat(LowerEnvelope.of(new double[] {5}, new double[] {7}, 1)).isEqualTo(new LowerEnvelope(7, 0));
        assertThatThrownBy(() -> LowerEnvelope.of(x, y, 0)).hasMessageContaining("got 0");
    }

    @Test
    void aSlopeNoClockCanHaveIsHeldToWhatClocksCan() {
        LowerEnvelope line = LowerEnvelope.of(new double[] {0, 1, 2}, new double[] {0, 1, 2}, 3);
        assertThat(line.slope()).isEqualTo(LowerEnvelope.STEEPEST);
        assertThat(line.at(0)).isCloseTo(0, within(1e-12));
    }

    /// The true line is known, for the points were made from it.
    @ParameterizedTest
    @ValueSource(doubles = {-100e-6, 0, 100e-6})
    void findsOffsetAndDriftBelowGammaDelays(double drift) {
        SplittableRandom random = new SplittableRandom(11);
        int n = 20_000;
        double[] x = new double[n];
        double[] y = new double[n];
        for (int i = 0; i < n; i++) {
            x[i] = i * 1.5;
            y[i] = 86_400_000.25 + drift * x[i] - Math.log(1 - random.nextDouble()) * 0.8;
        }
        LowerEnvelope line = LowerEnvelope.of(x, y, n);
        assertThat(line.slope()).isCloseTo(drift, within(0.5e-6));
        assertThat(line.offset()).isCloseTo(86_400_000.25, within(0.01));
        for (int i = 0; i < n; i++) {
            assertThat(y[i] - line.at(x[i])).isGreaterThanOrEqualTo(-1e-6);
        }
    }

    /// An independent way to the same line: of all lines through two points, the one below all with the least sum.
    @Test
    void noOtherLineBelowIsCloser() {
        SplittableRandom random = new SplittableRandom(3);
        for (int round = 0; round < 40; round++) {
            int n = 3 + random.nextInt(12);
            double[] x = random.doubles(n, 0, 100).sorted().toArray();
            double[] y = random.doubles(n, 0, 0.01).toArray();
            LowerEnvelope line = LowerEnvelope.of(x, y, n);
            assertThat(sum(line, x, y)).isLessThanOrEqualTo(best(x, y) + 1e-9);
        }
    }

    private static double best(double[] x, double[] y) {
        double best = Double.POSITIVE_INFINITY;
        for (int i = 0; i < x.length; i++) {
            for (int j = i + 1; j < x.length; j++) {
                double slope = (y[j] - y[i]) / (x[j] - x[i]);
                LowerEnvelope other = new LowerEnvelope(y[i] - slope * x[i], slope);
                boolean below = true;
                for (int k = 0; k < x.length; k++) {
                    below &= y[k] >= other.at(x[k]) - 1e-12;
                }
                if (below && Math.abs(slope) <= LowerEnvelope.STEEPEST) {
                    best = Math.min(best, sum(other, x, y));
                }
            }
        }
        return best;
    }

    private static double sum(LowerEnvelope line, double[] x, double[] y) {
        double sum = 0;
        for (int i = 0; i < x.length; i++) {
            sum += y[i] - line.at(x[i]);
        }
        return sum;
    }

    @Test
    void ordersIndicesByTheirKeys() {
        assertThat(Ascending.order(new double[] {3, Double.NaN, 1, 2, 1})).containsExactly(2, 4, 3, 0);
        double[] keys = new SplittableRandom(5).doubles(1000).toArray();
        int[] order = Ascending.order(keys);
        double[] sorted = keys.clone();
        Arrays.sort(sorted);
        for (int i = 0; i < keys.length; i++) {
            assertThat(keys[order[i]]).isEqualTo(sorted[i]);
        }
    }
}
