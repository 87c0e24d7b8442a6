package app.fluss.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class FigureTest {
    @ParameterizedTest
    @ValueSource(doubles = {Double.NaN, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY})
    void isNeverWhatIsNoNumber(double value) {
        assertThatThrownBy(() -> Figure.of(value)).hasMessageContaining("must be finite");
        assertThat(Figure.ofFinite(value, "why")).isEqualTo(Figure.missing("why"));
    }

    @Test
    void missingStaysMissingWithItsFirstReason() {
        Figure missing = Figure.missing("no log");
        assertThat(missing.map(v -> v * 2)).isEqualTo(missing);
        assertThat(missing.with(Figure.of(2), Double::sum)).isEqualTo(missing);
        assertThat(Figure.of(2).with(missing, Double::sum)).isEqualTo(missing);
        assertThat(missing.with(Figure.missing("other"), Double::sum)).isEqualTo(missing);
        assertThat(missing.orNaN()).isNaN();
    }

    @Test
    void aResultThatIsNoNumberIsMissing() {
        assertThat(Figure.of(1).with(Figure.of(0), (a, b) -> a / b).isKnown()).isFalse();
        assertThat(Figure.of(6).with(Figure.of(3), (a, b) -> a / b)).isEqualTo(Figure.of(2));
    }

    @Test
    void gradesOrderFromBestToWorst() {
        assertThat(Grade.A.weaker(Grade.D)).isEqualTo(Grade.D);
        assertThat(Grade.C.weaker(Grade.B)).isEqualTo(Grade.C);
        assertThat(Grade.B.hasLog()).isTrue();
        assertThat(Grade.C.hasLog()).isFalse();
    }
}
