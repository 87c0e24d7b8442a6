package app.fluss.core.measure;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameSlice;
import app.fluss.core.frame.Values;
import java.util.Optional;

/// How much of a frame budget is left: `1 - Q95(max(c, g)) / budget`, with c and g the CPU and GPU work of each
/// frame. Our own convention.
final class Headroom {
    private Headroom() {}

    /// The share left, at most 1; below 0 where the budget is missed.
    ///
    /// @param budgetMs time for one frame, ms; NaN if there is none
    static Figure of(FrameSlice slice, double budgetMs) {
        if (Double.isNaN(budgetMs)) {
            return Figure.missing("no refresh rate or cap is stated");
        }
        Optional<Values> cpu = slice.log().channel(Channel.CPU);
        Optional<Values> gpu = slice.log().channel(Channel.GPU);
        if (cpu.isEmpty() || gpu.isEmpty()) {
            return Figure.missing("the log has no CPU and GPU work");
        }
        double p95 = Ordered.of(work(slice, cpu.get(), gpu.get())).quantile(0.95);
        return Figure.ofFinite(1 - p95 / budgetMs, "no frame has both CPU and GPU work");
    }

    /// What the longer of the two took, of the frames that state both; counted first, for memory's sake.
    private static double[] work(FrameSlice slice, Values cpu, Values gpu) {
        int known = 0;
        for (int i = slice.from(); i < slice.to(); i++) {
            known += Double.isNaN(Math.max(cpu.at(i), gpu.at(i))) ? 0 : 1;
        }
        double[] work = new double[known];
        int n = 0;
        for (int i = slice.from(); i < slice.to(); i++) {
            double longest = Math.max(cpu.at(i), gpu.at(i));
            if (!Double.isNaN(longest)) {
                work[n++] = longest;
            }
        }
        return work;
    }
}
