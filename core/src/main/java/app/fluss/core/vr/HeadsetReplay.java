package app.fluss.core.vr;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.FrameSlice;
import app.fluss.core.frame.Values;
import java.util.Arrays;
import java.util.Optional;

/// Plays the work of an application's frames again in a headset: at another refresh rate, or with other GPU work.
///
/// The application starts a frame at a refresh, at the earliest one (or, locked to half rate, two) after the frame
/// before, and when few enough frames are in flight; the card draws one frame after the other; the compositor shows
/// what is finished its lead before a refresh, by its rule: the newest image, or one image after the other.
///
/// @param refreshHz refreshes, /s, above 0
/// @param leadMs before a refresh at which an image must be finished, ms, 0 or more
/// @param rule of the compositor
/// @param inFlight frames between start and end at most, 1 to 16
public record HeadsetReplay(double refreshHz, double leadMs, CompositorRule rule, int inFlight) {
    private static final double EPSILON = 1e-9;

    /// @throws IllegalArgumentException outside the ranges
    public HeadsetReplay {
        if (!(refreshHz > 0 && leadMs >= 0 && inFlight >= 1 && inFlight <= 16)) {
            throw new IllegalArgumentException(
                    "refreshHz must be above 0, leadMs 0 or more, inFlight 1..16, got %s, %s, %d"
                            .formatted(refreshHz, leadMs, inFlight));
        }
    }

    /// The work of the frames of a run.
    public static final class Work {
        private final double[] cpuMs;
        private final double[] gpuMs;

        private Work(double[] cpuMs, double[] gpuMs) {
            this.cpuMs = cpuMs;
            this.gpuMs = gpuMs;
        }

        /// From a log, frames without both left out.
        ///
        /// @return empty if the log knows no CPU and GPU work
        public static Optional<Work> of(FrameSlice frames) {
            Optional<Values> cpu = frames.log().channel(Channel.CPU);
            Optional<Values> gpu = frames.log().channel(Channel.GPU);
            if (cpu.isEmpty() || gpu.isEmpty()) {
                return Optional.empty();
            }
            FrameLog log = frames.log();
            double[] c = new double[frames.size()];
            double[] g = new double[frames.size()];
            int n = 0;
            for (int i = frames.from(); i < frames.to(); i++) {
                if (cpu.get().at(i) >= 0 && gpu.get().at(i) >= 0 && log.kind(i) != FrameKind.GENERATED) {
                    c[n] = cpu.get().at(i);
                    g[n++] = gpu.get().at(i);
                }
            }
            return n < 2 ? Optional.empty() : Optional.of(new Work(Arrays.copyOf(c, n), Arrays.copyOf(g, n)));
        }

        /// GPU work of each frame, ms.
        public double[] gpuMs() {
            return gpuMs.clone();
        }
    }

    /// The same under another rule.
    HeadsetReplay under(CompositorRule other) {
        return new HeadsetReplay(refreshHz, leadMs, other, inFlight);
    }

    /// Plays.
    ///
    /// @param gpuFactor what the GPU work is multiplied by, above 0
    public Reprojection play(Work work, double gpuFactor) {
        double period = 1000 / refreshHz;
        HalfRateLock lock = new HalfRateLock(period);
        Reprojection.Counter counter = new Reprojection.Counter();
        double[] done = new double[inFlight];
        Arrays.fill(done, Double.NEGATIVE_INFINITY);
        double start = -period;
        double cardFree = Double.NEGATIVE_INFINITY;
        long shown = Long.MIN_VALUE;
        for (int i = 0; i < work.cpuMs.length; i++) {
            double gpu = work.gpuMs[i] * gpuFactor;
            double earliest = Math.max(start + lock.every() * period, done[i % inFlight]);
            start = Math.ceil(earliest / period - EPSILON) * period;
            cardFree = Math.max(start + work.cpuMs[i], cardFree) + gpu;
            done[i % inFlight] = cardFree;
            long refresh = (long) Math.ceil((cardFree + leadMs) / period - EPSILON);
            if (rule.queues()) {
                refresh = shown == Long.MIN_VALUE ? refresh : Math.max(refresh, shown + 1);
                // The place in the queue is free when the image is taken from it.
                done[i % inFlight] = Math.max(cardFree, refresh * period - leadMs);
            }
            if (shown != Long.MIN_VALUE) {
                if (refresh > shown) {
                    counter.step(refresh - shown);
                }
                if (rule.locks()) {
                    lock.frame(refresh - shown, Math.max(work.cpuMs[i], gpu));
                }
            }
            shown = refresh;
        }
        return counter.counted(refreshHz, false);
    }
}
