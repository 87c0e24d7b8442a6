package app.fluss.core.path;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.path.Outcome.State;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class WorkedOutTest {
    private static List<Outcome> of(BenchPart part, Object... facts) {
        Map<FactKey, String> values = new HashMap<>();
        for (int i = 0; i < facts.length; i += 2) {
            values.put((FactKey) facts[i], facts[i + 1].toString());
        }
        return WorkedOut.of(part, Setup.EMPTY.with(values, FactSource.TYPED));
    }

    /// 2160p over TMDS at 600 MHz: 60 Hz at 8 bits and no more (HDMI 2.0, from memory).
    @Test
    void everyRateOnOfferIsHeldAgainstTheCable() {
        List<Outcome> rates = of(
                BenchPart.DISPLAY,
                FactKey.WIDTH_PX,
                3840,
                FactKey.HEIGHT_PX,
                2160,
                FactKey.CABLE,
                "HDMI TMDS 600 MHz",
                FactKey.REFRESH_LIST,
                "60 (preferred), 120",
                FactKey.OUTPUT_HZ,
                120);
        assertThat(rates).extracting(Outcome::state).containsExactly(State.MET, State.NOT_MET);
        assertThat(rates.getFirst().seen())
                .isEqualTo("60 Hz, 4:4:4 or RGB assumed: at 8 bits it fits, at 10 bits it does not fit uncompressed");
    }

    @Test
    void withoutACableNothingIsClaimed() {
        assertThat(of(BenchPart.DISPLAY)).extracting(Outcome::state).containsExactly(State.UNKNOWN);
        assertThat(of(BenchPart.RIG)).isEmpty();
        assertThat(of(BenchPart.GAME)).isEmpty();
    }

    /// PCI Express 3.0: 0.9846 GB/s a lane (128b/130b, from memory).
    @Test
    void aRigSaysWhatItsSlotsCarry() {
        List<Outcome> rig = of(
                BenchPart.RIG,
                FactKey.SECOND_CARD,
                "Rill 40",
                FactKey.SECOND_SLOT_GENERATION,
                3,
                FactKey.SECOND_SLOT_LANES,
                "4");
        assertThat(rig.getFirst().seen()).contains("second card's slot carries 3.94 GB/s", "9.91 ms");
        assertThat(rig.getLast().state()).as("powers are not stated").isEqualTo(State.UNKNOWN);
    }
}
