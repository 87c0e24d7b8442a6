package app.fluss.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Values computed with scipy 1.17.1 `mquantiles`, numpy 2.4.6 `quantile` and exact fractions, all agreeing,
/// for the types of Hyndman and Fan (1996).
class QuantileTest {
    private static final double[] IRREGULAR = {16.7, 16.9, 15.2, 33.4, 16.6, 8.3, 16.7, 50.1, 17.0, 16.5, 16.8, 120.4};

    @ParameterizedTest
    @CsvSource({
        "10, TYPE_6, 5.5, 10, 10, 10",
        "10, TYPE_7, 5.5, 9.55, 9.91, 9.991",
        "10, TYPE_8, 5.5, 10, 10, 10",
        "101, TYPE_6, 51, 96.9, 100.98, 101",
        "101, TYPE_7, 51, 96, 100, 100.9",
        "101, TYPE_8, 51, 96.6, 100.653333, 101",
        "1000, TYPE_6, 500.5, 950.95, 990.99, 999.999",
        "1000, TYPE_7, 500.5, 950.05, 990.01, 999.001",
        "1000, TYPE_8, 500.5, 950.65, 990.663333, 999.666333",
        "0, TYPE_6, 16.75, 120.4, 120.4, 120.4",
        "0, TYPE_7, 16.75, 81.735, 112.667, 119.6267",
        "0, TYPE_8, 16.75, 120.4, 120.4, 120.4"
    })
    void agreesWithReferenceLibraries(
            int upTo, QuantileMethod method, double p50, double p95, double p99, double p999) {
        Ordered sample = upTo == 0
                ? Ordered.of(IRREGULAR)
                : Ordered.of(IntStream.rangeClosed(1, upTo).asDoubleStream().toArray());
        assertThat(sample.quantile(0.5, method)).isCloseTo(p50, within(1e-6));
        assertThat(sample.quantile(0.95, method)).isCloseTo(p95, within(1e-6));
        assertThat(sample.quantile(0.99, method)).isCloseTo(p99, within(1e-6));
        assertThat(sample.quantile(0.999, method)).isCloseTo(p999, within(1e-6));
    }

    /// A log so steady that all values share their leading bits, against a plain sort.
    @Test
    void verySteadyValuesAreInOrderToo() {
        SplittableRandom random = new SplittableRandom(2);
        double[] values = new double[6000];
        Arrays.setAll(values, i -> 1000 / 144.0 + random.nextInt(5) * 1e-6);
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        Ordered ordered = Ordered.of(values);
        assertThat(ordered.at(0)).isEqualTo(sorted[0]);
        assertThat(ordered.at(5999)).isEqualTo(sorted[5999]);
        assertThat(ordered.quantile(0.05)).isLessThanOrEqualTo(ordered.median());
        assertThat(ordered.medianAbsoluteDeviation()).isNotNegative();
        for (int rank = 0; rank < values.length; rank += 41) {
            assertThat(ordered.at(rank)).isEqualTo(sorted[rank]);
        }
    }

    /// Ranks in any order, the largest first and last, of samples of all shapes, against a plain sort.
    @Test
    void longSamplesAreInOrderHoweverTheyAreLookedAt() {
        SplittableRandom random = new SplittableRandom(3);
        List<double[]> samples = List.of(
                random.doubles(9000).map(u -> 8 + u).toArray(),
                random.doubles(9000).map(u -> Math.pow(10, 40 * u - 20)).toArray(),
                random.doubles(9000)
                        .map(u -> u < 0.5 ? 0 : u < 0.6 ? -1 / u : 1e300 * u)
                        .toArray(),
                random.doubles(9000).map(u -> u < 0.999 ? 5 : 40 + u).toArray(),
                new double[9000]);
        for (double[] values : samples) {
            double[] sorted = values.clone();
            Arrays.sort(sorted);
            Ordered ordered = Ordered.of(values);
            assertThat(ordered.quantile(0.99)).isEqualTo(Ordered.of(sorted).quantile(0.99));
            assertThat(ordered.meanOfLargest(90))
                    .isCloseTo(Arrays.stream(sorted, 8910, 9000).average().orElseThrow(), withinPercentage(1e-9));
            for (int i = 0; i < 400; i++) {
                int rank = random.nextInt(i < 100 ? 8000 : 0, 9000);
                assertThat(ordered.at(rank)).isEqualTo(sorted[rank]);
            }
        }
    }
}
