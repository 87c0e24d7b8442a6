package app.fluss.core.measure;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.FrameSlice;
import app.fluss.core.frame.Values;
import java.util.BitSet;
import java.util.Optional;

/// What held the frames up, as shares of the frames, 0 to 1, that add up to 1. With f the frame time, c the CPU
/// work and g the GPU work: *gpu* if `g >= 0.9 f` and `g >= c`; *cpu* if `c >= 0.9 f` and `c > g`; *cap* if
/// both are below `0.9 f` and f is [paced][Pacer]: by a cap, by the refresh or by the ceiling of a variable refresh;
/// else
/// *mixed*; *unknown* where c or g is not in the log. Our own convention. With generation on, f runs from rendered
/// image
/// to rendered image.
///
/// @param gpu share held up by the GPU
/// @param cpu share held up by the CPU
/// @param cap share held up by a cap or the refresh
/// @param mixed share with no one cause
/// @param unknown share without the figures to tell
/// @param fromLoads whether the answer rests on load percentages alone, which is weaker
public record Limits(Figure gpu, Figure cpu, Figure cap, Figure mixed, Figure unknown, boolean fromLoads) {
    private static final double BUSY = 0.9;

    /// Load from which a GPU counts as full where only loads are known, percent: {@value}. Common practice, no
    /// source.
    public static final double FULL_LOAD_PCT = 95;

    /// What can hold a frame up.
    public enum Held {
        GPU,
        CPU,
        CAP,
        MIXED,
        UNKNOWN
    }

    /// The share of the frames held up by it, 0 to 1.
    public Figure share(Held by) {
        return switch (by) {
            case GPU -> gpu;
            case CPU -> cpu;
            case CAP -> cap;
            case MIXED -> mixed;
            case UNKNOWN -> unknown;
        };
    }

    /// What held most frames up, the first in the order of [Held] if several held as many; empty without frames.
    public Optional<Held> most() {
        Optional<Held> most = Optional.empty();
        for (Held held : Held.values()) {
            if (share(held).isKnown()
                    && most.stream()
                            .allMatch(so -> share(held).orNaN() > share(so).orNaN())) {
                most = Optional.of(held);
            }
        }
        return most;
    }

    static Limits of(FrameSlice slice, Optional<DisplayMode> mode, double capFps) {
        FrameLog log = slice.log();
        FrameTimes times = log.kindsStated() ? FrameTimes.of(slice, FrameKind.RENDERED) : FrameTimes.of(slice);
        if (times.size() == 0) {
            return ofCounts(0, 0, 0, 0, 0, 0, false);
        }
        Optional<Values> cpu = log.channel(Channel.CPU);
        Optional<Values> gpu = log.channel(Channel.GPU);
        if (cpu.isEmpty() || gpu.isEmpty()) {
            return Sensors.of(slice, Channel.GPU_LOAD)
                    .map(load -> ofLoads(times, load))
                    .orElseGet(() -> ofCounts(times.size(), 0, 0, 0, 0, times.size(), false));
        }
        return ofWork(times, cpu.get(), gpu.get(), Pacer.paced(times, mode, capFps));
    }

    private static Limits ofWork(FrameTimes times, Values cpu, Values gpu, BitSet paced) {
        int byGpu = 0;
        int byCpu = 0;
        int byCap = 0;
        int mixed = 0;
        int unknown = 0;
        int n = times.size();
        for (int i = 0; i < n; i++) {
            double f = times.at(i);
            double c = cpu.at(times.image(i));
            double g = gpu.at(times.image(i));
            if (Double.isNaN(c) || Double.isNaN(g)) {
                unknown++;
            } else if (g >= BUSY * f && g >= c) {
                byGpu++;
            } else if (c >= BUSY * f && c > g) {
                byCpu++;
            } else if (c < BUSY * f && g < BUSY * f && paced.get(i)) {
                byCap++;
            } else {
                mixed++;
            }
        }
        return ofCounts(n, byGpu, byCpu, byCap, mixed, unknown, false);
    }

    private static Limits ofLoads(FrameTimes times, Values load) {
        int full = 0;
        for (int i = 0; i < times.size(); i++) {
            full += load.at(times.image(i)) >= FULL_LOAD_PCT ? 1 : 0;
        }
        return ofCounts(times.size(), full, 0, 0, 0, times.size() - full, true);
    }

    private static Limits ofCounts(int n, int gpu, int cpu, int cap, int mixed, int unknown, boolean fromLoads) {
        return new Limits(share(gpu, n), share(cpu, n), share(cap, n), share(mixed, n), share(unknown, n), fromLoads);
    }

    private static Figure share(int count, int n) {
        return n > 0 ? Figure.of((double) count / n) : Figure.missing("no frame time in this stretch");
    }
}
