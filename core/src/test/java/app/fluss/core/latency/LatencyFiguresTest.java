package app.fluss.core.latency;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.compare.Interval;
import app.fluss.core.latency.UncertaintyBudget.Part;
import app.fluss.core.latency.UncertaintyBudget.Shape;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LatencyFiguresTest {
    /// Computed with scipy's binomial distribution; ranks counted from 1.
    @ParameterizedTest
    @CsvSource({
        "6, 1, 0.96875, 0.78125",
        "10, 2, 0.97851562, 0.89062500",
        "20, 6, 0.95861053, 0.88468170",
        "30, 10, 0.95722605, 0.90126285",
        "50, 18, 0.96716086, 0.93509135",
        "100, 40, 0.96479980, 0.94311207"
    })
    void ranksOfTheMedian(int n, int rank, double coverage, double further) {
        assertThat(MedianInterval.lowerRank(n)).isEqualTo(rank);
        assertThat(MedianInterval.coverage(n, rank)).isCloseTo(coverage, within(1e-8));
        assertThat(MedianInterval.coverage(n, rank + 1)).isCloseTo(further, within(1e-8));
    }

    @Test
    void fewSamplesHaveNoInterval() {
        assertThat(MedianInterval.lowerRank(5)).isZero();
        assertThat(MedianInterval.of(new double[] {1, 2, 3, 4, 5})).isEmpty();
    }

    @Test
    void missedTrialsAreCountedAndNotDropped() {
        double[] samples = IntStream.rangeClosed(1, 12).mapToDouble(i -> i).toArray();
        samples[3] = Double.NaN;
        samples[7] = Double.NaN;
        LatencyFigures figures = LatencyFigures.of(samples);
        assertThat(figures.n()).isEqualTo(10);
        assertThat(figures.missed()).isEqualTo(2);
        // 1 2 3 5 6 7 9 10 11 12 by hand.
        assertThat(figures.median().orNaN()).isEqualTo(6.5);
        assertThat(figures.mean().orNaN()).isCloseTo(6.6, within(1e-12));
        assertThat(figures.medianInterval()).contains(new Interval(2, 11));
        assertThat(figures.isWeak()).isTrue();
        assertThat(LatencyFigures.of(new double[] {Double.NaN}).median().isKnown())
                .isFalse();
    }

    /// JCGM 100:2008, 4.3 (from memory): triangular over a frame, rectangular over half of one.
    @ParameterizedTest
    @CsvSource({
        "240, 14, 58.3333, 1.202813, 1.701035",
        "480, 28, 58.3333, 0.601407, 0.850517",
        "960, 57, 59.3750, 0.300703, 0.425259"
    })
    void camerasCount(double fps, int frames, double latencyMs, double oneEnd, double bothEnds) {
        CameraCount both = new CameraCount(frames, fps, true);
        assertThat(both.latencyMs()).isCloseTo(latencyMs, within(5e-5));
        assertThat(both.uncertaintyMs()).isCloseTo(bothEnds, within(1e-6));
        assertThat(new CameraCount(frames, fps, false).uncertaintyMs()).isCloseTo(oneEnd, within(1e-6));
    }

    /// 20 clicks with a standard deviation of 6 ms, and a clock that is right to 0.1 % of 58 ms.
    @Test
    void independentPartsAddInSquares() {
        UncertaintyBudget budget = new UncertaintyBudget(List.of(
                new Part("clicks", 6 / Math.sqrt(20), "type A"),
                new Part("clock", Shape.RECTANGULAR.uncertainty(0.058), "rectangular")));
        assertThat(budget.parts().get(1).uncertaintyMs()).isCloseTo(0.033486, within(1e-6));
        assertThat(budget.combinedMs()).isCloseTo(1.342059, within(1e-6));
        assertThat(budget.expandedMs()).isCloseTo(2.684117, within(1e-6));
        assertThat(Shape.ARC_SINE.uncertainty(1)).isCloseTo(0.707106781, within(1e-9));
    }
}
