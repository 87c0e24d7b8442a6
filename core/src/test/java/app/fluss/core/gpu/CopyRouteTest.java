package app.fluss.core.gpu;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.measure.Figure;
import org.junit.jupiter.api.Test;

class CopyRouteTest {
    /// 2560 × 1440 × 4 bytes = 14 745 600 bytes over 0.85 × 7.876923 GB/s: 2.2024 ms.
    @Test
    void aCableInTheFirstCardCopiesTwice() {
        Slot slot = new Slot(4, 4);
        CopyRoute direct = CopyRoute.of(slot, 2560, 1440, 4, true, 3);
        CopyRoute back = CopyRoute.of(slot, 2560, 1440, 4, false, 3);
        double copyMs = 14_745_600 / (0.85 * 7.876923077e9) * 1000;
        assertThat(direct.addedMs()).isCloseTo(copyMs, within(1e-6));
        assertThat(direct.highestBaseFps()).isCloseTo(1000 / copyMs, within(1e-3));
        assertThat(back.addedMs()).isCloseTo(2 * copyMs, within(1e-6));
        assertThat(back.copiesBack()).isEqualTo(3);
        assertThat(back.highestBaseFps()).isCloseTo(1000 / copyMs / 3, within(1e-3));
        assertThat(back.busyShare(75)).isCloseTo(3 * 75 * copyMs / 1000, within(1e-6));
    }

    @Test
    void priceIsForGainsOnly() {
        GainPrice card = new GainPrice(180, Figure.of(90), Figure.of(11));
        assertThat(card.perFps().orNaN()).isEqualTo(2);
        assertThat(card.perSavedMs()).isEqualTo(Figure.missing("it takes no latency away"));
        GainPrice replaced = new GainPrice(600, Figure.of(-1), Figure.of(-8));
        assertThat(replaced.perSavedMs().orNaN()).isEqualTo(75);
        assertThat(replaced.perFps().isKnown()).isFalse();
        assertThat(new GainPrice(1, Figure.missing("no log"), Figure.of(1)).perFps())
                .isEqualTo(Figure.missing("no log"));
    }
}
