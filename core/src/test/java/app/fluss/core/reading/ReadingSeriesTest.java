package app.fluss.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.measure.Figure;
import app.fluss.core.reading.ReadingSeries.Standing;
import java.util.List;
import java.util.Map;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;

class ReadingSeriesTest {
    private static ReadingSeries series(Reading... readings) {
        return new ReadingSeries(List.of(readings), List.of(), Figure.missing("none"), "", Map.of());
    }

    /// Worked by hand: 60 for 10 s, 30 for 2 s, 90 for the median gap of 6 s.
    @Test
    void aReadingStandsUntilTheNext() {
        ReadingSeries series = series(Reading.of(5, 60), Reading.of(15, 30), Reading.of(17, 90));
        assertThat(series.stoodS(0)).isEqualTo(10);
        assertThat(series.stoodS(2)).isEqualTo(6);
        assertThat(series.seconds().orNaN()).isEqualTo(18);
        assertThat(series.mean().orNaN()).isCloseTo((600 + 60 + 540) / 18.0, within(1e-12));
        assertThat(series.worst()).contains(new Standing(15, 17, 30));
    }

    @Test
    void theWorstStretchGoesOnWhileTheCounterStays() {
        ReadingSeries series =
                series(Reading.of(0, 60), Reading.of(4, 41), Reading.of(8, 41), Reading.of(12, 70), Reading.of(16, 41));
        assertThat(series.worst()).contains(new Standing(4, 12, 41));
    }

    @Test
    void withoutTimesEveryReadingCountsAlike() {
        ReadingSeries series = series(Reading.of(Double.NaN, 60), Reading.of(3, 80), Reading.of(4, 40));
        assertThat(series.isTimed()).isFalse();
        assertThat(series.mean().orNaN()).isEqualTo(60);
        assertThat(series.worst()).isEmpty();
        assertThat(series.seconds().isKnown()).isFalse();
        assertThatThrownBy(() -> series.stoodS(0)).isInstanceOf(IllegalStateException.class);
    }

    @Test
    void anEndThatWasNotNotedIsMissing() {
        ReadingSeries series = series(new Reading(Double.NaN, 38, 30, Double.NaN, Double.NaN));
        assertThat(series.lowest().orNaN()).isEqualTo(30);
        assertThat(series.highest()).isEqualTo(Figure.missing("it was not noted"));
        assertThat(series(Reading.of(Double.NaN, 60)).lowest().isKnown())
                .as("one number has no range")
                .isFalse();
        assertThat(series().mean().isKnown()).isFalse();
        assertThat(series().lowest().isKnown()).isFalse();
    }

    /// Whatever the times, a mean lies within what was read.
    @Test
    void aMeanLiesWithinItsReadings() {
        for (int seed = 1; seed < 200; seed++) {
            var random = new java.util.SplittableRandom(seed);
            double[] at = DoubleStream.generate(() -> random.nextInt(20))
                    .limit(2 + seed % 7)
                    .sorted()
                    .toArray();
            ReadingSeries series = series(DoubleStream.of(at)
                    .mapToObj(s -> Reading.of(s, 30 + random.nextInt(90)))
                    .toArray(Reading[]::new));
            assertThat(series.mean().orNaN())
                    .isBetween(series.lowest().orNaN() - 1e-9, series.highest().orNaN() + 1e-9);
        }
    }
}
