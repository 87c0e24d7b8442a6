package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Locale;
import java.util.SplittableRandom;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Numbers as counters write them, and what misreadings make of them.
class SenseTest {
    private static final int PICTURES = 200;

    private static String[] texts(IntFunction<String> text) {
        String[] texts = new String[PICTURES];
        Arrays.setAll(texts, text);
        return texts;
    }

    private static String[] checked(String[] texts) {
        String[] left = texts.clone();
        Sense.check(left);
        return left;
    }

    @ParameterizedTest
    @ValueSource(strings = {"%.0f", "%.1f", "%.2f", "%05.1f"})
    void whatACounterWritesStays(String format) {
        SplittableRandom random = new SplittableRandom(1);
        String[] texts = texts(_ -> String.format(Locale.ROOT, format, random.nextDouble(4, 200)));
        texts[7] = "";
        assertThat(checked(texts)).isEqualTo(texts);
    }

    @Test
    void aNumberMayHaveFewerDecimalsTheLargerItIs() {
        SplittableRandom random = new SplittableRandom(2);
        String[] texts = texts(_ -> {
            double value = random.nextDouble(10, 300);
            return String.format(Locale.ROOT, value < 99.95 ? "%.1f" : "%.0f", value);
        });
        assertThat(checked(texts)).isEqualTo(texts);
    }

    @Test
    void aPointNowAndThenIsNone() {
        String[] texts = texts(i -> i % 20 == 0 ? "6.1" : "6" + i % 10);
        assertThat(checked(texts)).isEqualTo(texts(i -> i % 20 == 0 ? "" : "6" + i % 10));
    }

    @Test
    void pointsAnywhereAreNone() {
        String[] texts = texts(i -> i % 2 == 0 ? "1" + i % 10 + "3" : "2." + i % 10 + "4" + i % 7);
        String[] large = texts(i -> i % 2 == 0 ? "1." + i % 10 : String.valueOf(i % 9 + 1));
        assertThat(checked(texts)).as("fewer decimals where it is larger").isEqualTo(texts);
        assertThat(checked(large)).containsOnly("");
    }

    /// Where a face draws the point under the arm of a 7, it is lost after each 7.
    @Test
    void numbersThatHaveLostTheirPointAreNoLargerOnes() {
        String[] texts = texts(i -> {
            String text = String.format(Locale.ROOT, "%.1f", 5 + i * 7 % 230 / 10.0);
            return text.replace("7.", "7");
        });
        assertThat(checked(texts)).as("72 beside 18.4").containsOnly("");
        String[] above = texts(i -> i % 6 == 0 ? "17" + i % 10 : 12 + i % 18 + "." + i % 9);
        assertThat(checked(above))
                .as("17 times as many as 17.5, and none between")
                .containsOnly("");
    }

    /// A menu that runs faster than what it leads to.
    @Test
    void numbersFarLargerMayHaveNoDecimals() {
        String[] texts = texts(i -> i % 3 == 0 ? "30" + i % 10 : 50 + i % 20 + "." + i % 9);
        assertThat(checked(texts)).isEqualTo(texts);
    }

    @Test
    void aStrokeOfTheUnitIsNoFigure() {
        String[] texts = texts(i -> 100 + i / 10 + (i % 10 < 3 ? "1" : ""));
        String[] left = checked(texts);
        for (int i = 0; i < PICTURES; i++) {
            assertThat(left[i]).isEqualTo(i % 10 < 3 ? "" : String.valueOf(100 + i / 10));
        }
    }

    @Test
    void aStrokeThatOftenFollowsNumbersThatChangeOnEveryPictureIsNoFigure() {
        String[] texts = texts(i -> 1500 + i * 37 % 900 + (i % 10 == 0 ? "1" : ""));
        assertThat(checked(texts)).isEqualTo(texts(i -> i % 10 == 0 ? "" : String.valueOf(1500 + i * 37 % 900)));
    }

    @Test
    void aCounterThatGoesInStepsOfTenMayGainAFigure() {
        String[] texts = texts(i -> String.valueOf(700 + i % 34 * 10));
        assertThat(checked(texts)).isEqualTo(texts);
    }

    @Test
    void aLoadMayRiseByAHundredNowAndThen() {
        String[] texts = texts(i -> i == 50 ? "160" : i == 51 ? "60" : String.valueOf(40 + i % 37));
        assertThat(checked(texts)).isEqualTo(texts);
    }

    @Test
    void manyNumbersOfTwoFiguresAreStrokes() {
        String[] texts = texts(i -> Integer.toBinaryString(i % 16 + 16).replace('0', '3'));
        assertThat(checked(texts)).containsOnly("");
        String[] two = texts(i -> i % 2 == 0 ? "59" : "60");
        assertThat(checked(two)).isEqualTo(two);
    }

    /// A hundred pictures, the first of which show something else.
    private static String[] mixed(int first, String other, String rest) {
        return IntStream.range(0, 100).mapToObj(i -> i < first ? other : rest).toArray(String[]::new);
    }

    @Test
    void whatNearlyAllNumbersHaveAfterThePointIsUsual() {
        assertThat(Sense.usualDecimals(mixed(4, "8.33", "16.7"))).isEqualTo(1);
        assertThat(Sense.usualDecimals(mixed(50, "", "6.25")))
                .as("open pictures")
                .isEqualTo(2);
    }

    @Test
    void numbersOfThreeFiguresInAllHaveNoUsualDecimals() {
        assertThat(Sense.usualDecimals(mixed(10, "8.33", "16.7"))).isEqualTo(-1);
    }

    @Test
    void withoutAPointOneMoreFigureMayAlwaysFollow() {
        assertThat(Sense.usualDecimals(mixed(0, "", "101"))).isEqualTo(-1);
        assertThat(Sense.usualDecimals(mixed(0, "", ""))).isEqualTo(-1);
    }
}
