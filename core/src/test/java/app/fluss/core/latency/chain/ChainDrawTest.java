package app.fluss.core.latency.chain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.SyncMode;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/// Single clicks through a path: every one must lie within what its stages allow, and add up.
class ChainDrawTest {
    private static final int DRAWS = 4000;
    private static final InputDevice DEVICE = new InputDevice(4, 1);
    private static final BaseFrames CAPPED = BaseFrames.alike(20, 4, 6, false, 2);

    private static Screen screen(DisplayMode mode, boolean full) {
        return new Screen(mode, 3, full, 5, 1, 0.5, 0, Optional.empty());
    }

    private static ChainModel model(Generation generation, Optional<StreamTimes> stream, Screen screen) {
        return new ChainModel(DEVICE, CAPPED, generation, stream, Optional.empty(), screen, Map.of());
    }

    /// Means of what each stage added, by stage, and of the whole under none.
    private static Map<LatencyStage, Double> means(ChainModel model, Map<LatencyStage, String> unknown) {
        ChainDraw draw = new ChainDraw(model, 0.5, 3, unknown);
        double[] added = new double[LatencyStage.values().length];
        double[] sums = new double[added.length];
        for (int i = 0; i < DRAWS; i++) {
            double ms = draw.next(added);
            assertThat(Arrays.stream(added).sum()).isCloseTo(ms, within(1e-9));
            assertThat(Arrays.stream(added).min().orElseThrow())
                    .as("no stage gives time back")
                    .isGreaterThan(-1e-9);
            for (int stage = 0; stage < added.length; stage++) {
                sums[stage] += added[stage] / DRAWS;
            }
        }
        Map<LatencyStage, Double> means = new EnumMap<>(LatencyStage.class);
        for (LatencyStage stage : LatencyStage.values()) {
            means.put(stage, sums[stage.ordinal()]);
        }
        return means;
    }

    private static Map<LatencyStage, Double> means(ChainModel model) {
        Map<LatencyStage, String> unknown = new EnumMap<>(LatencyStage.class);
        Map<LatencyStage, Double> means = means(model, unknown);
        assertThat(unknown).isEmpty();
        return means;
    }

    /// 100 Hz and 20 ms from image to image: with tearing nothing waits, at a fixed refresh half a refresh on average,
    /// in a full queue for those before it; a panel that follows its input waits for none.
    @ParameterizedTest
    @CsvSource({"TEARING, false, 0", "LATEST, false, 5", "FIFO, false, 5", "FIFO, true, 30", "VRR, false, 0"})
    void syncAddsWhatItsRuleSays(SyncMode sync, boolean full, double expected) {
        DisplayMode mode = new DisplayMode(100, sync, 40);
        double wait = means(model(new Generation.None(), Optional.empty(), screen(mode, full)))
                .get(LatencyStage.SYNC);
        assertThat(wait).isCloseTo(expected, within(0.15));
    }

    /// An image every 20 ms to a panel that repeats by itself below 60 Hz: in the first 3.3 ms of the repeat, which
    /// takes 10 ms, the new one waits.
    @Test
    void belowItsFloorAVariablePanelMayBeRepeating() {
        DisplayMode mode = new DisplayMode(100, SyncMode.VRR, 60);
        double wait = means(model(new Generation.None(), Optional.empty(), screen(mode, false)))
                .get(LatencyStage.SYNC);
        assertThat(wait).isCloseTo(10 - (20 - 1000 / 60.0), within(1e-6));
    }

    /// A stream of 50 pictures a second takes the newest at its ticks, and each of its times adds up.
    @Test
    void aStreamAddsItsTimes() {
        StreamTimes stream = new StreamTimes(50, 7, 2, 3, 4, 5, 9);
        Map<LatencyStage, Double> means = means(model(
                new Generation.None(), Optional.of(stream), screen(new DisplayMode(100, SyncMode.TEARING), false)));
        assertThat(means.get(LatencyStage.UPLINK)).isCloseTo(3, within(1e-9));
        assertThat(means.get(LatencyStage.ENCODE))
                .as("half a tick and the work")
                .isCloseTo(17, within(0.2));
        assertThat(means.get(LatencyStage.NETWORK)).isCloseTo(2 + 3 + 4, within(1e-9));
        assertThat(means.get(LatencyStage.DECODE))
                .as("the buffer holds what the jitter left")
                .isCloseTo(10, within(1e-9));
    }

