package app.fluss.core.feel.blind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.compare.Interval;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

final class BlindTest {
    private static final OptionalInt NONE = OptionalInt.empty();

    /// Computed with scipy 1.17.1 (`binomtest(...).proportion_ci("exact")`).
    @ParameterizedTest
    @CsvSource({
        "9, 16, 0.2987769, 0.8024659, 0.4018097",
        "12, 16, 0.4762292, 0.9273379, 0.0384064",
        "14, 20, 0.4572108, 0.8810684, 0.0576591",
        "0, 10, 0, 0.3084971, 1",
        "10, 10, 0.6915029, 1, 0.0009765625"
    })
    void sharesAndChancesAreThoseOfTables(int right, int of, double low, double high, double chance) {
        Interval share = ExactBinomial.share(right, of);
        assertThat(share.low()).isCloseTo(low, within(1e-7));
        assertThat(share.high()).isCloseTo(high, within(1e-7));
        assertThat(ExactBinomial.atLeast(right, of)).isCloseTo(chance, within(1e-7));
    }

    @Test
    void twelveOfSixteenAreNeededAndATrueThreeQuartersReachThemOften() {
        assertThat(ExactBinomial.needed(16, 0.05)).isEqualTo(12);
        assertThat(ExactBinomial.power(16, 0.05, 0.75)).isCloseTo(0.6301862, within(1e-7));
        assertThat(ExactBinomial.needed(4, 0.05))
                .as("4 of 4 by guessing: 1 of 16")
                .isEqualTo(5);
        assertThat(ExactBinomial.power(4, 0.05, 0.75)).isZero();
    }

    /// Computed with scipy's normal quantile; the correction from Hautus 1995, from memory.
    @ParameterizedTest
    @CsvSource({"0.9, 0.1, 2.5631031", "0.8, 0.3, 1.3660217", "0.7, 0.5, 0.5244005", "0.99, 0.01, 4.6526957"})
    void distanceIsTheDifferenceOfNormalQuantiles(double hits, double falseAlarms, double expected) {
        assertThat(Detection.dPrime(hits, falseAlarms)).isCloseTo(expected, within(1e-7));
    }

    @Test
    void correctedDistanceStaysFinite() {
        assertThat(Detection.dPrime(10, 10, 0, 10)).isCloseTo(3.3812433, within(1e-7));
        assertThat(Detection.dPrime(0, 0, 0, 0)).as("nothing was seen").isZero();
        assertThatThrownBy(() -> Detection.dPrime(1.0, 0.5)).hasMessageContaining("below 1");
    }

    private static List<BlindAnswer> answers(String shown, String said) {
        List<BlindAnswer> answers = new ArrayList<>();
        for (int i = 0; i < shown.length(); i++) {
            Side side = Side.valueOf(shown.substring(i, i + 1));
            answers.add(new BlindAnswer(
                    side,
                    Side.valueOf(said.substring(i, i + 1)),
                    OptionalInt.of(side == Side.A ? 4 : 2),
                    i % 2 == 0 ? NONE : OptionalInt.of(3)));
        }
        return answers;
    }

    @Test
    void resultSaysWhatWasToldApartInWords() {
        BlindResult told = BlindResult.of(answers("AABBABABAABBABAB", "AABBABABAABBBABA"));
        assertThat(told.words()).isEqualTo("12 of 16 right: told apart (one-sided p = 0.038).");
        // 8 of each side, 6 named A of A, 2 of B: (6.5/9, 2.5/9) by the correction; normal quantiles from a table.
        assertThat(told.dPrime().orNaN()).isCloseTo(2 * 0.5895, within(1e-3));
        assertThat(told.smoothness()).isEqualTo(new SignTest(8, 0, 0, 2.0 / 256));
        assertThat(told.response().isShown()).isFalse();

        BlindResult open = BlindResult.of(answers("AABBABABAABBABAB", "AABBABABABAABABA"));
        assertThat(open.right()).isEqualTo(9);
        assertThat(open.words())
                .isEqualTo(
                        "9 of 16 right: not shown to be told apart (one-sided p = 0.40); a true 75 % would have been found with a chance of 63 %.");
        assertThat(BlindResult.of(answers("AAAA", "AAAA")).dPrime().isKnown())
                .as("B was never shown")
                .isFalse();
    }

    /// `printf 'ABBA:000102030405060708090a0b0c0d0e0f' | sha256sum`, GNU coreutils.
    @Test
    void sealIsTheHashThatAnybodyCanMake() {
        Seal seal = Seal.of("ABBA", "000102030405060708090a0b0c0d0e0f");
        assertThat(seal.text()).isEqualTo("ABBA:000102030405060708090a0b0c0d0e0f");
        assertThat(seal.hash()).isEqualTo("ec59b1644dbc15ab5e6ef76c3f2309adcbb040305cdde1d33e72928672977994");
        assertThat(Seal.of("ABBB", seal.nonce()).hash()).isNotEqualTo(seal.hash());
        assertThatThrownBy(() -> Seal.of("ABC", seal.nonce())).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Seal.of("ABBA", "00")).hasMessageContaining("32 hexadecimal digits");
    }

    @Test
    void orderIsIndependentFlips() {
        Random random = new Random(5);
        int first = 0;
        int same = 0;
        for (int block = 0; block < 500; block++) {
            List<Side> order = Seal.draw(20, random).order();
            for (int i = 0; i < 20; i++) {
                first += order.get(i) == Side.A ? 1 : 0;
                same += i > 0 && order.get(i) == order.get(i - 1) ? 1 : 0;
            }
        }
        // 10000 and 9500 flips of a fair coin: standard deviations of 50 and 49.
        assertThat(first).isBetween(4800, 5200);
        assertThat(same).isBetween(4550, 4950);
    }
}
