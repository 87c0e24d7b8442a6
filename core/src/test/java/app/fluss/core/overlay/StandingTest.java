package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class StandingTest {
    /// A hundred pictures, the first of which show something else.
    private static String[] texts(int first, String other, String rest) {
        return IntStream.range(0, 100).mapToObj(i -> i < first ? other : rest).toArray(String[]::new);
    }

    @Test
    void whatNearlyAllNumbersHaveAfterThePointIsUsual() {
        assertThat(Standing.usualDecimals(texts(4, "8.33", "16.7"))).isEqualTo(1);
        assertThat(Standing.usualDecimals(texts(50, "", "6.25")))
                .as("open pictures")
                .isEqualTo(2);
    }

    @Test
    void numbersOfThreeFiguresInAllHaveNoUsualDecimals() {
        assertThat(Standing.usualDecimals(texts(10, "8.33", "16.7"))).isEqualTo(-1);
    }

    @Test
    void withoutAPointOneMoreFigureMayAlwaysFollow() {
        assertThat(Standing.usualDecimals(texts(0, "", "101"))).isEqualTo(-1);
        assertThat(Standing.usualDecimals(texts(0, "", ""))).isEqualTo(-1);
    }
}
