package app.fluss.core.latency.chain;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.GenerationWay;
import app.fluss.core.bench.Setup;
import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.FrameSlice;
import app.fluss.core.frame.Values;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import app.fluss.core.path.StatedCopy;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;

/// The model of a path, from what is stated of it and of the bench and from the frames of a run.
///
/// Where nothing is stated, the light is looked at in the middle of the screen, images wait for no
/// composition, and 96 % of the lines of a refresh are active (reduced blanking gives 95 to 98 %).
public final class StatedPath {
    private static final double ACTIVE_SHARE = 0.96;
    private static final double MIDDLE_PCT = 50;
    private static final double BITS_PER_MEGABIT = 1e6;

    private final Chain chain;
    private final Setup setup;
    private final FrameSlice frames;
    private final DisplayMode mode;
    private final double capMs;

    private StatedPath(Chain chain, Setup setup, FrameSlice frames, DisplayMode mode, double capFps) {
        this.chain = chain;
        this.setup = setup;
        this.frames = frames;
        this.mode = mode;
        this.capMs = 1000 / capFps;
    }

    /// The model.
    ///
    /// @param setup facts of bench, game and path
    /// @param frames of a run on that path
    /// @param mode refresh and sync of the display
    /// @param capFps of the game, /s; NaN for none
    /// @return empty if the frames give no interval between rendered images
    public static Optional<ChainModel> of(
            Chain chain, Setup setup, FrameSlice frames, DisplayMode mode, double capFps) {
        return new StatedPath(chain, setup, frames, mode, capFps).model();
    }

    /// How long images waited until they or a newer one were shown, ms, from a log that knows when they
    /// were shown.
    ///
    /// @return empty if it does not know
    public static Optional<double[]> syncWaits(FrameSlice frames) {
        Optional<Values> displayed = frames.log().channel(Channel.DISPLAYED);
        if (displayed.isEmpty()) {
            return Optional.empty();
        }
        double[] waits = new double[frames.size()];
        int n = 0;
        double shown = Double.NaN;
        for (int i = frames.to() - 1; i >= frames.from(); i--) {
            double at = displayed.get().at(i);
            shown = Double.isNaN(at) ? shown : at;
            double wait = shown - frames.log().present().at(i);
            if (wait >= 0) {
                waits[n++] = wait;
            }
        }
        return n == 0 ? Optional.empty() : Optional.of(Arrays.copyOf(waits, n));
    }

    private Optional<ChainModel> model() {
        Optional<Compositor> compositor =
                chain.has(StageKind.VR_REPROJECTION) || !Double.isNaN(number(FactKey.HEADSET_HZ))
                        ? Optional.of(new Compositor(
                                number(FactKey.HEADSET_HZ, mode.refreshHz()), number(FactKey.COMPOSITOR_MS)))
                        : Optional.empty();
        Generation generation = generation();
        Optional<StreamTimes> stream = chain.has(StageKind.HOME_STREAM) ? Optional.of(stream()) : Optional.empty();
        boolean queues = mode.sync() == SyncMode.FIFO && stream.isEmpty() && compositor.isEmpty();
        return BaseFrames.of(
                        frames,
                        generatorMs(generation),
                        takenEveryMs(generation),
                        capMs,
                        number(FactKey.FRAMES_IN_FLIGHT))
                .map(base -> {
                    boolean full = queues && base.isPacedBy(mode.periodMs(), capMs);
                    return new ChainModel(
                            new InputDevice(number(FactKey.POLLING_MS), number(FactKey.DEVICE_MS)),
                            full ? base.heldByDisplay() : compositor.isPresent() ? base.startedBy(frames) : base,
                            generation,
                            stream,
                            compositor,
                            screen(full),
                            Map.of());
                });
    }

    private static double takenEveryMs(Generation generation) {
        return generation instanceof Generation.Interpolation made && Math.max(made.captureMs(), made.copyMs()) > 0
                ? Math.max(made.captureMs(), made.copyMs())
                : Double.NaN;
    }

