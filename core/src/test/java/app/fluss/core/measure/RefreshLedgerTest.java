package app.fluss.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import java.util.Arrays;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class RefreshLedgerTest {
    /// Histograms and deviations derived from `hold_i = floor((i+1)R/b) - floor(iR/b)`.
    @ParameterizedTest
    @CsvSource({
        "24, 60, 2, 1:0 2:1 3:1, 0.5, 8.333333, false",
        "30, 60, 1, 2:1, 0, 0, true",
        "60, 90, 2, 1:1 2:1, 0.5, 5.555556, false",
        "72, 90, 4, 1:3 2:1, 0.375, 4.166667, false",
        "40, 120, 1, 3:1, 0, 0, true",
        "50, 120, 5, 2:3 3:2, 0.48, 4.0, false",
        "37, 60, 37, 1:14 2:23, 0.470416, 7.840273, false"
    })
    void cadenceAndItsMotionErrorAgreeWithTheDefinition(
            int b, int hz, int period, String histogram, double deviation, double errorMs, boolean even) {
        Cadence cadence = new Cadence(b, hz);
        assertThat(cadence.isEven()).isEqualTo(even);
        assertThat(cadence.holdDeviation()).isCloseTo(deviation, within(1e-6));

        int n = period * 4 + 1;
        double[] displayed = new double[n];
        double[] content = new double[n];
        int refresh = 0;
        for (int i = 0; i < n; i++) {
            displayed[i] = refresh * 1000.0 / hz;
            content[i] = i * 1000.0 / b;
            refresh += cadence.hold(i);
        }
        Analysis run = Analysis.of(
                Logs.shown(content, displayed, content).all(),
                AnalysisSettings.NONE.withDisplay(new DisplayMode(hz, SyncMode.FIFO)));
        for (String entry : histogram.split(" ")) {
            int hold = Integer.parseInt(entry.split(":")[0]);
            int count = Integer.parseInt(entry.split(":")[1]) * 4;
            assertThat(run.ledger().orElseThrow().holdCounts().getOrDefault(hold, 0))
                    .isEqualTo(count);
        }
        assertThat(run.ledger().orElseThrow().holdDeviation().orNaN()).isCloseTo(deviation, within(1e-6));
        assertThat(run.motion().meanAbs().orNaN()).isCloseTo(errorMs, within(1e-6));
        assertThat(run.rates().delivered().orNaN()).isCloseTo(b, within(1e-6));
    }

    @ParameterizedTest
    @EnumSource(SyncMode.class)
    void deliveredNeverExceedsRefreshAndEveryImageIsAccountedFor(SyncMode sync) {
        for (double step : new double[] {2, 5, 9, 16, 40}) {
            FrameLog log = Logs.presentedAt(Logs.randomTimes(3000, step, (long) step));
            RefreshLedger ledger = RefreshLedger.of(log.all(), new DisplayMode(60, sync, 40));
            double presented = FrameTimes.of(log.all()).rate().orNaN();
            if (sync == SyncMode.TEARING && step == 2) {
                // Nobody owns a third of a scan-out.
                assertThat(ledger.deliveredRate().isKnown()).isFalse();
                continue;
            }
            assertThat(ledger.deliveredRate().orNaN()).isLessThanOrEqualTo(60).isLessThanOrEqualTo(presented * 1.01);
            assertThat(ledger.shown() + ledger.lost()).isLessThanOrEqualTo(log.size());
            for (int position = 1; position < ledger.shown(); position++) {
                assertThat(ledger.refresh(position)).isGreaterThan(ledger.refresh(position - 1));
                assertThat(ledger.image(position)).isGreaterThan(ledger.image(position - 1));
            }
        }
    }

    @Test
    void latestShowsTheNewestAndLosesTheRest() {
        // 60 Hz: refreshes at 0, 16.67, 33.33, 50.
        RefreshLedger ledger =
                RefreshLedger.of(Logs.presentedAt(0, 5, 12, 30, 33, 50).all(), new DisplayMode(60, SyncMode.LATEST));
        assertThat(ledger.shown()).isEqualTo(4);
        assertThat(ledger.lost()).isEqualTo(2);
        assertThat(ledger.lostImage(0)).isEqualTo(1);
        assertThat(ledger.image(2)).isEqualTo(4);
        assertThat(ledger.basis()).isEqualTo(RefreshLedger.Basis.INFERRED);
    }

    @Test
    void fifoMakesEachImageWaitItsTurn() {
        RefreshLedger ledger =
                RefreshLedger.of(Logs.presentedAt(0, 1, 2, 60, 100).all(), new DisplayMode(60, SyncMode.FIFO));
        assertThat(ledger.lost()).isZero();
        assertThat(ledger.refresh(1)).isEqualTo(1);
        assertThat(ledger.refresh(2)).isEqualTo(2);
        assertThat(ledger.refresh(3)).isEqualTo(4);
    }

    @Test
    void tearingCreditsWhoOwnsMostOfAScanOut() {
        // 90 images/s on 60 Hz: every third image owns only a third of one scan-out, less than its neighbour.
        double[] present = new double[93];
        Arrays.setAll(present, i -> i * 1000.0 / 90);
        RefreshLedger ledger = RefreshLedger.of(Logs.presentedAt(present).all(), new DisplayMode(60, SyncMode.TEARING));
        assertThat(ledger.shown()).isEqualTo(61);
        assertThat(ledger.lost()).isEqualTo(ledger.image(60) + 1 - 61);
        assertThat(ledger.deliveredRate().orNaN()).isCloseTo(60, within(1e-9));
    }

    @Test
    void variableRefreshFollowsLimitsAndRepeats() {
        DisplayMode mode = new DisplayMode(100, SyncMode.VRR, 40);
        RefreshLedger ledger =
                RefreshLedger.of(Logs.presentedAt(0, 20, 25, 28, 100).all(), mode);
        // 25 waits for 30 and is passed by 28; the gap of 70 ms needs three scan-outs above 40 Hz.
        assertThat(ledger.shown()).isEqualTo(4);
        assertThat(ledger.lostImage(0)).isEqualTo(2);
        assertThat(ledger.shownAtMs(2)).isEqualTo(30);
        assertThat(ledger.holdCounts()).isEqualTo(Map.of(1, 2, 3, 1));
    }

    @Test
    void phantomImagesLengthenTheHoldOfWhatTheyRepeat() {
        double[] at = new double[120];
        double[] content = new double[120];
        for (int i = 0; i < at.length; i++) {
            at[i] = i * 1000.0 / 120;
            content[i] = (i / 2) * 1000.0 / 60;
        }
        Analysis run = Analysis.of(
                Logs.shown(at, at, content).all(),
                AnalysisSettings.NONE.withDisplay(new DisplayMode(120, SyncMode.FIFO)));
        RefreshLedger ledger = run.ledger().orElseThrow();
        assertThat(ledger.repeats()).isEqualTo(60);
        assertThat(run.rates().presented().orNaN()).isCloseTo(120, within(1e-9));
        assertThat(run.rates().delivered().orNaN()).isCloseTo(60, within(1e-9));
        assertThat(ledger.holdCounts()).isEqualTo(Map.of(2, 59));
        assertThat(ledger.evenShare().orNaN()).isEqualTo(1);
    }

    @Test
    void followsATrueRateThatIsALittleOffTheStatedOne() {
        double[] at = new double[40_000];
        Arrays.setAll(at, i -> i * 1000 / 59.94);
        RefreshLedger ledger = RefreshLedger.of(Logs.shown(at, at, at).all(), new DisplayMode(60, SyncMode.FIFO));
        assertThat(ledger.holdCounts()).isEqualTo(Map.of(1, at.length - 1));
        assertThat(ledger.gridError().orNaN()).isLessThan(0.02);
    }

    @Test
    void imagesWithoutADisplayTimeAreLost() {
        FrameLog log = FrameLog.presentedAt(new double[] {0, 10, 20}, 3)
                .channel(Channel.DISPLAYED, new double[] {5, Double.NaN, 25})
                .build();
        RefreshLedger ledger = RefreshLedger.of(log.all(), new DisplayMode(100, SyncMode.FIFO));
        assertThat(ledger.lost()).isEqualTo(1);
        assertThat(ledger.holdCounts()).isEqualTo(Map.of(2, 1));
    }

    /// With tearing an image is seen from its flip on: flips that follow the game time exactly have no error.
    @Test
    void tearingIsTimedByItsFlips() {
        double[] at = Logs.randomTimes(400, 11, 5);
        FrameLog log = FrameLog.presentedAt(at.clone(), at.length)
                .channel(Channel.DISPLAYED, at.clone())
                .channel(Channel.CONTENT, at.clone())
                .build();
        DisplayMode tearing = new DisplayMode(60, SyncMode.TEARING);
        Analysis run = Analysis.of(log.all(), AnalysisSettings.NONE.withDisplay(tearing));
        assertThat(run.motion().meanAbs().orNaN()).isCloseTo(0, within(1e-9));
    }

    /// 59 images a second on 60 Hz fall one refresh behind a second; 29.9 do so every five seconds.
    @ParameterizedTest
    @CsvSource({"59, 60, 1000, true", "29.9, 60, 5000, true", "50, 60, 100, false", "118, 120, 500, true"})
    void aBeatIsOneRefreshGainedOrLost(double b, double hz, double beatMs, boolean slow) {
        Cadence cadence = new Cadence(b, hz);
        assertThat(cadence.beatPeriodMs().orNaN()).isCloseTo(beatMs, within(1e-6));
        assertThat(cadence.hasSlowBeat()).isEqualTo(slow);
        assertThat(new Cadence(30, 60).beatPeriodMs().isKnown()).isFalse();
        assertThat(new Cadence(30, 60).hasSlowBeat()).isFalse();
    }

    /// Images 2 and 4 show the game time of the one before: on the panel they are a longer hold.
    @Test
    void aRepeatLengthensTheHoldBeforeIt() {
        double[] shown = {0, 10, 20, 30, 40, 50, 60};
        double[] content = {0, 10, 10, 30, 30, 50, 60};
        RefreshLedger ledger =
                RefreshLedger.of(Logs.shown(shown, shown, content).all(), new DisplayMode(100, SyncMode.LATEST));
        assertThat(ledger.shown()).isEqualTo(7);
        assertThat(ledger.distinct()).isEqualTo(5);
        assertThat(ledger.repeats()).isEqualTo(2);
        assertThat(ledger.isRepeat(2)).isTrue();
        assertThat(ledger.isRepeat(3)).isFalse();
        assertThat(ledger.holdCounts()).isEqualTo(Map.of(1, 2, 2, 2));
        assertThat(ledger.deliveredRate().orNaN()).isCloseTo(1000 * 4 / 60.0, within(1e-9));
        assertThat(ledger.evenShare().orNaN()).isEqualTo(0.5);
        assertThat(ledger.holdDeviation().orNaN()).isEqualTo(0.5);
        assertThat(ledger.positionAt(-1)).isEqualTo(-1);
        assertThat(ledger.positionAt(0)).isEqualTo(0);
        assertThat(ledger.positionAt(34.9)).isEqualTo(3);
        assertThat(ledger.positionAt(40)).isEqualTo(4);
        assertThat(ledger.positionAt(1e6)).isEqualTo(6);
        assertThat(ledger.basis().label()).isEqualTo("measured");
    }

    @Test
    void withoutASecondImageThereIsNoHold() {
        RefreshLedger one = RefreshLedger.of(
                Logs.shown(new double[] {0}, new double[] {0}, new double[] {0}).all(),
                new DisplayMode(100, SyncMode.LATEST));
        assertThat(one.evenShare().isKnown()).isFalse();
        assertThat(one.holdDeviation().isKnown()).isFalse();
        assertThat(one.deliveredRate().isKnown()).isFalse();
    }
}
