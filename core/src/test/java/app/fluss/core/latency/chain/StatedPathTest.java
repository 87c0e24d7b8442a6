package app.fluss.core.latency.chain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.path.Chain;
import app.fluss.core.path.Stage;
import app.fluss.core.path.StageKind;
import app.fluss.core.path.StatedCopy;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/// What the model of a path is made of, from stated facts; expected values are the facts themselves, or follow from
/// them by hand.
class StatedPathTest {
    private static final DisplayMode FIFO_100 = new DisplayMode(100, SyncMode.FIFO);
    private static final DisplayMode VRR_144 = new DisplayMode(144, SyncMode.VRR);

    private static Setup facts(Map<FactKey, String> facts) {
        return Setup.EMPTY.with(facts, FactSource.TYPED);
    }

    private static Chain generating(StageKind kind, String multiplier) {
        return new Chain(List.of(new Stage(kind, Map.of(FactKey.MULTIPLIER, multiplier))));
    }

    /// Images 10 ms apart, rendered and generated in turn.
    private static FrameLog.Builder doubled(int images) {
        double[] present = new double[images];
        byte[] kinds = new byte[images];
        for (int i = 0; i < images; i++) {
            present[i] = 10.0 * i;
            kinds[i] = (i % 2 == 0 ? FrameKind.RENDERED : FrameKind.GENERATED).code();
        }
        return FrameLog.presentedAt(present, images).kinds(kinds);
    }

    private static FrameLog.Builder even(double stepMs, int images) {
        double[] present = new double[images];
        Arrays.setAll(present, i -> i * stepMs);
        return FrameLog.presentedAt(present, images);
    }

    private static ChainModel model(Chain chain, Setup setup, FrameLog log, DisplayMode mode) {
        return StatedPath.of(chain, setup, log.all(), mode, setup.capFps()).orElseThrow();
    }

    @Test
    void aNativePathHasItsDeviceAndItsDisplay() {
        Setup setup = facts(Map.of(
                FactKey.POLLING_MS, "4",
                FactKey.DEVICE_MS, "1.5",
                FactKey.LAG_MS, "3",
                FactKey.RESPONSE_MS, "2",
                FactKey.SENSOR_HEIGHT_PCT, "10",
                FactKey.WAITING_IMAGES, "2"));
        ChainModel model = model(Chain.NATIVE, setup, even(8, 50).build(), VRR_144);
        assertThat(model.device()).isEqualTo(new InputDevice(4, 1.5));
        assertThat(model.generation()).isEqualTo(new Generation.None());
        assertThat(model.stream()).isEmpty();
        assertThat(model.compositor()).isEmpty();
        assertThat(model.screen().processingMs()).isEqualTo(3);
        assertThat(model.screen().responseMs()).isEqualTo(2);
        assertThat(model.screen().queuedImages()).isEqualTo(2);
        assertThat(model.screen().full()).isFalse();
        assertThat(model.screen().scanMs())
                .as("a tenth of the active lines of a refresh")
                .isCloseTo(0.1 * 0.96 * 1000 / 144, within(1e-12));
        assertThat(model.base().frameMs(0)).isEqualTo(8);
        assertThat(model(Chain.NATIVE, Setup.EMPTY, even(8, 50).build(), VRR_144)
                        .screen()
                        .height())
                .as("the middle where nothing is stated")
                .isEqualTo(0.5);
        assertThat(StatedPath.of(Chain.NATIVE, setup, even(8, 1).build().all(), VRR_144, Double.NaN))
                .as("one image is no interval")
                .isEmpty();
    }

    @Test
    void aQueueThatIsFullHoldsTheGameUp() {
        FrameLog paced = even(10, 50).build();
        assertThat(model(Chain.NATIVE, Setup.EMPTY, paced, FIFO_100).screen().full())
                .isTrue();
        assertThat(model(Chain.NATIVE, facts(Map.of(FactKey.CAP_FPS, "100")), paced, FIFO_100)
                        .screen()
                        .full())
                .as("a cap holds it up before")
                .isFalse();
        assertThat(model(Chain.NATIVE, Setup.EMPTY, paced, new DisplayMode(100, SyncMode.LATEST))
                        .screen()
                        .full())
                .isFalse();
        assertThat(model(Chain.NATIVE, Setup.EMPTY, even(13, 50).build(), FIFO_100)
                        .screen()
                        .full())
                .as("too slow to fill it")
                .isFalse();
        assertThat(model(Chain.of(StageKind.HOME_STREAM), Setup.EMPTY, paced, FIFO_100)
                        .screen()
                        .full())
                .as("the client's display does not hold up the host")
                .isFalse();
    }

