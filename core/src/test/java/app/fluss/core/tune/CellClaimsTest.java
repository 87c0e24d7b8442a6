package app.fluss.core.tune;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Rates;
import app.fluss.core.verdict.School;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Bounds as they are shown: a cap that is kept is its own number, and half a step of the last decimal refuses
/// nothing.
class CellClaimsTest {
    private static final TuneCell NATIVE = cell(Double.NaN, Double.NaN, 45, 1, 0);

    private static TuneCell cell(double cap, double held, double base, int multiplier, double addedMs) {
        Figure none = Figure.missing("not looked at");
        Rates rates = new Rates(none, Figure.of(base), Figure.of(base * multiplier), Figure.of(base * multiplier));
        return new TuneCell(cap, multiplier, held, rates, 40, addedMs, 1, 1, 0.5);
    }

    private static CellClaims claims(School school) {
        return new CellClaims(school, 144, NATIVE);
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
        "25, 1, 24.8, true, true"
    })
    void smoothFirstAllowsThirtyWithAWarning(double cap, double held, double base, boolean refused, boolean warned) {
        CellClaims claims = claims(School.SMOOTH_FIRST);
        TuneCell cell = cell(cap, held, base, 2, 20);
        assertThat(claims.refusal(cell).isPresent()).isEqualTo(refused);
        assertThat(claims.warning(cell).isPresent()).isEqualTo(warned);
    }

    /// Every claim that a cell tells is asked, by the words and numbers that verdicts use; to leave it off is
    /// always possible.
    @Test
    void everyClaimOfTheSchoolIsAsked() {
        assertThat(claims(School.RESPONSE_FIRST).refusal(cell(Double.NaN, Double.NaN, 61, 2, 20)))
                .contains("it adds 20.0 ms, 10 are allowed");
        assertThat(claims(School.RESPONSE_FIRST).refusal(cell(Double.NaN, Double.NaN, 59.9, 2, 5)))
                .contains("base rate 59.9/s is below 60.0/s");
        assertThat(claims(School.SMOOTH_FIRST).refusal(cell(Double.NaN, Double.NaN, 46, 1, 0)))
                .contains("delivered gain 1.02 × is below 1.20 ×");
        assertThat(claims(School.RATE_FIRST).refusal(cell(Double.NaN, Double.NaN, 60, 2, 1)))
                .as("120 of 144")
                .contains("delivered, of the refresh rate 83 % is below 90 %");
        assertThat(claims(School.RESPONSE_FIRST).refusal(NATIVE)).isEmpty();
        assertThat(claims(School.RESPONSE_FIRST).warning(NATIVE)).isEmpty();
    }
}
