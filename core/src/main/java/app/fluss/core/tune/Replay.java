package app.fluss.core.tune;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import java.util.Arrays;

/// Plays the work of native frames again under a cap and with generation.
///
/// A frame starts when its cap lets it, when the CPU is free, and when frame `n - q` has left the GPU; it
/// ends after its work on both. Generated images take the game's GPU after it, or a card of their own. Image
/// j of m is handed on `cost + (j - 1) / m · T` after the frame ends, T being the mean of the base interval
/// so far.
final class Replay {
    private static final double FOLLOWS = 0.1;
    private static final double CLOSEST = 0.5;

    private Replay() {}

    /// The log that would come out.
    ///
    /// @param cpuMs CPU work of each frame, ms
    /// @param gpuMs GPU work of each, ms
    /// @param capMs least time from start to start, ms; 0 for none
    /// @param multiplier images presented per rendered one, 1 or more
    static FrameLog of(double[] cpuMs, double[] gpuMs, double capMs, int multiplier, TuneBench bench) {
        int frames = cpuMs.length;
        double[] starts = new double[frames];
        double[] ends = new double[frames];
        double taken = bench.ownCard() ? 0 : (multiplier - 1) * bench.costMs();
        double cpuFree = 0;
        double gpuFree = 0;
        for (int n = 0; n < frames; n++) {
            double start = Math.max(cpuFree, n >= bench.inFlight() ? ends[n - bench.inFlight()] : 0);
            starts[n] = n == 0 ? start : Math.max(start, starts[n - 1] + capMs);
            cpuFree = starts[n] + cpuMs[n];
            ends[n] = Math.max(cpuFree, gpuFree) + gpuMs[n];
            gpuFree = ends[n] + taken;
        }
        return log(starts, ends, cpuMs, gpuMs, multiplier, bench, taken);
    }

    private static FrameLog log(
            double[] starts,
            double[] ends,
            double[] cpuMs,
            double[] gpuMs,
            int multiplier,
            TuneBench bench,
            double taken) {
        int images = (ends.length - 1) * multiplier;
        double[] present = new double[images];
        double[] content = new double[images];
        double[] cpu = new double[images];
        double[] gpu = new double[images];
        byte[] kinds = new byte[images];
        Arrays.fill(cpu, Double.NaN);
        Arrays.fill(gpu, Double.NaN);
        double mean = ends.length > 1 ? ends[1] - ends[0] : 0;
        double last = Double.NEGATIVE_INFINITY;
        int i = 0;
        for (int n = 1; n < ends.length; n++) {
            mean += FOLLOWS * (ends[n] - ends[n - 1] - mean);
            double step = mean / multiplier;
            double cost = multiplier == 1 ? 0 : bench.costMs();
            for (int j = 1; j <= multiplier; j++, i++) {
                boolean rendered = j == multiplier;
                double made = rendered ? 0 : ends[n] + j * cost;
                double due = multiplier == 1 ? ends[n] : ends[n] + cost + (j - 1) * step;
                last = Math.max(Math.max(due, made), multiplier == 1 ? due : last + CLOSEST * step);
                present[i] = last;
                content[i] = starts[n - 1] + (starts[n] - starts[n - 1]) * j / multiplier;
                kinds[i] = (rendered ? FrameKind.RENDERED : FrameKind.GENERATED).code();
                if (rendered) {
                    cpu[i] = cpuMs[n];
                    gpu[i] = gpuMs[n] + taken;
                }
            }
        }
        return FrameLog.presentedAt(present, images)
                .channel(Channel.CONTENT, content)
                .channel(Channel.CPU, cpu)
                .channel(Channel.GPU, gpu)
                .kinds(kinds)
                .build();
    }
}
