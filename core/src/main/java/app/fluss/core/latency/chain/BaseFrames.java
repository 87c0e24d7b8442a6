package app.fluss.core.latency.chain;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.FrameSlice;
import app.fluss.core.frame.Values;
import app.fluss.core.measure.FrameTimes;
import java.util.Arrays;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/// The frames that the game draws while the path is on, in the order in which it drew them.
///
/// A frame that may only start when frame n - q has left takes q frame times from its start to its end while
/// what comes behind it holds the game up; so the queue adds `q · T - c - g`, and nothing where the CPU or a
/// cap is what the game waits for.
public final class BaseFrames {
    private static final double BUSY = 0.9;
    private static final double WITHIN = 0.02;
    private static final double AT_PACE = 0.05;
    private static final int AROUND = 7;

    private final double[] frameMs;
    private final double[] cpuMs;
    private final double[] gpuMs;
    private final boolean[] heldBehind;
    private final double inFlight;
    private final double @Nullable [] queueMs;

    private BaseFrames(
            double[] frameMs,
            double[] cpuMs,
            double[] gpuMs,
            boolean[] heldBehind,
            double inFlight,
            double @Nullable [] queueMs) {
        this.frameMs = frameMs;
        this.cpuMs = cpuMs;
        this.gpuMs = gpuMs;
        this.heldBehind = heldBehind;
        this.inFlight = inFlight;
        this.queueMs = queueMs;
    }

    /// Frames that are all alike.
    ///
    /// @param frameMs time from each rendered image to the next, ms
    /// @param cpuMs CPU work, ms; NaN if not known
    /// @param gpuMs GPU work until the image is handed on, ms; NaN if not known
    /// @param heldBehind whether GPU or display hold the game up
    /// @param inFlight q, frames between start and end at most, 1 to 16; NaN if not stated
    public static BaseFrames alike(double frameMs, double cpuMs, double gpuMs, boolean heldBehind, double inFlight) {
        return new BaseFrames(
                new double[] {frameMs},
                new double[] {cpuMs},
                new double[] {gpuMs},
                new boolean[] {heldBehind},
                inFlight,
                null);
    }

    /// The rendered images of a log.
    ///
    /// @param generatorMs part of the logged GPU work that is spent on generated images, ms
    /// @param takenEveryMs interval at which a generator can take frames; where the log has that interval,
    ///     the game drew more than were taken and its own interval is its work; NaN if it takes all
    /// @param pacedMs interval of a cap, ms, which then is what the game waits for; NaN for none
    /// @return empty without two rendered images
    public static Optional<BaseFrames> of(
            FrameSlice slice, double generatorMs, double takenEveryMs, double pacedMs, double inFlight) {
        FrameLog log = slice.log();
        FrameTimes times = log.kindsStated() ? FrameTimes.of(slice, FrameKind.RENDERED) : FrameTimes.of(slice);
        int n = times.size();
        if (n == 0) {
            return Optional.empty();
        }
        double[] frame = times.toArray();
        double[] cpu = column(log, Channel.CPU, times);
        double[] gpu = column(log, Channel.GPU, times);
        double free = 1 - (Double.isNaN(takenEveryMs) ? 0 : generatorMs / takenEveryMs);
        boolean[] held = new boolean[n];
        for (int i = 0; i < n; i++) {
            double drawn = Math.max(0, gpu[i] - generatorMs);
            if (takenEveryMs > frame[i] * (1 - WITHIN) && drawn > 0) {
                frame[i] = Math.max(cpu[i], drawn / free);
                held[i] = drawn / free >= cpu[i];
            } else {
                held[i] = gpu[i] >= BUSY * Math.min(frame[i], around(times, i)) && gpu[i] >= cpu[i];
            }
            held[i] &= !(around(times, i) <= pacedMs * (1 + WITHIN));
            gpu[i] = drawn;
        }
        return Optional.of(new BaseFrames(frame, cpu, gpu, held, inFlight, null));
    }

    /// Mean of the frames around one: each for itself swings about the pace that is kept.
    private static double around(FrameTimes times, int at) {
        int from = Math.max(0, at - AROUND);
        int to = Math.min(times.size(), at + AROUND + 1);
        double sum = 0;
        for (int i = from; i < to; i++) {
            sum += times.at(i);
        }
        return sum / (to - from);
    }

