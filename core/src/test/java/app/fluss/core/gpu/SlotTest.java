package app.fluss.core.gpu;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SlotTest {
    /// Rates of PCI Express generations 1 to 5 from memory; payload = raw rate times line code, derived.
    @ParameterizedTest
    @CsvSource({
        "1, 0.250000, 1.000000, 2.000000, 4.000000",
        "2, 0.500000, 2.000000, 4.000000, 8.000000",
        "3, 0.984615, 3.938462, 7.876923, 15.753846",
        "4, 1.969231, 7.876923, 15.753846, 31.507692",
        "5, 3.938462, 15.753846, 31.507692, 63.015385"
    })
    void payloadIsRateTimesLineCode(int generation, double x1, double x4, double x8, double x16) {
        assertThat(new Slot(generation, 1).payloadGigabytes()).isCloseTo(x1, within(1e-6));
        assertThat(new Slot(generation, 4).payloadGigabytes()).isCloseTo(x4, within(1e-6));
        assertThat(new Slot(generation, 8).payloadGigabytes()).isCloseTo(x8, within(1e-6));
        assertThat(new Slot(generation, 16).payloadGigabytes()).isCloseTo(x16, within(1e-6));
    }

    @Test
    void aCopyTakesItsBytesOverEightyFivePercentOfThePayload() {
        // 3840 × 2160 × 4 bytes = 33177600 bytes over 0.85 × 3.938462 GB/s.
        assertThat(new Slot(3, 4).copyMs(3840, 2160, 4))
                .isCloseTo(33_177_600 / (0.85 * 3.938461538e9) * 1000, within(1e-6));
    }

    @Test
    void refusesWhatNoSlotHas() {
        assertThatThrownBy(() -> new Slot(6, 4)).hasMessageContaining("generation must be in 1..5, got 6");
        assertThatThrownBy(() -> new Slot(3, 3)).hasMessageContaining("lanes must be 1, 2, 4, 8 or 16, got 3");
    }
}
