package app.fluss.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.distribution.continuous.TDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Computed with scipy 1.10.1 and 1.17.1 (noncentral t), checked by numerical integration; 64 and 26 are also the
/// tabled values for
/// d = 0.5 and 0.8 (Cohen 1988, from memory).
class RepeatsNeededTest {
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
        assertThat(RepeatsNeeded.perSide(effect, wanted)).isEqualTo(n);
        assertThat(RepeatsNeeded.power(n, effect)).isCloseTo(power, within(1e-6));
        assertThat(RepeatsNeeded.power(n - 1, effect)).isCloseTo(powerBelow, within(1e-6));
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