    @Test
    void aGeneratorOnTheGamesCardWaitsForTheNextImage() {
        Setup setup = facts(Map.of(FactKey.MADE_MS, "1.2"));
        FrameLog log = doubled(40).build();
        assertThat(model(generating(StageKind.ENGINE_GENERATION, "2"), setup, log, VRR_144)
                        .generation())
                .isEqualTo(new Generation.Interpolation(2, 1.2, true, 0, 0, 0, false));
        Setup after = setup.with(Map.of(FactKey.GENERATION_WAY, "after the newest"), FactSource.TYPED);
        assertThat(model(generating(StageKind.ENGINE_GENERATION, "2"), after, log, VRR_144)
                        .generation())
                .isEqualTo(new Generation.Extrapolation(2));
        assertThat(model(generating(StageKind.ENGINE_GENERATION, "1"), setup, log, VRR_144)
                        .generation())
                .isEqualTo(new Generation.None());
        byte[] rendered = new byte[40];
        Arrays.fill(rendered, FrameKind.RENDERED.code());
        assertThat(model(
                                generating(StageKind.ENGINE_GENERATION, "2"),
                                setup,
                                even(10, 40).kinds(rendered).build(),
                                VRR_144)
                        .generation())
                .as("the log has none that was made")
                .isEqualTo(new Generation.None());
    }

    /// What the generator spends on the game's card is logged with the frame: 3 ms of 9 for two images of 1.5.
    @Test
    void theGeneratorsTimeIsTakenFromTheFramesWork() {
        double[] gpu = new double[40];
        Arrays.fill(gpu, 9);
        FrameLog log = doubled(40).channel(Channel.GPU, gpu).build();
        Setup setup = facts(Map.of(FactKey.MADE_MS, "1.5"));
        assertThat(model(generating(StageKind.ENGINE_GENERATION, "3"), setup, log, VRR_144)
                        .base()
                        .gpuMs(3))
                .isEqualTo(6);
        assertThat(model(generating(StageKind.SECOND_GPU, "3"), setup, log, VRR_144)
                        .base()
                        .gpuMs(3))
                .as("a second card spends its own")
                .isEqualTo(9);
        assertThat(model(generating(StageKind.ENGINE_GENERATION, "3"), Setup.EMPTY, log, VRR_144)
                        .base()
                        .gpuMs(3))
                .as("nobody said how much")
                .isEqualTo(9);
    }

    @Test
    void madeImagesThatRepeatTheirNeighbourShowNothing() {
        double[] repeating = new double[40];
        double[] moving = new double[40];
        for (int i = 0; i < 40; i++) {
            repeating[i] = 20.0 * (i / 2);
            moving[i] = 10.0 * i;
        }
        Chain chain = generating(StageKind.ENGINE_GENERATION, "2");
        assertThat(((Generation.Interpolation) model(
                                        chain,
                                        Setup.EMPTY,
                                        doubled(40)
                                                .channel(Channel.CONTENT, repeating)
                                                .build(),
                                        VRR_144)
                                .generation())
                        .partial())
                .isFalse();
        assertThat(((Generation.Interpolation) model(
                                        chain,
                                        Setup.EMPTY,
                                        doubled(40)
                                                .channel(Channel.CONTENT, moving)
                                                .build(),
                                        VRR_144)
                                .generation())
                        .partial())
                .isTrue();
    }

    /// Through a slot of generation 4 with 4 lanes a 1920 × 1080 picture of 4 bytes takes what StatedCopy says; with
    /// the
    /// cable in the first card the made image goes back the same way.
    @Test
    void aSecondCardIsFedByCopies() {
        Setup setup = facts(Map.of(
                FactKey.MADE_MS, "2",
                FactKey.SECOND_SLOT_GENERATION, "4",
                FactKey.SECOND_SLOT_LANES, "4",
                FactKey.WIDTH_PX, "1920",
                FactKey.HEIGHT_PX, "1080",
                FactKey.COPY_BYTES, "4",
                FactKey.LOOKS_FPS, "250",
                FactKey.COMPOSITION_WAIT_MS, "1"));
        double copy = StatedCopy.ms(setup);
        assertThat(copy).isBetween(1.0, 2.0);
        Chain chain = generating(StageKind.SECOND_GPU, "2");
        Generation.Interpolation own = (Generation.Interpolation)
                model(chain, setup, doubled(40).build(), VRR_144).generation();
        assertThat(own).isEqualTo(new Generation.Interpolation(2, 2, true, 4, copy, 1, true));
        Setup back = setup.with(Map.of(FactKey.CABLE_IN, "first card"), FactSource.TYPED);
        Generation.Interpolation returned = (Generation.Interpolation)
                model(chain, back, doubled(40).build(), VRR_144).generation();
        assertThat(returned.compositionMs()).isCloseTo(1 + copy, within(1e-12));
        Setup unknown = setup.without(FactKey.COPY_BYTES);
        assertThat(((Generation.Interpolation) model(chain, unknown, doubled(40).build(), VRR_144)
                                .generation())
                        .copyMs())
                .isNaN();
    }

