package app.fluss.core.latency.edge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Five pictures at 10, 20, 35, 40 and 60 ms.
class StampedSignalTest {
    private final Signal signal = Signal.stamped(new float[] {1, 2, 3, 4, 5}, new double[] {10, 20, 35, 40, 60});

    @ParameterizedTest
    @CsvSource({"0, 0", "1, 10", "1.5, 17.5", "3.25, 35", "4, 50", "-0.5, -5", "4.5, 60"})
    void timesLieOnTheLinesBetweenPicturesAndBeyondTheLast(double index, double ms) {
        assertThat(signal.ms(index)).isCloseTo(ms, within(1e-9));
        assertThat(signal.index(ms)).isCloseTo(index, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"0, 1", "4, 5"})
    void itsRateIsThatOfTheWhole(int index, double value) {
        assertThat(signal.rateHz()).isCloseTo(80, within(1e-9));
        assertThat(signal.at(index)).isEqualTo(value);
    }
}
