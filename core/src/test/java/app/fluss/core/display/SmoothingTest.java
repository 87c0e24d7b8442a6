package app.fluss.core.display;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.RefreshLedger;
import app.fluss.core.measure.SyncMode;
import java.util.Arrays;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class SmoothingTest {
    private static final DisplayMode SIXTY = new DisplayMode(60, SyncMode.FIFO);
    private static final double PERIOD = 1000 / 60.0;

    /// Images that stay for these numbers of refreshes, over and over, with even game time.
    private static FrameLog held(int... holds) {
        double[] at = new double[240];
        double[] content = new double[240];
        double mean = Arrays.stream(holds).average().orElseThrow() * PERIOD;
        double refreshes = 0;
        for (int i = 0; i < at.length; i++) {
            at[i] = refreshes * PERIOD;
            content[i] = i * mean;
            refreshes += holds[i % holds.length];
        }
        return FrameLog.presentedAt(at, at.length)
                .channel(Channel.DISPLAYED, at.clone())
                .channel(Channel.CONTENT, content)
                .build();
    }

    private static SmoothingAdvice advice(DisplayMode mode, int... holds) {
        return SmoothingAdvice.of(RefreshLedger.of(held(holds).all(), mode));
    }

    /// The rule of the sliders: common practice, no source.
    @Test
    void slidersFollowTheSource() {
        SmoothingAdvice thirty = advice(SIXTY, 2);
        assertThat(thirty.sourceFps().orNaN()).isCloseTo(30, within(1e-9));
        assertThat(thirty.lowRate().orNaN()).isGreaterThan(0.5);
        assertThat(thirty.fullRate().orNaN()).isZero();
        SmoothingAdvice sixty = advice(SIXTY, 1);
        assertThat(sixty.lowRate().orNaN()).isZero();
        assertThat(sixty.fullRate().orNaN()).isGreaterThan(0.5);
    }

    @Test
    void noSettingSuitsAnUnevenOrOddSource() {
        SmoothingAdvice uneven = advice(SIXTY, 1, 1, 2);
        assertThat(uneven.lowRate().isKnown()).isFalse();
        assertThat(uneven.acts()).isTrue();
        assertThat(uneven.words()).contains("67 %").contains("Cap the game");
        assertThat(advice(SIXTY, 3).words()).contains("steady 20 images/s is neither");
    }

    @Test
    void itActsAtSixtyHertzAndFixedRefreshOnly() {
        RefreshLedger variable = RefreshLedger.of(held(1).all(), new DisplayMode(60, SyncMode.VRR));
        assertThat(SmoothingAdvice.of(variable).acts()).isFalse();
        assertThat(SmoothingAdvice.of(variable).words()).contains("switch it off");
        RefreshLedger faster = RefreshLedger.of(held(1).all(), new DisplayMode(120, SyncMode.FIFO));
        assertThat(SmoothingAdvice.of(faster).words()).contains("120 Hz").contains("60 Hz");
    }

    /// Even images stay even. Holds of 1, 1, 2 with equal steps of game time (22.2 ms) run 1.33 times too fast
    /// over two refreshes and 0.67 times over the next two, on any panel: the error per panel refresh of p ms is
    /// p/3 throughout.
    @Test
    void smoothingDoesNotMendAnUnevenCadence() {
        FrameLog even = held(2);
        SmoothedMotion smooth = SmoothedMotion.of(even.all(), RefreshLedger.of(even.all(), SIXTY), 120);
        assertThat(smooth.newPerSecond().orNaN()).isCloseTo(120, within(1e-6));
        assertThat(smooth.motionErrorMs().orNaN()).isCloseTo(0, within(1e-6));

        FrameLog uneven = held(1, 1, 2);
        SmoothedMotion shaking = SmoothedMotion.of(uneven.all(), RefreshLedger.of(uneven.all(), SIXTY), 120);
        assertThat(shaking.newPerSecond().orNaN()).isCloseTo(120, within(1e-6));
        assertThat(shaking.motionErrorMs().orNaN()).isCloseTo(1000 / 120.0 / 3, within(1e-3));
    }

    @Test
    void withoutGameTimesNothingIsSaidOfMotion() {
        FrameLog bare = FrameLog.presentedAt(new double[] {0, 17, 33, 50}, 4).build();
        assertThat(SmoothedMotion.of(bare.all(), RefreshLedger.of(bare.all(), SIXTY), 120)
                        .motionErrorMs()
                        .isKnown())
                .isFalse();
    }

    @Test
    void variableRefreshRepeatsBelowItsFloor() {
        VariableWindow window = new VariableWindow(48, 144);
        assertThat(window.showings(60).orNaN()).isEqualTo(1);
        assertThat(window.showings(48).orNaN()).isEqualTo(1);
        assertThat(window.showings(47).orNaN()).isEqualTo(2);
        assertThat(window.showings(20).orNaN()).isEqualTo(3);
        assertThat(window.showings(200).orNaN()).as("the display limits").isEqualTo(1);
        assertThat(new VariableWindow(48, 60).showings(40).isKnown())
                .as("80 Hz lies above the ceiling")
                .isFalse();
    }

    /// 135 ms are 8.1 refreshes at 60 Hz, 20 to 25 ms 1.2 to 1.5: common practice, no source.
    @Test
    void lagsInRefreshesAndWords() {
        ModeLag film = new ModeLag("film", 135, true, Optional.of(true));
        assertThat(film.refreshes(60)).isCloseTo(8.1, within(1e-9));
        assertThat(film.use()).contains("not for play");
        assertThat(new ModeLag("game", 22, false, Optional.empty()).use()).isEqualTo("for play");
        assertThat(new ModeLag("vivid", 60, false, Optional.empty()).use()).contains("slow");
    }
}
