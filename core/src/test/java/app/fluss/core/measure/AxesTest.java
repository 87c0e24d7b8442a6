package app.fluss.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Bins and marks of axes.
class AxesTest {
    /// The bounds of numpy's `histogram`: every bin is open above, the last one closed.
    @Test
    void everyValueFallsIntoOneBin() {
        double[] values = {-0.1, 0, 0.5, 1, 1, 1.99, 2, 3.9, 4, 4.1, Double.NaN};
        Histogram bins = Histogram.of(values, 0, 4, 4);
        assertThat(bins.size()).isEqualTo(4);
        assertThat(new int[] {bins.count(0), bins.count(1), bins.count(2), bins.count(3)})
                .containsExactly(2, 3, 1, 2);
        assertThat(bins.highest()).isEqualTo(3);
        assertThat(Histogram.of(values, 1, 3, 4).begins(3)).isEqualTo(2.5);
    }

    @ParameterizedTest
    @CsvSource({"10, 5, 2", "10, 10, 1", "9, 2, 5", "0.7, 4, 0.2", "120, 5, 50", "1000, 1, 1000", "60, 10, 10"})
    void stepsAreOneTwoOrFiveTimesAPowerOfTen(double length, int parts, double step) {
        assertThat(Ticks.step(length, parts)).isCloseTo(step, within(1e-12));
    }

    @ParameterizedTest
    @CsvSource({"93, 100", "100, 100", "7.1, 8", "0.33, 0.4"})
    void anAxisEndsAtTheNextMark(double value, double end) {
        assertThat(Ticks.roundUp(value)).isCloseTo(end, within(1e-12));
    }
}
