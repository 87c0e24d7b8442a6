package app.fluss.core.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.measure.Figure;
import java.util.List;
import java.util.SplittableRandom;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Reference values computed with scipy 1.10.1 and numpy 1.24.2.
class ReferenceValuesTest {
    private static final Offset<Double> CLOSE = within(1e-6);

    @Test
    void holmAdjustsInOrderOfSize() {
        assertThat(Holm.adjusted(new double[] {0.040, 0.001, Double.NaN, 0.300, 0.012, 0.020}))
                .usingComparatorWithPrecision(1e-12)
                .containsExactly(0.080, 0.005, Double.NaN, 0.300, 0.048, 0.060);
    }

    @Test
    void welchAtTwoASideIsVeryWide() {
        Estimate two = BetweenRuns.of(new double[] {72.1, 72.9}, new double[] {131.0, 133.4}, PooledSpread.NONE);
        assertThat(two.method()).isEqualTo(Method.WELCH);
        assertThat(two.difference().orNaN()).isCloseTo(59.7, CLOSE);
        assertThat(two.interval().orElseThrow().low()).isCloseTo(49.0823129, CLOSE);
        assertThat(two.interval().orElseThrow().high()).isCloseTo(70.3176871, CLOSE);
        assertThat(two.ratio().orNaN()).isCloseTo(1.8234009, CLOSE);
        assertThat(two.ratioInterval().orElseThrow().low()).isCloseTo(1.7234554, CLOSE);
        assertThat(two.ratioInterval().orElseThrow().high()).isCloseTo(1.9291424, CLOSE);
    }

    private static PooledSpread others() {
        return PooledSpread.of(
                List.of(new double[] {72.1}, new double[] {131}, new double[] {71.8, 72.6, 72.2}, new double[] {
                    139, 141.5, 140.1
                }));
    }

    @Test
    void oneRunASideBorrowsTheSpreadOfItsScene() {
        PooledSpread spread = others();
        assertThat(spread.sd().orNaN()).isCloseTo(0.00743262, within(1e-8));
        assertThat(spread.freedom()).isEqualTo(4);
        assertThat(spread.runs()).isEqualTo(6);
        Estimate one = BetweenRuns.of(new double[] {72.1}, new double[] {131}, spread);
        assertThat(one.method()).isEqualTo(Method.BORROWED);
        assertThat(one.borrowedFrom()).isEqualTo(6);
        assertThat(one.ratio().orNaN()).isCloseTo(1.8169209, CLOSE);
        assertThat(one.ratioInterval().orElseThrow().low()).isCloseTo(1.7646620, CLOSE);
        assertThat(one.ratioInterval().orElseThrow().high()).isCloseTo(1.8707274, CLOSE);
    }

    @Test
    void whatCannotBeBorrowedIsSaid() {
        assertThat(BetweenRuns.of(new double[] {72.1}, new double[] {131}, PooledSpread.NONE)
                        .why())
                .contains("too few repeats");
        PooledSpread apart = PooledSpread.of(List.of(new double[] {71, 72, 73}, new double[] {139, 139.1, 139.2}));
        assertThat(BetweenRuns.of(new double[] {72}, new double[] {139}, apart).why())
                .contains("differ too much in their spread");
        PooledSpread zeros = PooledSpread.of(List.of(new double[] {0, 1, 2}, new double[] {0, 2, 2}));
        assertThat(BetweenRuns.of(new double[] {1}, new double[] {2}, zeros).why())
                .contains("can be 0");
    }

    @Test
    void equalRunsAreResolutionAndNoInterval() {
        Estimate equal = BetweenRuns.of(new double[] {60, 60, 60}, new double[] {61, 61, 61}, PooledSpread.NONE);
        assertThat(equal.interval()).isEmpty();
        assertThat(equal.ratioInterval()).isEmpty();
        assertThat(equal.why()).contains("resolution");
        assertThat(equal.p()).isNaN();
    }

    @Test
    void levelsOfOneSide() {
        double[] runs = {61.2, 60.4, 62.0};
        Level own = Level.of(runs, Figure.of(0), PooledSpread.NONE);
        assertThat(own.interval().orElseThrow().low()).isCloseTo(59.2411118, CLOSE);
        assertThat(own.interval().orElseThrow().high()).isCloseTo(63.2164591, CLOSE);
        PooledSpread withOwn =
                PooledSpread.of(List.of(runs, new double[] {71.8, 72.6, 72.2}, new double[] {139, 141.5, 140.1}));
        Interval pooled = Level.pooled(runs, withOwn.sd().orNaN(), withOwn.freedom());
        assertThat(withOwn.freedom()).isEqualTo(6);
        assertThat(pooled.low()).isCloseTo(60.3649304, CLOSE);
        assertThat(pooled.high()).isCloseTo(62.0395533, CLOSE);
    }

    /// Of AR(1): (1 + ρ)/(1 − ρ), derived.
    @ParameterizedTest
    @CsvSource({"0.2, 1.5", "0.5, 3", "0.8, 9"})
    void theVarianceOfAMeanOfWhatHangsTogether(double rho, double inflation) {
        SplittableRandom random = new SplittableRandom(7);
        double[] values = new double[400_000];
        for (int i = 1; i < values.length; i++) {
            values[i] = rho * values[i - 1] + random.nextGaussian();
        }
        assertThat(VarianceInflation.of(values)).isCloseTo(inflation, within(inflation * 0.06));
        assertThat(VarianceInflation.of(new double[] {3, 3, 3})).isEqualTo(1);
    }

    /// The same row as bits and as numbers.
    @Test
    void aRowOfRefreshesCountsAsNumbersDo() {
        SplittableRandom random = new SplittableRandom(9);
        int n = 5000;
        long[] row = new long[n / 64 + 1];
        double[] values = new double[n];
        boolean missed = false;
        for (int i = 0; i < n; i++) {
            missed = missed ? random.nextDouble() < 0.93 : random.nextDouble() < 0.01;
            values[i] = missed ? 1 : 0;
            row[i / 64] |= missed ? 1L << i : 0;
        }
        assertThat(VarianceInflation.of(row, n)).isCloseTo(VarianceInflation.of(values), within(1e-9));
        assertThat(VarianceInflation.of(row, n)).isGreaterThan(5);
    }

    @Test
    void wilsonWithTheEffectiveNumber() {
        assertThat(Wilson.ofShare(0.05, 5400).low()).isCloseTo(0.0445002, CLOSE);
        assertThat(Wilson.ofShare(0.05, 5400).high()).isCloseTo(0.0561396, CLOSE);
        assertThat(Wilson.ofShare(0.05, 1800).low()).isCloseTo(0.0408551, CLOSE);
        assertThat(Wilson.ofShare(0.05, 1800).high()).isCloseTo(0.0610615, CLOSE);
    }
}
