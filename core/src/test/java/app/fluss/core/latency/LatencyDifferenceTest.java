package app.fluss.core.latency;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.compare.Difference;
import app.fluss.core.compare.Interval;
import app.fluss.core.compare.Method;
import app.fluss.core.measure.Figure;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class LatencyDifferenceTest {
    // Made-up samples; the shift is the median of the sixteen differences, worked by hand.
    private static final double[] A = {41.2, 39.8, 43.1, 40.5};
    private static final double[] B = {52.9, 55.4, 50.7, 57.8};

    // Hollander and Wolfe 1973, permeability data (from memory): the shift X - Y is 0.305.
    private static final double[] X = {0.80, 0.83, 1.89, 1.04, 1.45, 1.38, 1.91, 1.64, 0.73, 1.46};
    private static final double[] Y = {1.15, 0.88, 0.90, 0.74, 1.21};

    private static Difference of(double[] a, double[] b) {
        return LatencyDifference.of(List.of(a), List.of(b), 0);
    }

    @Test
    void theShiftIsTheMedianOfAllDifferences() {
        assertThat(of(A, B).difference().orNaN()).isCloseTo(12.75, within(1e-9));
        assertThat(of(Y, X).difference().orNaN()).isCloseTo(0.305, within(1e-9));
    }

    /// With four on each side the rank is 1, so the interval reaches from the smallest difference to the
    /// largest.
    @Test
    void fewSamplesHaveAWideIntervalAndFewerNone() {
        Interval interval = of(A, B).interval().orElseThrow();
        assertThat(interval.low()).isCloseTo(50.7 - 43.1, within(1e-9));
        assertThat(interval.high()).isCloseTo(57.8 - 39.8, within(1e-9));
        assertThat(of(new double[] {1, 2}, new double[] {3, 4}).interval()).isEmpty();
    }

    @Test
    void missedTrialsAreLeftOutAndNothingMeasuredIsMissing() {
        Difference same = of(new double[] {40, Double.NaN, 42}, new double[] {50, 52, Double.NaN, Double.NaN});
        assertThat(same.difference().orNaN()).isCloseTo(10, within(1e-9));
        assertThat(of(new double[] {Double.NaN}, B).difference().isKnown()).isFalse();
    }

    /// A 95 % interval leaves the truth out in about one of twenty repeats.
    @Test
    void theIntervalCoversTheTruthAsOftenAsItSays() {
        int covered = 0;
        for (int seed = 0; seed < 600; seed++) {
            Random random = new Random(seed);
            double[] a = random.doubles(25).map(u -> 40 + 12 * u).toArray();
            double[] b = random.doubles(30).map(u -> 47 + 12 * u).toArray();
            covered += of(a, b).interval().orElseThrow().contains(7) ? 1 : 0;
        }
        assertThat(covered / 600.0).isBetween(0.925, 0.98);
    }

    /// Clicks of one run share what is that run's own: pooled as independent they cover far too seldom.
    @Test
    void fromThreeRunsASideTheRunIsTheUnit() {
        int covered = 0;
        for (int seed = 0; seed < 600; seed++) {
            Random random = new Random(seed);
            covered += LatencyDifference.of(clicks(random, 40), clicks(random, 47), 0)
                            .interval()
                            .orElseThrow()
                            .contains(7)
                    ? 1
                    : 0;
        }
        assertThat(covered / 600.0).isBetween(0.93, 0.985);
    }

    /// Three runs of 20 clicks, 2 ms from run to run.
    private static List<double[]> clicks(Random random, double ms) {
        return Stream.generate(() -> {
                    double own = ms + 2 * random.nextGaussian();
                    return random.doubles(20).map(u -> own + 12 * (u - 0.5)).toArray();
                })
                .limit(3)
                .toList();
    }

    @Test
    void twoRunsASideSpeakOfThemselvesOnlyAndAreNeverBold() {
        Random random = new Random(3);
        Difference two = LatencyDifference.of(
                clicks(random, 40).subList(0, 2), clicks(random, 90).subList(0, 2), 0);
        assertThat(two.method()).isEqualTo(Method.WITHIN_RUNS);
        assertThat(two.stands()).isFalse();
        assertThat(two.interval().orElseThrow().contains(50)).isTrue();
    }

    /// Whole pictures of 16.7 ms on both sides: half a picture each may be lost, and no chance tells it.
    @Test
    void whatTheStepsCanAccountForIsNoDifference() {
        List<double[]> a = List.of(new double[] {50, 50, 67}, new double[] {50, 67, 67}, new double[] {50, 50, 50.2});
        List<double[]> b = List.of(new double[] {67, 67, 67}, new double[] {67, 50, 67}, new double[] {67, 67, 66.8});
        Difference coarse = LatencyDifference.of(a, b, 16.7);
        assertThat(coarse.interval().orElseThrow().contains(0)).isTrue();
        assertThat(coarse.estimate().p()).isEqualTo(1);
        assertThat(LatencyFigures.of(new double[] {50, 50, 67, 50, 67, 67}, 16.7)
                        .isCoarse())
                .isTrue();
        assertThat(LatencyFigures.of(new double[] {50, 53, 67, 50, 61, 74}, 1).isCoarse())
                .isFalse();
    }

    @Test
    void manySamplesAreThinnedAndStillTellTheShift() {
        Random random = new Random(2);
        double[] a = random.doubles(9000).map(u -> 40 + 12 * u).toArray();
        double[] b = random.doubles(9000).map(u -> 45 + 12 * u).toArray();
        assertThat(of(a, b).difference().orNaN()).isCloseTo(5, within(0.4));
    }

    @Test
    void itIsEnoughAtSoManySamplesOrSoNarrowAnInterval() {
        double[] thirty = new double[30];
        for (int i = 0; i < thirty.length; i++) {
            thirty[i] = 40 + i % 7;
        }
        LatencyFigures figures = LatencyFigures.of(thirty);
        double width = figures.medianInterval().orElseThrow().high()
                - figures.medianInterval().orElseThrow().low();
        assertThat(new StopRule(30, 0).isReached(figures)).isTrue();
        assertThat(new StopRule(31, 0).isReached(figures)).isFalse();
        assertThat(new StopRule(0, width).isReached(figures)).isTrue();
        assertThat(new StopRule(0, width / 2).isReached(figures)).isFalse();
        assertThat(new StopRule(0, 0).isReached(figures)).isFalse();
        assertThat(new StopRule(0, 5).isReached(LatencyFigures.of(new double[0])))
                .isFalse();
        assertThatThrownBy(() -> new StopRule(-1, 0)).hasMessageContaining("-1");
    }

    /// Three runs a side: their medians are the unit. By hand: 40, 41, 42 against 50, 52, 54.
    @Test
    void fromThreeRunsTheirMediansAreCompared() {
        List<double[]> a = List.of(new double[] {39, 40, 47}, new double[] {41}, new double[] {42, Double.NaN});
        List<double[]> b = List.of(new double[] {50, 50, 99}, new double[] {52}, new double[] {54});
        Difference compared = LatencyDifference.of(a, b, 0);
        assertThat(compared.method()).isEqualTo(Method.WELCH);
        assertThat(compared.difference().orNaN()).isEqualTo(11);
        assertThat(compared.ratio().orNaN()).isCloseTo(52 / 41.0, within(1e-12));
        assertThat(compared.a().mean().orNaN()).isEqualTo(41);
        assertThat(compared.a().runs()).isEqualTo(3);
        Interval plain = compared.interval().orElseThrow();
        Interval stepped = LatencyDifference.of(a, b, 1.5).interval().orElseThrow();
        assertThat(stepped.low()).isCloseTo(plain.low() - 1.5, within(1e-12));
        assertThat(stepped.high()).isCloseTo(plain.high() + 1.5, within(1e-12));
    }

    @Test
    void aDifferenceWithinTheStepsIsNone() {
        List<double[]> a = List.of(new double[] {40}, new double[] {41}, new double[] {42});
        List<double[]> b = List.of(new double[] {44}, new double[] {45}, new double[] {46});
        assertThat(LatencyDifference.of(a, b, 4.1).estimate().p()).isEqualTo(1);
        assertThat(LatencyDifference.of(a, b, 0).estimate().p()).isLessThan(0.02);
        assertThat(LatencyDifference.of(a, b, 3).estimate().p()).isBetween(0.02, 0.9);
        List<double[]> equal = List.of(new double[] {40}, new double[] {40}, new double[] {40});
        Difference none = LatencyDifference.of(equal, equal, 0);
        assertThat(none.interval()).isEmpty();
        assertThat(none.estimate().why()).contains("resolution, not certainty");
    }

    @Test
    void whatStagesAddUpToIsAnEstimate() {
        Difference estimated = LatencyDifference.estimated(Figure.of(7));
        assertThat(estimated.difference().orNaN()).isEqualTo(7);
        assertThat(estimated.method()).isEqualTo(Method.NONE);
        assertThat(estimated.estimate().why()).contains("from the stages");
        assertThat(estimated.a().grade()).isEmpty();
        assertThat(estimated.a().runs()).isZero();
    }
}
