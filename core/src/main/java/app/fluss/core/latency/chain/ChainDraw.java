package app.fluss.core.latency.chain;

import app.fluss.core.measure.SyncMode;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import org.jspecify.annotations.Nullable;

/// One click after another through a path. What is not known adds nothing and is noted.
final class ChainDraw {
    private final ChainModel model;
    private final BaseFrames base;
    private final double threshold;
    private final FrameEnds ends;
    private final SplittableRandom random;
    private final LightSteps steps = new LightSteps();
    private final Map<LatencyStage, String> unknown;

    /// @param unknown is added to: stages that cannot be had, with what was not stated
    ChainDraw(ChainModel model, double threshold, long seed, Map<LatencyStage, String> unknown) {
        this.model = model;
        this.base = model.base();
        this.threshold = threshold;
        this.random = new SplittableRandom(seed);
        this.unknown = unknown;
        ends = new FrameEnds(base.endsMs());
    }

    /// Draws one click.
    ///
    /// @param added takes what each stage added, ms, in the order of [LatencyStage]
    /// @return from input to light, ms
    double next(double[] added) {
        steps.begin();
        add(LatencyStage.DEVICE, model.device().pollingMs() * random.nextDouble(), "polling interval");
        add(LatencyStage.DEVICE, model.device().fixedMs(), "the device's own delay");
        model.stream().ifPresent(stream -> add(LatencyStage.UPLINK, stream.delayMs(), "delay of the link"));
        int frame = sample();
        work(frame);
        double interval = generate(frame);
        model.stream().ifPresent(this::send);
        take(interval);
        panel(interval);
        int image =
                steps.pass(threshold, known(LatencyStage.PANEL, model.screen().responseMs(), "panel response"));
        steps.added(image, added);
        return steps.at(image);
    }

    /// The click comes at any time; the next frame to start reads it. Long frames catch more clicks.
    private int sample() {
        double at = random.nextDouble() * ends.lastMs();
        int within = ends.frameAt(at);
        add(LatencyStage.SAMPLING, ends.ms(within) - at, "");
        return base.readBy(within);
    }

    private void work(int frame) {
        add(LatencyStage.CPU, base.cpuMs(frame), "CPU work of a frame");
        add(LatencyStage.QUEUE, base.queueMs(frame), "frames in flight, or what the game waits for");
        add(LatencyStage.GPU, base.gpuMs(frame), "GPU work of a frame");
    }

    /// @return from image to image behind the generator, ms
    private double generate(int frame) {
        double frameMs = base.frameMs(frame);
        return switch (model.generation()) {
            case Generation.None _ -> frameMs;
            case Generation.Extrapolation made -> frameMs / made.multiplier();
            case Generation.Interpolation made -> {
                double copy = known(LatencyStage.COPY, made.copyMs(), "the copy to the second card");
                double interval = Math.max(frameMs, Math.max(made.captureMs(), copy));
                add(LatencyStage.CAPTURE, made.captureMs() * random.nextDouble(), "");
                add(LatencyStage.COPY, copy + slotWait(frameMs, copy) + made.compositionMs(), "wait for composition");
                steps.split(offsets(made, interval), made.partial());
                yield interval / made.multiplier();
            }
        };
    }

    /// When each image is handed on after the rendered one came in, ms; NaN for those that are skipped
    /// because a card of its own is still at work. Such a card, once it cannot follow, is always behind by up
    /// to one image.
    private double[] offsets(Generation.Interpolation made, double intervalMs) {
        double cost = known(LatencyStage.GENERATION, made.costMs(), "time to make one image");
        int m = made.multiplier();
        double step = intervalMs / m;
        double begin = made.ownCard() && (m - 1) * cost > intervalMs ? cost * random.nextDouble() : 0;
        double[] offsets = new double[m];
        double last = 0;
        for (int j = 1; j < m; j++) {
            boolean skipped = made.ownCard() && begin > intervalMs;
            begin += cost;
            last = skipped ? last : Math.max(begin, cost + (j - 1) * step);
            offsets[j - 1] = skipped ? Double.NaN : last;
        }
        offsets[m - 1] = Math.max(last, cost + (m - 1) * step);
        return offsets;
    }

    /// A slot that is slower than the game always has one image waiting; a frame that finds one waiting is
    /// dropped, and the next one that does not brings the change.
    private double slotWait(double frameMs, double copyMs) {
        return copyMs <= frameMs
                ? 0
                : (copyMs - frameMs) * random.nextDouble() + copyMs - frameMs * random.nextDouble();
    }

    private void send(StreamTimes stream) {
        double tick = 1000 / stream.fps();
        steps.newestAtTicks(LatencyStage.ENCODE, tick, tick * random.nextDouble());
        add(LatencyStage.ENCODE, stream.encodeMs(), "encode time");
        add(LatencyStage.NETWORK, stream.transferMs(), "bit rate and the link's rate");
        add(LatencyStage.NETWORK, stream.delayMs(), "delay of the link");
        add(LatencyStage.NETWORK, stream.jitterMs(), "jitter of the link");
        add(LatencyStage.DECODE, stream.decodeMs(), "decode time");
        add(LatencyStage.DECODE, Math.max(0, stream.bufferMs() - stream.jitterMs()), "the client's buffer");
    }