    /// 60 Mbit/s at 60 images a second over a link of 300 Mbit/s: 1 Mbit takes 3.33 ms.
    @Test
    void aStreamHasItsTimes() {
        Setup setup = facts(Map.of(
                FactKey.STREAM_FPS, "60",
                FactKey.BITRATE_MBPS, "60",
                FactKey.LINK_MBPS, "300",
                FactKey.ENCODE_MS, "4",
                FactKey.LINK_DELAY_MS, "2",
                FactKey.LINK_JITTER_MS, "0.5",
                FactKey.DECODE_MS, "5",
                FactKey.BUFFER_MS, "6"));
        StreamTimes times = model(
                        Chain.of(StageKind.HOME_STREAM), setup, even(8, 50).build(), VRR_144)
                .stream()
                .orElseThrow();
        assertThat(times.transferMs()).isCloseTo(10 / 3.0, within(1e-12));
        assertThat(times).isEqualTo(new StreamTimes(60, 4, times.transferMs(), 2, 0.5, 5, 6));
        StreamTimes bare = model(
                        Chain.of(StageKind.HOME_STREAM),
                        Setup.EMPTY,
                        even(8, 50).build(),
                        VRR_144)
                .stream()
                .orElseThrow();
        assertThat(bare.fps()).as("the display's rate where none is stated").isEqualTo(144);
        assertThat(bare.jitterMs()).isZero();
        assertThat(bare.transferMs()).isNaN();
    }

    /// In a headset the log itself says what a frame waited: 30 − 10 − 4 − 6 ms.
    @Test
    void aHeadsetsFramesStartWhenItsCompositorSays() {
        double[] present = new double[30];
        double[] content = new double[30];
        double[] cpu = new double[30];
        double[] gpu = new double[30];
        for (int i = 0; i < 30; i++) {
            present[i] = 11 * i + 30;
            content[i] = present[i] - 20;
            cpu[i] = 4;
            gpu[i] = 6;
        }
        FrameLog log = FrameLog.presentedAt(present, 30)
                .channel(Channel.CONTENT, content)
                .channel(Channel.CPU, cpu)
                .channel(Channel.GPU, gpu)
                .build();
        Setup setup = facts(Map.of(FactKey.HEADSET_HZ, "90", FactKey.COMPOSITOR_MS, "3"));
        ChainModel model = model(Chain.of(StageKind.VR_REPROJECTION), setup, log, FIFO_100);
        assertThat(model.compositor()).contains(new Compositor(90, 3));
        assertThat(model.base().queueMs(5)).isEqualTo(10);
        assertThat(model.screen().full())
                .as("nothing waits for a headset's display")
                .isFalse();
        assertThat(model.headMs().orNaN()).isCloseTo(3 + 0.5 * 0.96 * 10, within(1e-12));
        assertThat(model(Chain.NATIVE, Setup.EMPTY, log, FIFO_100).headMs().isKnown())
                .isFalse();
    }

    @Test
    void aSmoothingDisplayHasAPanelOfItsOwn() {
        Chain chain = Chain.of(StageKind.DISPLAY_SMOOTHING);
        Setup setup = facts(Map.of(FactKey.LAG_MS, "50"));
        Screen screen = model(chain, setup, even(8, 50).build(), FIFO_100).screen();
        assertThat(screen.smoothing()).contains(new Screen.Smoothing(200, 50));
        assertThat(model(
                                chain,
                                setup.with(Map.of(FactKey.PANEL_HZ, "120"), FactSource.TYPED),
                                even(8, 50).build(),
                                FIFO_100)
                        .screen()
                        .smoothing())
                .contains(new Screen.Smoothing(120, 50));
        assertThat(model(chain, setup, even(8, 50).build(), VRR_144).screen().smoothing())
                .as("variable refresh and smoothing exclude each other")
                .isEmpty();
    }

    /// An image that was replaced waits for the one that took its place.
    @Test
    void waitsForTheDisplayAreThoseOfTheNextImageShown() {
        FrameLog log = FrameLog.presentedAt(new double[] {0, 10, 18, 30, 47}, 5)
                .channel(Channel.DISPLAYED, new double[] {4, Double.NaN, 24, 29, Double.NaN})
                .build();
        assertThat(StatedPath.syncWaits(log.all()).orElseThrow())
                .as("from the last; the fourth was shown before it came, by a clock that is off")
                .containsExactly(6, 14, 4);
        assertThat(StatedPath.syncWaits(even(8, 5).build().all())).isEmpty();
        FrameLog never = FrameLog.presentedAt(new double[] {0, 10}, 2)
                .channel(Channel.DISPLAYED, new double[] {Double.NaN, Double.NaN})
                .build();
        assertThat(StatedPath.syncWaits(never.all())).isEmpty();
    }
}
