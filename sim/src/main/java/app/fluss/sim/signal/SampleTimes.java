package app.fluss.sim.signal;

import app.fluss.sim.scenario.Pickup;
import java.util.Arrays;
import java.util.SplittableRandom;

/// When a recorder takes its samples.
final class SampleTimes {
    private SampleTimes() {}

    /// Times, ms: even, or wandering about even ones, without those that fall into gaps.
    static double[] of(Pickup pickup, double rateHz, double seconds, long seed) {
        double[] ms = new double[(int) (seconds * rateHz)];
        SplittableRandom random = new SplittableRandom(seed ^ 0x5A17);
        double step = 1000 / rateHz;
        double perSample = pickup.gapsPerMinute() / 60_000 * step;
        double gapUntil = Double.NEGATIVE_INFINITY;
        int n = 0;
        for (int i = 0; i < ms.length; i++) {
            double even = i * 1000.0 / rateHz;
            double at =
                    pickup.jitterShare() == 0 ? even : even + pickup.jitterShare() * step * (random.nextDouble() - 0.5);
            if (perSample > 0 && random.nextDouble() < perSample) {
                gapUntil = at + pickup.gapMs();
            }
            if (at >= gapUntil) {
                ms[n++] = at;
            }
        }
        return Arrays.copyOf(ms, n);
    }
}