    private Generation generation() {
        double multiplier = chain.multiplier();
        FrameLog log = frames.log();
        boolean idle = log.kindsStated() && generated() == 0;
        if (!(multiplier >= 2) || idle) {
            return new Generation.None();
        } else if (setup.is(FactKey.GENERATION_WAY, GenerationWay.AFTER_THE_NEWEST)) {
            return new Generation.Extrapolation(Math.toIntExact(Math.round(multiplier)));
        }
        double looks = number(FactKey.LOOKS_FPS);
        return new Generation.Interpolation(
                (int) Math.clamp(Math.rint(multiplier), 2, 20),
                number(FactKey.MADE_MS),
                !generatedRepeat(),
                Double.isNaN(looks) ? 0 : 1000 / looks,
                chain.has(StageKind.SECOND_GPU) ? StatedCopy.ms(setup) : 0,
                number(FactKey.COMPOSITION_WAIT_MS, 0) + copyBackMs(),
                chain.has(StageKind.SECOND_GPU));
    }

    private int generated() {
        int count = 0;
        for (int i = frames.from(); i < frames.to(); i++) {
            count += frames.log().kind(i) == FrameKind.GENERATED ? 1 : 0;
        }
        return count;
    }

    /// Whether most generated images have the content of the image before, where the log knows contents.
    private boolean generatedRepeat() {
        FrameLog log = frames.log();
        Optional<Values> content = log.channel(Channel.CONTENT);
        if (content.isEmpty()) {
            return false;
        }
        int repeats = 0;
        for (int i = frames.from() + 1; i < frames.to(); i++) {
            boolean same = content.get().at(i) == content.get().at(i - 1);
            repeats += same && log.kind(i) == FrameKind.GENERATED ? 1 : 0;
        }
        return repeats * 2 > generated();
    }

    /// With the display's cable in the first card what the second made is copied back to it.
    private double copyBackMs() {
        return chain.has(StageKind.SECOND_GPU) && !StatedCopy.isCableInSecond(setup) ? StatedCopy.ms(setup) : 0;
    }

    /// GPU time that a frame of the log spends on generated images: on the game's own card it is logged
    /// with the frame.
    private double generatorMs(Generation generation) {
        boolean ownCard = !chain.has(StageKind.SECOND_GPU) && !(generation instanceof Generation.None);
        double made = (chain.multiplier() - 1) * number(FactKey.MADE_MS);
        return ownCard && !Double.isNaN(made) ? made : 0;
    }

    private StreamTimes stream() {
        double fps = number(FactKey.STREAM_FPS, mode.refreshHz());
        double bits = number(FactKey.BITRATE_MBPS) * BITS_PER_MEGABIT / fps;
        return new StreamTimes(
                fps,
                number(FactKey.ENCODE_MS),
                bits / (number(FactKey.LINK_MBPS) * BITS_PER_MEGABIT) * 1000,
                number(FactKey.LINK_DELAY_MS),
                number(FactKey.LINK_JITTER_MS, 0),
                number(FactKey.DECODE_MS),
                number(FactKey.BUFFER_MS));
    }

    private Screen screen(boolean full) {
        double lag = number(FactKey.LAG_MS);
        Optional<Screen.Smoothing> smoothing = chain.has(StageKind.DISPLAY_SMOOTHING) && mode.sync() != SyncMode.VRR
                ? Optional.of(new Screen.Smoothing(number(FactKey.PANEL_HZ, 2 * mode.refreshHz()), lag))
                : Optional.empty();
        return new Screen(
                mode,
                number(FactKey.WAITING_IMAGES),
                full,
                lag,
                ACTIVE_SHARE,
                number(FactKey.SENSOR_HEIGHT_PCT, MIDDLE_PCT) / 100,
                number(FactKey.RESPONSE_MS),
                smoothing);
    }

    private double number(FactKey key) {
        return setup.number(key);
    }

    private double number(FactKey key, double otherwise) {
        double number = setup.number(key);
        return Double.isNaN(number) ? otherwise : number;
    }
}
