package app.fluss.core.tune;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Rates;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Bounds as they are shown: a cap that is kept is its own number, and half a step of the last decimal refuses nothing.
class SchoolTest {
    private static TuneCell cell(double cap, double held, double base, int multiplier) {
        Figure none = Figure.missing("not looked at");
        Rates rates = new Rates(none, Figure.of(base), Figure.of(base * multiplier), Figure.of(base * multiplier));
        return new TuneCell(cap, multiplier, held, rates, 40, 20, 1, 1, 0.5);
    }

    @ParameterizedTest
    @CsvSource({
        "40, 1, 39.6, false, false", // a cap of 40 is no less than 40
        "40, 0.98, 39.1, false, false",
        "40, 0.95, 39.1, false, true", // not kept: what it gives counts
        "NaN, NaN, 39.96, false, false", // shown as 40.0
        "NaN, NaN, 39.9, false, true",
        "NaN, NaN, 30, false, true",
        "NaN, NaN, 29.9, true, true",
        "30, 1, 29.7, false, true"
    })
    void smoothFirstAllowsThirtyWithAWarning(double cap, double held, double base, boolean refused, boolean warned) {
        Bounds bounds = School.SMOOTH_FIRST.bounds();
        TuneCell cell = cell(cap, held, base, 2);
        assertThat(School.refusal(cell, bounds).isPresent()).isEqualTo(refused);
        assertThat(School.warning(cell, bounds).isPresent()).isEqualTo(warned);
        assertThat(School.warning(cell(cap, held, base, 1), bounds))
                .as("without generation")
                .isEmpty();
        assertThat(School.refusal(cell(Double.NaN, Double.NaN, 59.9, 2), School.RESPONSE_FIRST.bounds())
                        .orElseThrow())
                .isEqualTo("it adds 20.0 ms, 10 are allowed");
    }
}
