package app.fluss.core.latency;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.compare.Interval;
import java.util.Random;
import org.junit.jupiter.api.Test;

class LatencyDifferenceTest {
    // Made-up samples; the shift is the median of the sixteen differences, worked by hand.
    private static final double[] A = {41.2, 39.8, 43.1, 40.5};
    private static final double[] B = {52.9, 55.4, 50.7, 57.8};

    // Hollander and Wolfe 1973, permeability data (from memory): the shift X - Y is 0.305.
    private static final double[] X = {0.80, 0.83, 1.89, 1.04, 1.45, 1.38, 1.91, 1.64, 0.73, 1.46};
    private static final double[] Y = {1.15, 0.88, 0.90, 0.74, 1.21};

    @Test
    void theShiftIsTheMedianOfAllDifferences() {
        assertThat(LatencyDifference.of(A, B).shiftMs().orNaN()).isCloseTo(12.75, within(1e-9));
        assertThat(LatencyDifference.of(Y, X).shiftMs().orNaN()).isCloseTo(0.305, within(1e-9));
    }

    /// With four on each side the rank is 1, so the interval reaches from the smallest difference to the
    /// largest.
    @Test
    void fewSamplesHaveAWideIntervalAndFewerNone() {
        Interval interval = LatencyDifference.of(A, B).interval().orElseThrow();
        assertThat(interval.low()).isCloseTo(50.7 - 43.1, within(1e-9));
        assertThat(interval.high()).isCloseTo(57.8 - 39.8, within(1e-9));
        assertThat(LatencyDifference.of(new double[] {1, 2}, new double[] {3, 4})
                        .interval())
                .isEmpty();
    }

    @Test
    void missedTrialsAreLeftOutAndNothingMeasuredIsMissing() {
        LatencyDifference same =
                LatencyDifference.of(new double[] {40, Double.NaN, 42}, new double[] {50, 52, Double.NaN, Double.NaN});
        assertThat(same.shiftMs().orNaN()).isCloseTo(10, within(1e-9));
        assertThat(same.samplesA()).isEqualTo(2);
        assertThat(same.samplesB()).isEqualTo(2);
        assertThat(LatencyDifference.of(new double[] {Double.NaN}, B).shiftMs().isKnown())
                .isFalse();
    }

    /// A 95 % interval leaves the truth out in about one of twenty repeats.
    @Test
    void theIntervalCoversTheTruthAsOftenAsItSays() {
        int covered = 0;
        for (int seed = 0; seed < 600; seed++) {
            Random random = new Random(seed);
            double[] a = random.doubles(25).map(u -> 40 + 12 * u).toArray();
            double[] b = random.doubles(30).map(u -> 47 + 12 * u).toArray();
            covered += LatencyDifference.of(a, b).interval().orElseThrow().contains(7) ? 1 : 0;
        }
        assertThat(covered / 600.0).isBetween(0.925, 0.98);
    }

    @Test
    void manySamplesAreThinnedAndStillTellTheShift() {
        Random random = new Random(2);
        double[] a = random.doubles(9000).map(u -> 40 + 12 * u).toArray();
        double[] b = random.doubles(9000).map(u -> 45 + 12 * u).toArray();
        assertThat(LatencyDifference.of(a, b).shiftMs().orNaN()).isCloseTo(5, within(0.4));
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
}