    private void take(double intervalMs) {
        double @Nullable [] waits = model.measured().get(LatencyStage.SYNC);
        Optional<Compositor> compositor = model.compositor();
        if (waits != null) {
            steps.delay(LatencyStage.SYNC, waits[random.nextInt(waits.length)]);
        } else if (compositor.isPresent()) {
            compose(compositor.get());
        } else {
            sync(model.stream()
                    .map(stream -> Math.max(intervalMs, 1000 / stream.fps()))
                    .orElse(intervalMs));
        }
    }

    /// The frame started at a refresh; it is shown at the first one that finds it ready.
    private void compose(Compositor compositor) {
        double period = 1000 / compositor.refreshHz();
        double lead = known(LatencyStage.SYNC, compositor.leadMs(), "the compositor's lead");
        double sinceStart = steps.added(0, LatencyStage.CPU)
                + steps.added(0, LatencyStage.QUEUE)
                + steps.added(0, LatencyStage.GPU);
        double shown = Math.ceil((sinceStart + lead) / period - 1e-9) * period;
        steps.delay(LatencyStage.SYNC, shown - sinceStart);
    }

    private void sync(double intervalMs) {
        double period = model.screen().mode().periodMs();
        SyncMode sync = model.screen().mode().sync();
        switch (sync) {
            case TEARING -> {}
            case LATEST -> steps.newestAtTicks(LatencyStage.SYNC, period, period * random.nextDouble());
            case FIFO -> {
                if (model.screen().full()) {
                    add(LatencyStage.SYNC, model.screen().queuedImages() * period, "images that wait for the display");
                } else {
                    steps.inTurn(LatencyStage.SYNC, period, period * random.nextDouble());
                }
            }
            case VRR -> variable(period, intervalMs);
        }
    }

    /// Above the ceiling the panel is never idle and takes the newest image when it comes free; below the
    /// floor it may just be repeating the image before.
    private void variable(double periodMs, double intervalMs) {
        double floor = 1000 / model.screen().mode().vrrFloorHz();
        if (intervalMs < periodMs) {
            steps.newestAtTicks(LatencyStage.SYNC, periodMs, periodMs * random.nextDouble());
        } else if (intervalMs >= floor) {
            steps.delay(LatencyStage.SYNC, Math.max(0, periodMs - intervalMs % floor));
        }
    }

    private void panel(double intervalMs) {
        Screen screen = model.screen();
        if (screen.smoothing().isPresent()) {
            Screen.Smoothing smoothing = screen.smoothing().get();
            double lag = known(LatencyStage.SMOOTHING, smoothing.lagMs(), "lag of the picture mode");
            steps.smooth(1000 / smoothing.panelHz(), lag, onRefreshes(intervalMs));
        } else {
            add(LatencyStage.PROCESSING, screen.processingMs(), "lag of the picture mode");
        }
        add(LatencyStage.SCAN_OUT, screen.scanMs(), "where on the screen the light is looked at");
    }

    /// What the interval becomes at a fixed refresh: a whole number of refreshes, now one more, now one
    /// fewer.
    private double onRefreshes(double intervalMs) {
        double period = model.screen().mode().periodMs();
        double refreshes = intervalMs / period;
        return Math.max(1, Math.floor(refreshes + random.nextDouble())) * period;
    }

    private void add(LatencyStage stage, double ms, String what) {
        steps.delay(stage, known(stage, ms, what));
    }

    private double known(LatencyStage stage, double ms, String what) {
        if (Double.isNaN(ms)) {
            unknown.putIfAbsent(stage, what);
            return 0;
        }
        return ms;
    }

    /// The stages that a path has.
    static Set<LatencyStage> stages(ChainModel model) {
        Set<LatencyStage> stages = EnumSet.of(
                LatencyStage.DEVICE,
                LatencyStage.SAMPLING,
                LatencyStage.CPU,
                LatencyStage.QUEUE,
                LatencyStage.GPU,
                LatencyStage.SYNC,
                LatencyStage.SCAN_OUT,
                LatencyStage.PANEL);
        if (model.generation() instanceof Generation.Interpolation made) {
            stages.add(LatencyStage.GENERATION);
            if (made.captureMs() > 0) {
                stages.add(LatencyStage.CAPTURE);
            }
            if (made.copyMs() != 0) {
                stages.add(LatencyStage.COPY);
            }
        }
        if (model.stream().isPresent()) {
            stages.addAll(Set.of(LatencyStage.UPLINK, LatencyStage.ENCODE, LatencyStage.NETWORK, LatencyStage.DECODE));
        }
        stages.add(model.screen().smoothing().isPresent() ? LatencyStage.SMOOTHING : LatencyStage.PROCESSING);
        return stages;
    }
}
