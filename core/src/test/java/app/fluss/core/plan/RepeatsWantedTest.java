package app.fluss.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/// Sample sizes of Welch's test at the upper 80 % limit of the spread seen.
class RepeatsWantedTest {
    /// Mean 100, sd 5 from three runs: it may be 10.58 (factor 2.1169365, scipy `chi2.ppf`). A difference of 20
    /// is then 1.89 standard deviations, for which the t test needs 6 a side (power 0.836; noncentral t, scipy).
    @Test
    void theSpreadSeenSaysHowManyAreNeeded() {
        double[] runs = {95, 100, 105};
        assertThat(RepeatsWanted.of(runs, 0.2).orNaN()).isBetween(6.0, 7.0);
        assertThat(RepeatsWanted.of(runs, 0.1).orNaN()).isGreaterThan(17);
    }

    @Test
    void fewerThanThreeAreNeverSuggested() {
        assertThat(RepeatsWanted.of(new double[] {99.99, 100.01}, 0.05).orNaN()).isEqualTo(3);
        assertThat(RepeatsWanted.of(new double[] {100, 100}, 0.05).orNaN()).isEqualTo(3);
    }

    @Test
    void oneRunShowsNoSpread() {
        assertThat(RepeatsWanted.of(new double[] {100}, 0.05).isKnown()).isFalse();
        assertThat(RepeatsWanted.of(new double[] {0, 0}, 0.05).isKnown()).isFalse();
    }

    /// The curve and the number are one calculation; runs add to what is found.
    @Test
    void theCurveSaysTheSame() {
        PowerCurve curve = PowerCurve.of(0.03);
        assertThat(curve.found()).isSortedAccordingTo((one, other) -> Double.compare(other, one));
        assertThat(curve.needed(0.05)).isEqualTo(RepeatsNeeded.perSide(0.05 / 0.03, 0.8));
        assertThat(curve.needed(1e-3)).isGreaterThan(PowerCurve.MOST_RUNS);
        assertThat(curve.needed(10)).isEqualTo(3);
    }
}
