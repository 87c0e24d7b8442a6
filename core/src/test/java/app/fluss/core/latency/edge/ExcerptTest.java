package app.fluss.core.latency.edge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.measure.Histogram;
import org.junit.jupiter.api.Test;

class ExcerptTest {
    /// Light that is its own time in ms, so that each point says where it stands.
    private static Signal clock(double rateHz, double seconds) {
        return new Signal() {
            @Override
            public int size() {
                return (int) (seconds * rateHz);
            }

            @Override
            public double at(int index) {
                return ms(index);
            }

            @Override
            public double rateHz() {
                return rateHz;
            }
        };
    }

    @Test
    void pointsStandWhereTheirSamplesAre() {
        for (double rate : new double[] {1000, 4000, 48_000, 96_000}) {
            Trial trial = Trial.of(500, 540);
            Excerpt excerpt = Excerpt.of(clock(rate, 2), trial, EdgeSettings.DEFAULT);
            assertThat(excerpt.size()).isBetween(50, Excerpt.MOST);
            for (int i = 0; i < excerpt.size(); i++) {
                assertThat(excerpt.light(i)).isCloseTo(excerpt.ms(i), within(0.01));
            }
            assertThat(excerpt.ms(0)).isBetween(469.0, 471.0);
            assertThat(excerpt.ms(excerpt.size() - 1)).isBetween(598.0, 601.0);
        }
    }

    @Test
    void aMissedTrialIsShownToItsTimeOutAndNothingOutsideTheTrace() {
        Trial missed = Trial.of(900, Double.NaN);
        Excerpt excerpt = Excerpt.of(clock(4000, 1.2), missed, EdgeSettings.DEFAULT);
        assertThat(excerpt.ms(excerpt.size() - 1)).isBetween(1195.0, 1200.0);
        Trial first = Trial.of(5, 20);
        assertThat(Excerpt.of(clock(4000, 1), first, EdgeSettings.DEFAULT).ms(0))
                .isZero();
    }

    @Test
    void aHistogramCountsEveryValueWithinItsBounds() {
        Histogram counts = Histogram.of(new double[] {0, 1, 2, 2.5, 10, 11, -1, Double.NaN}, 0, 10, 5);
        assertThat(counts.size()).isEqualTo(5);
        assertThat(counts.count(0)).isEqualTo(2);
        assertThat(counts.count(1)).isEqualTo(2);
        assertThat(counts.count(4))
                .as("the upper bound belongs to the last bin")
                .isEqualTo(1);
        assertThat(counts.highest()).isEqualTo(2);
        assertThat(counts.begins(3)).isCloseTo(6, within(1e-12));
    }
}
