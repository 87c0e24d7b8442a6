package app.fluss.core.tune;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.FrameSlice;
import app.fluss.core.frame.Values;
import java.util.Arrays;
import java.util.Optional;

/// The work of the frames of a native run, in order.
///
/// @param cpuMs CPU work of each frame, ms
/// @param gpuMs GPU work of each, as many, ms
@SuppressWarnings("ArrayRecordComponent") // made once for a grid and not compared
record NativeWork(double[] cpuMs, double[] gpuMs) {
    /// Frames beyond this are left out: a few minutes say what there is to say.
    static final int MOST_FRAMES = 20_000;

    private static final int FEWEST = 100;

    /// Of the frames that have both.
    ///
    /// @return empty if there are too few
    static Optional<NativeWork> of(FrameSlice slice) {
        FrameLog log = slice.log();
        Optional<Values> cpu = log.channel(Channel.CPU);
        Optional<Values> gpu = log.channel(Channel.GPU);
        if (cpu.isEmpty() || gpu.isEmpty()) {
            return Optional.empty();
        }
        double[] c = new double[Math.min(MOST_FRAMES, slice.size())];
        double[] g = new double[c.length];
        int n = 0;
        for (int i = slice.from(); i < slice.to() && n < c.length; i++) {
            boolean known =
                    !Double.isNaN(cpu.get().at(i)) && !Double.isNaN(gpu.get().at(i));
            if (known && log.kind(i) != FrameKind.GENERATED) {
                c[n] = cpu.get().at(i);
                g[n++] = gpu.get().at(i);
            }
        }
        return n < FEWEST ? Optional.empty() : Optional.of(new NativeWork(Arrays.copyOf(c, n), Arrays.copyOf(g, n)));
    }
}
