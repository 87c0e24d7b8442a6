package app.fluss.app.theme;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.measure.Figure;
import java.util.Locale;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NumbersTest {
    private final Locale before = Locale.getDefault();

    @AfterEach
    void restore() {
        Locale.setDefault(before);
    }

    @Test
    void followTheLocale() {
        Locale.setDefault(Locale.GERMANY);
        assertThat(Numbers.text(1234.5, 1)).isEqualTo("1.234,5");
        Locale.setDefault(Locale.UK);
        assertThat(Numbers.text(1234.5, 1)).isEqualTo("1,234.5");
    }

    @Test
    void whatRoundsToNothingHasNoSign() {
        Locale.setDefault(Locale.UK);
        assertThat(Numbers.text(-0.004, 2)).isEqualTo("0.00");
        assertThat(Numbers.text(-0.006, 2)).isEqualTo("−0.01");
        Locale.setDefault(Locale.GERMANY);
        assertThat(Numbers.text(-0.004, 2)).isEqualTo("0,00");
    }

    @Test
    void aMissingFigureIsADashWithItsReason() {
        Locale.setDefault(Locale.UK);
        Figure missing = Figure.missing("the log has no game times");
        assertThat(Numbers.text(missing, 1)).isEqualTo("–");
        assertThat(Numbers.percent(missing, 1)).isEqualTo("–");
        assertThat(Numbers.reason(missing)).isEqualTo("Not available: the log has no game times.");
        assertThat(Numbers.percent(Figure.of(0.125), 1)).isEqualTo("12.5 %");
        assertThat(Numbers.reason(Figure.of(0))).isEmpty();
    }

    /// Numbers are typed with point or comma; blank is "not stated".
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"59.94 | 59.94", "59,94 | 59.94", "' 60 ' | 60", "'' | NaN", "sixty | NaN"})
    void typedNumbersAreRead(String typed, Double value) {
        assertThat(NumberField.value(typed)).isEqualTo(value);
    }

    @Test
    void typedNumbersComeBack() {
        assertThat(NumberField.text(60)).isEqualTo("60");
        assertThat(NumberField.text(59.94)).isEqualTo("59.94");
    }
}