    private static double[] column(FrameLog log, Channel channel, FrameTimes times) {
        double[] column = new double[times.size()];
        Optional<Values> values = log.channel(channel);
        if (values.isEmpty()) {
            Arrays.fill(column, Double.NaN);
        } else {
            for (int i = 0; i < column.length; i++) {
                column[i] = values.get().at(times.image(i));
            }
        }
        return column;
    }

    /// Whether a display that takes images in turn is what the game waits for: most frames last a whole number
    /// of refreshes, and no cap says so.
    ///
    /// @param periodMs one refresh, ms
    /// @param capMs interval of a cap, ms; NaN for none
    public boolean isPacedBy(double periodMs, double capMs) {
        int paced = 0;
        for (double f : frameMs) {
            double refreshes = Math.max(1, Math.rint(f / periodMs));
            boolean capped = Math.abs(f - capMs) <= AT_PACE * capMs;
            paced += !capped && Math.abs(f - refreshes * periodMs) <= AT_PACE * f ? 1 : 0;
        }
        return paced * 2 > frameMs.length;
    }

    /// The same, held up by a display that takes images in turn and is full.
    public BaseFrames heldByDisplay() {
        boolean[] all = new boolean[frameMs.length];
        Arrays.fill(all, true);
        return new BaseFrames(frameMs, cpuMs, gpuMs, all, inFlight, null);
    }

    /// The same, with what each frame waited from a log that knows when its game time was taken. A compositor
    /// says when a frame starts, so that no rule on the queue could tell.
    ///
    /// @return the same as this where the log has no game times
    BaseFrames startedBy(FrameSlice slice) {
        FrameLog log = slice.log();
        FrameTimes times = log.kindsStated() ? FrameTimes.of(slice, FrameKind.RENDERED) : FrameTimes.of(slice);
        if (!log.has(Channel.CONTENT)) {
            return this;
        }
        double[] queue = column(log, Channel.CONTENT, times);
        for (int i = 0; i < queue.length; i++) {
            queue[i] = Math.max(0, log.present().at(times.image(i)) - queue[i] - cpuMs[i] - gpuMs[i]);
        }
        return new BaseFrames(frameMs, cpuMs, gpuMs, new boolean[frameMs.length], inFlight, queue);
    }

    /// The frame that reads an input which comes between the ends of two frames. Where the game is held up
    /// from behind, frame n starts when frame n - q ends.
    ///
    /// @param within the later of the two
    int readBy(int within) {
        int later = heldBehind[within] && inFlight > 1 ? (int) inFlight : 1;
        return Math.min(within + later, frameMs.length - 1);
    }

    int size() {
        return frameMs.length;
    }

    /// From the image before, ms.
    double frameMs(int frame) {
        return frameMs[frame];
    }

    /// CPU work, ms; NaN if not known.
    double cpuMs(int frame) {
        return cpuMs[frame];
    }

    /// GPU work until the image is handed on, ms; NaN if not known.
    double gpuMs(int frame) {
        return gpuMs[frame];
    }

    /// Where each frame ends, ms after the start of the first; ascending.
    double[] endsMs() {
        double[] ends = frameMs.clone();
        Arrays.parallelPrefix(ends, Double::sum);
        return ends;
    }

    /// What the queue adds to a frame, ms; NaN where it is not known.
    double queueMs(int frame) {
        if (queueMs != null) {
            return queueMs[frame];
        }
        if (!heldBehind[frame]) {
            return Double.isNaN(cpuMs[frame]) || Double.isNaN(gpuMs[frame]) ? Double.NaN : 0;
        }
        double whole = 0;
        for (int k = 0; k < inFlight; k++) {
            int before = Math.max(0, frame - k);
            // Behind a frame that was not held up the queue is empty: what is left of it is its own drawing.
            whole += heldBehind[before] ? frameMs[before] : gpuMs[before];
            if (!heldBehind[before]) {
                break;
            }
        }
        return Double.isNaN(inFlight) ? Double.NaN : Math.max(0, whole - cpuMs[frame] - gpuMs[frame]);
    }
}
