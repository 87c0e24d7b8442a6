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

    /// A flash of 60 ms answers after 50 ms, another as high begins at 250 ms, a third of it at 400 ms.
    @Test
    void whatCompetesIsWhatChangesAsMuchTheSameWay() {
        float[] light = new float[4000];
        for (int i = 0; i < light.length; i++) {
            double since = i / 4.0 - 300;
            boolean flash = since >= 50 && since < 110 || since >= 250 && since < 310;
            light[i] = flash ? 9 : since >= 400 && since < 460 ? 4 : 1;
        }
        Trial trial = new Trial(300, 350, 1, 9, Trial.State.AMBIGUOUS, Doubt.TWO_CHANGES);
        Excerpt excerpt = Excerpt.of(Signal.of(light, light.length, 4000), trial, EdgeSettings.DEFAULT);
        assertThat(excerpt.rivals(trial)).hasSize(1);
        assertThat(excerpt.rivals(trial)[0]).isCloseTo(550, within(2.0));
        Trial downwards = new Trial(300, 410, 9, 1, Trial.State.AMBIGUOUS, Doubt.TWO_CHANGES);
        assertThat(excerpt.rivals(downwards)).hasSize(1);
        assertThat(excerpt.rivals(downwards)[0]).isCloseTo(610, within(2.0));
        assertThat(excerpt.rivals(Trial.of(300, 350))).isEmpty();
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
