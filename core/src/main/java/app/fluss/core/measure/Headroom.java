package app.fluss.core.measure;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameSlice;
import app.fluss.core.frame.Values;
import java.util.Arrays;
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
        double[] work = new double[slice.size()];
        int n = 0;
        for (int i = slice.from(); i < slice.to(); i++) {
            double longest = Math.max(cpu.get().at(i), gpu.get().at(i));
            if (!Double.isNaN(longest)) {
                work[n++] = longest;
            }
        }
        double p95 = Ordered.of(Arrays.copyOf(work, n)).quantile(0.95);
        return Figure.ofFinite(1 - p95 / budgetMs, "no frame has both CPU and GPU work");
    }
}
