package app.fluss.core.tune;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.gpu.Slot;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.path.Check;
import app.fluss.core.path.Outcome;
import app.fluss.core.path.StatedCopy;
import java.util.Map;
import org.junit.jupiter.api.Test;

class TuneBenchTest {
    private static final DisplayMode MODE = new DisplayMode(144, SyncMode.VRR);
    private static final Setup SLOT = Setup.EMPTY.with(
            Map.of(
                    FactKey.SECOND_SLOT_GENERATION, "3",
                    FactKey.SECOND_SLOT_LANES, "4",
                    FactKey.WIDTH_PX, "2560",
                    FactKey.HEIGHT_PX, "1440"),
            FactSource.TYPED);

    @Test
    void whatIsStatedIsTakenAndTheRestIsUsual() {
        TuneBench usual = TuneBench.stated(1.5, true, MODE, Setup.EMPTY);
        assertThat(usual).isEqualTo(new TuneBench(1.5, true, 0, MODE, 2, 2));
        TuneBench stated = TuneBench.stated(
                1.5,
                true,
                MODE,
                SLOT.with(
                        Map.of(FactKey.FRAMES_IN_FLIGHT, "3", FactKey.WAITING_IMAGES, "1", FactKey.COPY_BYTES, "8"),
                        FactSource.TYPED));
        assertThat(stated.inFlight()).isEqualTo(3);
        assertThat(stated.waiting()).isEqualTo(1);
        assertThat(stated.copyMs()).isCloseTo(new Slot(3, 4).copyMs(2560, 1440, 8), within(1e-12));
    }

    @Test
    void onlyASecondCardIsCopiedTo() {
        assertThat(TuneBench.stated(1.5, false, MODE, SLOT).copyMs()).isZero();
        assertThat(TuneBench.stated(1.5, true, MODE, SLOT).copyMs())
                .as("4 bytes a pixel where nothing is stated")
                .isCloseTo(new Slot(3, 4).copyMs(2560, 1440, 4), within(1e-12));
    }

    @Test
    void aCopyNeedsItsFacts() {
        assertThat(StatedCopy.missing(SLOT)).containsExactly(FactKey.COPY_BYTES);
        assertThat(StatedCopy.ms(SLOT)).isNaN();
        assertThat(StatedCopy.route(SLOT, true, 2)).isEmpty();
        Setup whole = SLOT.with(Map.of(FactKey.COPY_BYTES, "4"), FactSource.TYPED);
        assertThat(StatedCopy.route(whole, false, Double.NaN).orElseThrow().multiplier())
                .isEqualTo(1);
        assertThat(StatedCopy.isCableInSecond(whole)).isTrue();
        assertThat(StatedCopy.isCableInSecond(whole.with(Map.of(FactKey.CABLE_IN, "first card"), FactSource.TYPED)))
                .isFalse();
        assertThat(Check.SLOT_CARRIES_COPY.judge(whole).state()).isEqualTo(Outcome.State.UNKNOWN);
        assertThat(Check.SLOT_CARRIES_COPY
                        .judge(whole.with(Map.of(FactKey.COPY_FPS, "120"), FactSource.TYPED))
                        .state())
                .isEqualTo(Outcome.State.MET);
    }

    @Test
    void refusesWhatNoBenchHas() {
        assertThatThrownBy(() -> new TuneBench(-1, false, MODE, 2)).hasMessageContaining("costMs");
        assertThatThrownBy(() -> new TuneBench(1, true, 0, MODE, 9, 2)).hasMessageContaining("waiting 1..8");
    }
}
