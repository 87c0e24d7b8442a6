package app.fluss.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/// Exact sample sizes of the two-sample t test at 80 % power (noncentral t; 17 for d = 1 and 26 for d = 0.8, the
/// latter also in Cohen 1988, from memory).
class RepeatsWantedTest {
    @Test
    void theSpreadSeenSaysHowManyAreNeeded() {
        // Mean 100, sd 5: a difference of 5 is one standard deviation; of 4, 0.8 of one.
        double[] runs = {95, 100, 105};
        assertThat(RepeatsWanted.of(runs, 0.05).orNaN()).isEqualTo(17);
        assertThat(RepeatsWanted.of(runs, 0.04).orNaN()).isEqualTo(26);
    }

    @Test
    void fewerThanThreeAreNeverSuggested() {
        assertThat(RepeatsWanted.of(new double[] {99.9, 100.1}, 0.05).orNaN()).isEqualTo(3);
        assertThat(RepeatsWanted.of(new double[] {100, 100}, 0.05).orNaN()).isEqualTo(3);
    }

    @Test
    void oneRunShowsNoSpread() {
        assertThat(RepeatsWanted.of(new double[] {100}, 0.05).isKnown()).isFalse();
        assertThat(RepeatsWanted.of(new double[] {0, 0}, 0.05).isKnown()).isFalse();
    }
}
