package app.fluss.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class RatesTest {
    private static final Figure NONE = Figure.missing("not stated");

    @Test
    void whatWasGeneratedAndWhatWasNotSeenLieBetweenTheRungs() {
        Rates rates = new Rates(NONE, Figure.of(48), Figure.of(96), Figure.of(60));
        assertThat(rates.generated()).isEqualTo(Figure.of(48));
        assertThat(rates.unseen()).isEqualTo(Figure.of(36));
        assertThat(new Rates(NONE, NONE, Figure.of(96), NONE).generated()).isEqualTo(NONE);
    }
}
