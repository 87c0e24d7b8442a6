package app.fluss.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.compare.Student;
import app.fluss.core.compare.Welch;
import app.fluss.core.measure.Moments;
import java.util.HashMap;
import java.util.Map;
import java.util.SplittableRandom;
import org.hipparchus.distribution.continuous.TDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Computed with scipy 1.10.1 and 1.17.1 (noncentral t), checked by numerical integration; 64 and 26 are also
/// the tabled values for d = 0.5 and 0.8 (Cohen 1988, from memory).
class RepeatsNeededTest {
    /// The t test of equal variances: what Welch's test comes to where its limit does not depend on the samples.
    @ParameterizedTest
    @CsvSource({
        "0.2, 0.8, 394, 0.8005931, 0.7995942",
        "0.5, 0.8, 64, 0.8014596, 0.7951683",
        "0.8, 0.8, 26, 0.8074866, 0.7914513",
        "1, 0.8, 17, 0.8070367, 0.7813978",
        "1.5, 0.8, 9, 0.8476101, 0.7965450",
        "2, 0.8, 6, 0.8764178, 0.7905424",
        "0.5, 0.9, 86, 0.9032300, 0.8998941",
        "0.8, 0.9, 34, 0.9015019, 0.8926077",
        "1, 0.9, 23, 0.9124984, 0.8997137",
        "2, 0.9, 7, 0.9290703, 0.8764178"
    })
    void agreesWithTheReference(double effect, double wanted, int n, double power, double powerBelow) {
        assertThat(RepeatsNeeded.passing(Student.reach(2 * n - 2), n, effect)).isCloseTo(power, within(1e-6));
        assertThat(RepeatsNeeded.passing(Student.reach(2 * n - 4), n - 1, effect))
                .isCloseTo(powerBelow, within(1e-6));
        // Welch's test has a little less power, so it needs as many or one more.
        assertThat(RepeatsNeeded.perSide(effect, wanted)).isBetween(n, n + 1);
        assertThat(RepeatsNeeded.power(n, effect)).isBetween(power - 0.06, power + 1e-6);
    }

    /// What it says is what happens: 4000 draws a case, standard error below 0.7 points.
    @ParameterizedTest
    @CsvSource({"2, 4", "3, 2.5", "3, 3.5", "4, 2.4", "6, 1.8", "12, 1.2"})
    void powerIsReachedInSimulation(int n, double effect) {
        SplittableRandom random = new SplittableRandom(n * 31L);
        int found = 0;
        for (int round = 0; round < 4000; round++) {
            double[] a = random.doubles(n).map(_ -> random.nextGaussian()).toArray();
            double[] b =
                    random.doubles(n).map(_ -> effect + random.nextGaussian()).toArray();
            found += Welch.of(a, b).p() <= 0.05 ? 1 : 0;
        }
        assertThat(found / 4000.0).isCloseTo(RepeatsNeeded.power(n, effect), within(0.025));
    }

    /// From a pilot of three runs, planned for 80 %: at least that much in four of five cases.
    @Test
    void aPilotsUpperLimitKeepsWhatItPromises() {
        SplittableRandom random = new SplittableRandom(5);
        int kept = 0;
        Map<Integer, Double> powers = new HashMap<>();
        for (int round = 0; round < 400; round++) {
            double[] pilot = {random.nextGaussian(), random.nextGaussian(), random.nextGaussian()};
            double limit = SpreadLimit.upper(Moments.of(pilot).sd(), 2);
            int n = RepeatsNeeded.perSide(2 / limit, 0.8);
            kept += powers.computeIfAbsent(n, runs -> RepeatsNeeded.power(runs, 2)) >= 0.8 ? 1 : 0;
        }
        assertThat(kept / 400.0).isGreaterThan(0.76);
    }

    /// Computed with scipy 1.10.1 (`chi2.ppf`).
    @ParameterizedTest
    @CsvSource({"1, 3.9471539", "2, 2.1169365", "4, 1.5575754"})
    void theUpperLimitOfASpread(int freedom, double limit) {
        assertThat(SpreadLimit.upper(1, freedom)).isCloseTo(limit, within(1e-6));
    }

    @Test
    void theDetectableDifferenceIsFoundWithThePowerThatIsUsual() {
        assertThat(RepeatsNeeded.power(5, RepeatsNeeded.detectable(5))).isCloseTo(0.8, within(1e-3));
        assertThat(RepeatsNeeded.detectable(6)).isLessThan(RepeatsNeeded.detectable(5));
    }

    @Test
    void withoutAShiftItIsStudentsT() {
        for (double t : new double[] {-3, -0.5, 0, 0.7, 2.4}) {
            assertThat(NoncentralT.cumulative(t, 7, 0))
                    .isCloseTo(new TDistribution(7).cumulativeProbability(t), within(1e-12));
        }
    }

    @Test
    void powerGrowsWithRunsAndWithTheEffect() {
        for (int n = 2; n < 40; n++) {
            assertThat(RepeatsNeeded.power(n + 1, 0.7)).isGreaterThan(RepeatsNeeded.power(n, 0.7));
            assertThat(RepeatsNeeded.power(n, 0.9)).isGreaterThan(RepeatsNeeded.power(n, 0.7));
        }
        assertThat(RepeatsNeeded.perSide(50, 0.8)).isEqualTo(2);
        assertThat(RepeatsNeeded.perSide(1e-6, 0.8)).isEqualTo(RepeatsNeeded.MOST);
    }

    @Test
    void refusesWhatHasNoAnswer() {
        assertThatThrownBy(() -> RepeatsNeeded.perSide(0, 0.8)).hasMessageContaining("effect must be above 0");
        assertThatThrownBy(() -> RepeatsNeeded.perSide(Double.NaN, 0.8)).hasMessageContaining("effect");
        assertThatThrownBy(() -> RepeatsNeeded.power(1, 1)).hasMessageContaining("perSide must be at least 2");
    }
}
