package app.fluss.sim.stage;

import app.fluss.sim.scenario.Game;
import app.fluss.sim.scenario.Memory;
import app.fluss.sim.scenario.Power;
import app.fluss.sim.truth.Hitch;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import org.jspecify.annotations.Nullable;

/// The game: reads input and time, works on the CPU, then on the GPU. HOT PATH: a frame takes a few hundred
/// nanoseconds, so that long runs and previews are at once.
///
/// Frame n starts where its [Pacer] lets it, not before the CPU is free nor before image `n - queue` left the
/// GPU. The GPU is serial; it may be busy with generated images between frames.
public final class GameLoop {
    /// How long the game runs before the run begins, ms.
    static final double WARM_UP_MS = 1000;

    private final Game game;
    private final double endMs;
    private final WorkSequence cpu;
    private final WorkSequence gpu;
    private final SplittableRandom memoryRandom;
    private final Route route;
    private final Frames frames = new Frames();
    private final List<Hitch> hitches;

    /// @param hitches is added to
    public GameLoop(Game game, double seconds, SplittableRandom random, List<Hitch> hitches) {
        this.game = game;
        this.endMs = seconds * 1000;
        this.hitches = hitches;
        cpu = new WorkSequence(game.cpu(), random.split());
        gpu = new WorkSequence(game.gpu(), random.split());
        memoryRandom = random.split();
        route = new Route(game.sections(), endMs);
    }

    Frames play(Pacer pacer, FrameTaker taker) {
        double[] left = new double[game.queue()];
        Arrays.fill(left, Double.NEGATIVE_INFINITY);
        Frame frame = new Frame();
        double start = -WARM_UP_MS;
        double cpuFree = start;
        double gpuFree = start;
        for (int n = 0; ; n++) {
            start = pacer.startMs(Math.max(cpuFree, left[n % left.length]), n == 0 ? Double.NEGATIVE_INFINITY : start);
            if (start >= endMs) {
                taker.finish();
                return frames;
            }
            route.moveTo(start);
            double cpuMs = cpu.nextMs(route.cpuFactor());
            double gpuMs = gpu.nextMs(route.gpuFactor() * game.gpuFactor()) / clockShare(start) + swapping(start);
            cpuFree = start + cpuMs;
            double done = Math.max(cpuFree, gpuFree) + gpuMs;
            frame.number = n;
            frame.startMs = start;
            frame.cpuMs = cpuMs;
            frame.gpuMs = gpuMs;
            frame.doneMs = done;
            frame.readyMs = done;
            frames.add(frame);
            if (done >= 0) {
                noteHitches(done);
            }
            gpuFree = taker.take(frame);
            left[n % left.length] = Math.max(done, taker.leftMs());
        }
    }

    private double clockShare(double ms) {
        @Nullable Power power = game.power().orElse(null);
        return power == null ? 1 : power.clockShare(ms / 1000);
    }

    private double swapping(double ms) {
        @Nullable Memory memory = game.memory().orElse(null);
        if (memory == null) {
            return 0;
        }
        boolean hitches = memoryRandom.nextDouble() < memory.hitchChance(ms / endMs);
        if (hitches && ms >= 0) {
            this.hitches.add(new Hitch(ms, Hitch.Cause.MEMORY, memory.hitchMs()));
        }
        return hitches ? memory.hitchMs() : 0;
    }

    private void noteHitches(double doneMs) {
        if (cpu.hitched()) {
            hitches.add(new Hitch(doneMs, Hitch.Cause.CPU, game.cpu().hitchMs()));
        }
        if (gpu.hitched()) {
            hitches.add(new Hitch(doneMs, Hitch.Cause.GPU, game.gpu().hitchMs()));
        }
    }
}
