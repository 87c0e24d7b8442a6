package app.fluss.core.latency.chain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.Histogram;
import app.fluss.core.measure.SyncMode;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/// Expected values follow from the rules of each stage by hand: a uniform wait of 0 to a has the mean a/2
/// and, at 5 % and 95 %, 0.05 a and 0.95 a.
class ChainEstimateTest {
    private static final DisplayMode TEARING_100 = new DisplayMode(100, SyncMode.TEARING);

    private static ChainModel model(BaseFrames base, Generation generation, DisplayMode mode, double tauMs) {
        return new ChainModel(
                new InputDevice(4, 1),
                base,
                generation,
                Optional.empty(),
                Optional.empty(),
                new Screen(mode, 2, false, 3, 1, 0.5, tauMs, Optional.empty()),
                Map.of());
    }

    private static BaseFrames capped() {
        return BaseFrames.alike(20, 4, 6, false, 2);
    }

    private static Generation.Interpolation interpolation(int multiplier) {
        return new Generation.Interpolation(multiplier, 1, true, 0, 0, 0, false);
    }

    private static double mean(ChainEstimate estimate, LatencyStage stage) {
        return time(estimate, stage).mean().orNaN();
    }

    private static StageTime time(ChainEstimate estimate, LatencyStage stage) {
        return estimate.stages().stream()
                .filter(time -> time.stage().orElseThrow() == stage)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aCappedGameWaitsForInputButForNoQueue() {
        ChainEstimate estimate = ChainEstimate.of(model(capped(), new Generation.None(), TEARING_100, 0), 0.5);
        assertThat(mean(estimate, LatencyStage.DEVICE)).isCloseTo(3, within(0.05));
        assertThat(mean(estimate, LatencyStage.SAMPLING)).isCloseTo(10, within(0.2));
        assertThat(time(estimate, LatencyStage.SAMPLING).p5().orNaN()).isCloseTo(1, within(0.2));
        assertThat(time(estimate, LatencyStage.SAMPLING).p95().orNaN()).isCloseTo(19, within(0.2));
        assertThat(mean(estimate, LatencyStage.QUEUE)).isZero();
        // 3 + 10 + 4 + 6 + 3 of the display + half a refresh of 10 ms to the middle of the screen.
        assertThat(estimate.total().mean().orNaN()).isCloseTo(31, within(0.2));
        assertThat(estimate.isWhole()).isTrue();
    }

    @Test
    void whereTheGpuHoldsTheGameUpAFrameTakesAsManyFrameTimesAsAreInFlight() {
        ChainEstimate estimate = ChainEstimate.of(
                model(BaseFrames.alike(20, 4, 20, true, 3), new Generation.None(), TEARING_100, 0), 0.5);
        double startToEnd = mean(estimate, LatencyStage.CPU)
                + mean(estimate, LatencyStage.QUEUE)
                + mean(estimate, LatencyStage.GPU);
        assertThat(startToEnd).isCloseTo(60, within(1e-9));
    }

    /// Four images at 1, 6, 11 and 16 ms show a quarter, a half, three quarters and all of the change.
    @Test
    void whenAGeneratedImageCountsHangsOnTheThreshold() {
        ChainModel model = model(capped(), interpolation(4), TEARING_100, 0);
        assertThat(mean(ChainEstimate.of(model, 0.2), LatencyStage.GENERATION)).isCloseTo(1, within(1e-9));
        assertThat(mean(ChainEstimate.of(model, 0.5), LatencyStage.GENERATION)).isCloseTo(6, within(1e-9));
        assertThat(mean(ChainEstimate.of(model, 0.9), LatencyStage.GENERATION)).isCloseTo(16, within(1e-9));
    }

    @Test
    void imagesThatRepeatTheirNeighbourShowNothingEarly() {
        Generation repeating = new Generation.Interpolation(4, 1, false, 0, 0, 0, false);
        ChainEstimate estimate = ChainEstimate.of(model(capped(), repeating, TEARING_100, 0), 0.2);
        assertThat(mean(estimate, LatencyStage.GENERATION)).isCloseTo(16, within(1e-9));
    }

    /// A first-order response passes a share s after tau · -ln(1 - s).
    @Test
    void thePanelAddsItsResponse() {
        ChainModel model = model(capped(), new Generation.None(), TEARING_100, 5);
        assertThat(mean(ChainEstimate.of(model, 0.5), LatencyStage.PANEL)).isCloseTo(5 * Math.log(2), within(1e-9));
        assertThat(mean(ChainEstimate.of(model, 0.9), LatencyStage.PANEL)).isCloseTo(5 * Math.log(10), within(1e-9));
    }

    @Test
    void aFixedRefreshWaitsHalfARefreshOnAverage() {
        ChainModel model = model(capped(), new Generation.None(), new DisplayMode(100, SyncMode.LATEST), 0);
        assertThat(mean(ChainEstimate.of(model, 0.5), LatencyStage.SYNC)).isCloseTo(5, within(0.1));
    }

    @Test
    void samplesReplaceAnEstimateAndSaySo() {
        ChainModel model = model(capped(), new Generation.None(), new DisplayMode(100, SyncMode.LATEST), 0)
                .withMeasured(LatencyStage.SYNC, new double[] {2, 2, 2});
        ChainEstimate estimate = ChainEstimate.of(model, 0.5);
        assertThat(mean(estimate, LatencyStage.SYNC)).isEqualTo(2);
        assertThat(time(estimate, LatencyStage.SYNC).basis()).isEqualTo(Basis.MEASURED);
    }

    @Test
    void theSameModelGivesTheSameFigures() {
        ChainModel model = model(capped(), interpolation(2), TEARING_100, 2);
        assertThat(ChainEstimate.of(model, 0.5).stages())
                .isEqualTo(ChainEstimate.of(model, 0.5).stages());
    }

    @Test
    void whatIsUnexplainedNamesLikelyCauses() {
        ChainEstimate estimate = ChainEstimate.of(model(capped(), new Generation.None(), TEARING_100, 0), 0.5);
        double mean = estimate.total().mean().orNaN();
        assertThat(Unexplained.of(mean + 0.5, 0.2, estimate, 20, 10).causes()).isEmpty();
        assertThat(Unexplained.of(mean + 20, 0.2, estimate, 20, 10).causes())
                .singleElement()
                .asString()
                .contains("frame in flight");
        assertThat(Unexplained.of(mean + 10, 0.2, estimate, 20, 10).causes())
                .singleElement()
                .asString()
                .contains("refresh");
        assertThat(Unexplained.of(mean + 120, 0.2, estimate, 20, 10).causes())
                .first()
                .asString()
                .contains("picture mode");
        assertThat(Unexplained.of(mean - 19, 0.2, estimate, 20, 10).causes())
                .first()
                .asString()
                .contains("fewer");
    }

    @Test
    void whatAPathAddsNeedsNoInputDevice() {
        ChainModel plain = model(capped(), new Generation.None(), TEARING_100, 0);
        ChainModel unstated = new ChainModel(
                InputDevice.UNKNOWN,
                capped(),
                interpolation(2),
                Optional.empty(),
                Optional.empty(),
                plain.screen(),
                Map.of());
        // Of two images the first, after 1 ms, shows half of the change.
        assertThat(ChainMeans.of(unstated, 0.5)
                        .addedTo(ChainMeans.of(plain, 0.5))
                        .orNaN())
                .isCloseTo(1, within(0.2));
        ChainModel noPanel = model(capped(), new Generation.None(), TEARING_100, Double.NaN);
        assertThat(ChainMeans.of(noPanel, 0.5)
                        .addedTo(ChainMeans.of(plain, 0.5))
                        .isKnown())
                .isFalse();
    }

    /// Device 3, sampling wait 10, CPU 4, GPU 6; then tearing, 3 in the display and 5 to its middle.
    @Test
    void partsAndBeginningsAddUpMeans() {
        ChainEstimate estimate = ChainEstimate.of(model(capped(), new Generation.None(), TEARING_100, 0), 0.5);
        assertThat(estimate.meanMs(LatencyStage.Part.GAME).orNaN()).isCloseTo(23, within(0.2));
        assertThat(estimate.meanMs(LatencyStage.Part.DISPLAY).orNaN()).isCloseTo(8, within(0.01));
        assertThat(estimate.meanMs(LatencyStage.Part.PATH).isKnown())
                .as("nothing stands between")
                .isFalse();
        assertThat(estimate.beginsMs(0)).isZero();
        int gpu = estimate.stages().indexOf(time(estimate, LatencyStage.GPU));
        assertThat(estimate.beginsMs(gpu)).isCloseTo(17, within(0.2));
        assertThat(estimate.beginsMs(estimate.stages().size()))
                .isCloseTo(estimate.total().mean().orNaN(), within(1e-6));
        assertThat(ChainEstimate.totalMeanMs(model(capped(), new Generation.None(), TEARING_100, 0), 0.5))
                .as("the same draws")
                .isCloseTo(estimate.total().mean().orNaN(), within(1e-9));
        Histogram bins = estimate.histogram(50, 10);
        int all = 0;
        for (int bin = 0; bin < bins.size(); bin++) {
            all += bins.count(bin);
        }
        assertThat(all).as("all lie between 19 and 43 ms").isEqualTo(ChainEstimate.DRAWS);
        assertThat(bins.count(0) + bins.count(1) + bins.count(2)).isZero();
    }

    @Test
    void whatIsNotStatedIsNamedAndLeftOut() {
        ChainModel unstated =
                model(BaseFrames.alike(20, 4, Double.NaN, false, 2), new Generation.None(), TEARING_100, 0);
        ChainEstimate estimate = ChainEstimate.of(unstated, 0.5);
        assertThat(estimate.isWhole()).isFalse();
        assertThat(estimate.missing()).isNotEmpty();
        assertThat(time(estimate, LatencyStage.GPU).basis()).isEqualTo(Basis.UNKNOWN);
        assertThat(time(estimate, LatencyStage.GPU).mean().isKnown()).isFalse();
    }

    private static Set<LatencyStage> stages(Generation generation, Optional<StreamTimes> stream) {
        ChainModel model = new ChainModel(
                new InputDevice(4, 1),
                capped(),
                generation,
                stream,
                Optional.empty(),
                new Screen(TEARING_100, 2, false, 3, 1, 0.5, 0, Optional.empty()),
                Map.of());
        return ChainDraw.stages(model);
    }

    @Test
    void aPathHasTheStagesThatItGoesThrough() {
        assertThat(stages(new Generation.None(), Optional.empty()))
                .contains(LatencyStage.PROCESSING)
                .doesNotContain(LatencyStage.GENERATION, LatencyStage.NETWORK, LatencyStage.SMOOTHING);
        assertThat(stages(interpolation(2), Optional.empty()))
                .contains(LatencyStage.GENERATION)
                .doesNotContain(LatencyStage.CAPTURE, LatencyStage.COPY);
        assertThat(stages(new Generation.Interpolation(2, 1, true, 4, 1.5, 0, true), Optional.empty()))
                .contains(LatencyStage.CAPTURE, LatencyStage.COPY);
        assertThat(stages(new Generation.Interpolation(2, 1, true, 0, Double.NaN, 0, true), Optional.empty()))
                .as("a copy of unknown length is one")
                .contains(LatencyStage.COPY);
        assertThat(stages(new Generation.None(), Optional.of(new StreamTimes(60, 4, 3, 2, 0, 5, 6))))
                .contains(LatencyStage.UPLINK, LatencyStage.ENCODE, LatencyStage.NETWORK, LatencyStage.DECODE);
    }

    /// Below the floor the panel repeats: an image that comes 20 ms after the one before, on a floor of 40 Hz, waits
    /// for
    /// nothing; 30 ms after it, the repeat at 25 ms is 5 ms old and 10 ms long.
    @Test
    void belowTheFloorAnImageMayWaitForARepeat() {
        DisplayMode floor = new DisplayMode(100, SyncMode.VRR, 40);
        assertThat(mean(ChainEstimate.of(model(capped(), new Generation.None(), floor, 0), 0.5), LatencyStage.SYNC))
                .isZero();
        BaseFrames slow = BaseFrames.alike(30, 4, 6, false, 2);
        assertThat(mean(ChainEstimate.of(model(slow, new Generation.None(), floor, 0), 0.5), LatencyStage.SYNC))
                .isCloseTo(5, within(1e-9));
        BaseFrames fast = BaseFrames.alike(5, 1, 2, false, 2);
        assertThat(mean(ChainEstimate.of(model(fast, new Generation.None(), floor, 0), 0.5), LatencyStage.SYNC))
                .as("above the ceiling half a refresh")
                .isCloseTo(5, within(0.2));
    }
}
