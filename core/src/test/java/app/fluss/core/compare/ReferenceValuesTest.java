package app.fluss.core.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
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

    /// statsmodels 0.14, `proportion_confint(method="wilson")`.
    @ParameterizedTest
    @CsvSource({
        "0, 10, 0, 0.27753280",
        "3, 10, 0.10779127, 0.60322185",
        "10, 10, 0.72246720, 1",
        "52, 1000, 0.03987304, 0.06755574"
    })
    void wilsonOfCounts(long hits, long trials, double low, double high) {
        Interval interval = Wilson.of(hits, trials);
        assertThat(interval.low()).isCloseTo(low, CLOSE);
        assertThat(interval.high()).isCloseTo(high, CLOSE);
    }

    /// The same formula with Student's t of spells less one.
    @Test
    void fewSpellsWidenAShare() {
        Interval twelve = Wilson.ofSpells(0.05, 900, 12);
        assertThat(twelve.low()).isCloseTo(0.03628131, CLOSE);
        assertThat(twelve.high()).isCloseTo(0.06853708, CLOSE);
        Interval none = Wilson.ofSpells(0.05, 900, 0);
        assertThat(none.low()).isCloseTo(0.03757590, CLOSE);
        assertThat(none.high()).isCloseTo(0.06624923, CLOSE);
        for (long spells : new long[] {1, 2}) {
            Interval few = Wilson.ofSpells(0.05, 900, spells);
            assertThat(few.low()).as("one degree of freedom").isCloseTo(0.00931442, CLOSE);
            assertThat(few.high()).isCloseTo(0.22757681, CLOSE);
        }
    }

    @ParameterizedTest
    @CsvSource({"-1, 10", "11, 10", "0, 0"})
    void aShareOfWhatCannotBeIsRefused(long hits, long trials) {
        assertThatThrownBy(() -> Wilson.of(hits, trials)).hasMessageContaining("hits must be in 0..trials");
    }

    /// scipy's `t.interval` of the logarithms at three confidences, and of the plain values where one is 0.
    @Test
    void levelsAtOtherConfidences() {
        Level level = Level.of(new double[] {61.2, 60.4, 62.0, 61.1});
        assertThat(level.method()).isEqualTo(Method.WELCH);
        assertThat(level.interval().orElseThrow().low()).isCloseTo(60.13937664, CLOSE);
        assertThat(level.interval().orElseThrow().high()).isCloseTo(62.22310915, CLOSE);
        Interval sure = level.intervalAt(0.99).orElseThrow();
        assertThat(sure.low()).isCloseTo(59.2898471, CLOSE);
        assertThat(sure.high()).isCloseTo(63.11466769, CLOSE);
        Interval bold = level.intervalAt(0.8).orElseThrow();
        assertThat(bold.low()).isCloseTo(60.63857652, CLOSE);
        assertThat(bold.high()).isCloseTo(61.7108648, CLOSE);
        Level zeros = Level.of(new double[] {0, 1.5, 0, 2});
        assertThat(zeros.figure().orNaN()).isEqualTo(0.875);
        assertThat(zeros.interval().orElseThrow().low()).isCloseTo(-0.76519528, CLOSE);
        assertThat(zeros.interval().orElseThrow().high()).isCloseTo(2.51519528, CLOSE);
        assertThat(zeros.intervalAt(0.99).orElseThrow().low()).isCloseTo(-2.13533575, CLOSE);
        assertThat(zeros.intervalAt(0.99).orElseThrow().high()).isCloseTo(3.88533576, CLOSE);
    }

    @Test
    void aLevelWithoutAnIntervalSaysWhy() {
        assertThat(Level.of(new double[0]).why()).isEqualTo("no run has it");
        assertThat(Level.of(new double[] {60}).why()).contains("too few repeats");
        assertThat(Level.of(new double[] {60, 60, 60}).why()).contains("equal to the last digit");
        assertThat(Level.of(new double[] {0}).why()).contains("can be 0");
        assertThat(Level.of(new double[] {0, 0}).interval()).isEmpty();
        for (double[] runs : List.of(new double[0], new double[] {60}, new double[] {60, 60}, new double[] {0})) {
            assertThat(Level.of(runs).method()).isEqualTo(Method.NONE);
            assertThat(Level.of(runs).intervalAt(0.9)).isEmpty();
        }
        Level borrowed = Level.of(new double[] {72.1}, Figure.missing("none"), others());
        assertThat(borrowed.method()).isEqualTo(Method.BORROWED);
        assertThat(borrowed.freedom()).isEqualTo(4);
        assertThat(borrowed.interval().orElseThrow().contains(72.1)).isTrue();
    }

    @Test
    void estimatesAtOtherConfidences() {
        double[] a = {41.2, 39.8, 43.1, 40.5};
        double[] b = {52.9, 55.4, 50.7, 57.8};
        Estimate estimate = Estimate.of(a, b);
        Interval plain = estimate.interval().orElseThrow();
        Interval same = estimate.intervalAt(0.95).orElseThrow();
        assertThat(same.low()).isCloseTo(plain.low(), CLOSE);
        assertThat(same.high()).isCloseTo(plain.high(), CLOSE);
        assertThat(estimate.intervalAt(0.99).orElseThrow().low()).isLessThan(plain.low() - 1);
        Interval ratio = estimate.ratioInterval().orElseThrow();
        assertThat(estimate.ratioIntervalAt(0.95).orElseThrow().low()).isCloseTo(ratio.low(), CLOSE);
        assertThat(estimate.ratioIntervalAt(0.5).orElseThrow().low()).isGreaterThan(ratio.low());
        Estimate none = Estimate.without(Figure.of(1), Figure.of(2), "one run a side");
        assertThat(none.intervalAt(0.5)).isEmpty();
        assertThat(none.ratioIntervalAt(0.5)).isEmpty();
        assertThat(Estimate.refused(Figure.missing("they do not compare")).why())
                .isEqualTo("they do not compare");
    }

    @Test
    void welchOfEqualRunsIsCertainOrNothing() {
        Welch apart = Welch.of(new double[] {60, 60}, new double[] {61, 61, 61});
        assertThat(apart.t()).isEqualTo(Double.POSITIVE_INFINITY);
        assertThat(apart.p()).isZero();
        assertThat(apart.degreesOfFreedom()).isEqualTo(3);
        assertThat(Welch.of(new double[] {60, 60}, new double[] {60, 60}).p()).isEqualTo(1);
        assertThat(Welch.of(new double[] {60, 60}, new double[] {60, 60}).t()).isZero();
        assertThatThrownBy(() -> Welch.of(new double[] {60}, new double[] {60, 61}))
                .hasMessageContaining("got 1 and 2");
        assertThatThrownBy(() -> Welch.of(new double[] {60, 61}, new double[0])).hasMessageContaining("got 2 and 0");
    }

    @Test
    void intervalsKeepTheirEnds() {
        Interval interval = new Interval(-1, 3);
        assertThat(interval.contains(-1)).isTrue();
        assertThat(interval.contains(3)).isTrue();
        assertThat(interval.contains(3.001)).isFalse();
        assertThat(interval.contains(-1.001)).isFalse();
        assertThat(interval.holding(5)).isEqualTo(new Interval(-1, 5));
        assertThat(interval.widened(0.5)).isEqualTo(new Interval(-1.5, 3.5));
        assertThatThrownBy(() -> new Interval(1, 0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Interval(Double.NaN, 0)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void methodsSayWhetherTheySpeakOfTheNextRun() {
        assertThat(List.of(Method.values()).stream().filter(Method::isFromRunToRun))
                .containsExactly(Method.WELCH, Method.BORROWED);
        assertThat(Method.WITHIN_RUNS.id()).isEqualTo("within-runs");
        assertThat(Method.TOGGLE.title()).contains("one sitting");
    }
}