    /// Interpolation waits for the next image: the first of two that shows half the change is handed on as soon as it
    /// is made.
    @ParameterizedTest
    @CsvSource({"2, 1", "2, 3", "4, 1", "4, 2"})
    void anInterpolatedImageCountsFromTheThresholdOn(int multiplier, double cost) {
        Generation made = new Generation.Interpolation(multiplier, cost, true, 0, 0, 0, false);
        Map<LatencyStage, Double> means =
                means(model(made, Optional.empty(), screen(new DisplayMode(1000, SyncMode.TEARING), false)));
        int counts = multiplier / 2; // the first image with half the change or more
        assertThat(means.get(LatencyStage.GENERATION)).isCloseTo(cost + (counts - 1) * 20.0 / multiplier, within(1e-9));
    }

    /// A card of its own that cannot make three images in a frame leaves some out, and is never further behind than
    /// what it makes.
    @Test
    void aSecondCardThatCannotFollowLeavesImagesOut() {
        Generation slow = new Generation.Interpolation(4, 9, true, 0, 2, 0, true);
        Map<LatencyStage, Double> means =
                means(model(slow, Optional.empty(), screen(new DisplayMode(1000, SyncMode.TEARING), false)));
        assertThat(means.get(LatencyStage.COPY)).isCloseTo(2, within(1e-9));
        assertThat(means.get(LatencyStage.GENERATION)).isBetween(9.0, 9.0 + 9 + 20);
    }

    /// A copy that takes longer than a frame drops frames: on average it is the bottleneck's wait that is added.
    @Test
    void aCopySlowerThanTheGameMakesFramesWait() {
        Generation far = new Generation.Interpolation(2, 1, true, 0, 30, 0, true);
        double copy = means(model(far, Optional.empty(), screen(new DisplayMode(1000, SyncMode.TEARING), false)))
                .get(LatencyStage.COPY);
        // 30 ms of copy, 5 on average of the 10 that it is slower, and 30 less half a frame until one is taken.
        assertThat(copy).isCloseTo(30 + 5 + 30 - 10, within(0.3));
    }

    @Test
    void aHeadsetShowsAtWholeRefreshesAfterTheFrameBegan() {
        ChainModel model = new ChainModel(
                DEVICE,
                CAPPED,
                new Generation.None(),
                Optional.empty(),
                Optional.of(new Compositor(100, 3)),
                screen(new DisplayMode(100, SyncMode.FIFO), false),
                Map.of());
        Map<LatencyStage, Double> means = means(model);
        // 4 and 6 ms of work and 3 of lead: shown at 20 ms, so 10 are waited for.
        assertThat(means.get(LatencyStage.SYNC)).isCloseTo(10, within(1e-9));
        assertThat(model.headMs().orNaN()).isCloseTo(3 + 5, within(1e-9));
    }

    /// Whatever is not stated adds nothing, and is named by its stage.
    @ParameterizedTest
    @EnumSource(
            value = LatencyStage.class,
            names = {"DEVICE", "CPU", "ENCODE", "NETWORK", "DECODE", "PANEL", "PROCESSING", "UPLINK"})
    void whatIsNotStatedIsNamedAndAddsNothing(LatencyStage stage) {
        double none = Double.NaN;
        ChainModel model = new ChainModel(
                new InputDevice(none, none),
                BaseFrames.alike(20, none, none, false, 2),
                new Generation.None(),
                Optional.of(new StreamTimes(50, none, none, none, none, none, none)),
                Optional.empty(),
                new Screen(new DisplayMode(100, SyncMode.TEARING), 1, false, none, none, none, none, Optional.empty()),
                Map.of());
        Map<LatencyStage, String> unknown = new EnumMap<>(LatencyStage.class);
        Map<LatencyStage, Double> means = means(model, unknown);
        assertThat(unknown).containsKey(stage);
        assertThat(unknown.get(stage)).isNotBlank();
        assertThat(means.get(stage)).isCloseTo(stage == LatencyStage.ENCODE ? 10 : 0, within(0.2));
    }
}
