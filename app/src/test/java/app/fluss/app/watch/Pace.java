package app.fluss.app.watch;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;

/// How fast the machine is just now: a fixed piece of work, by processor time. On a shared machine that changes by
/// a factor of three within minutes.
final class Pace {
    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();
    private static final int STEPS = 1_000_000;

    /// What the work takes on the machine that the bound was set on, when nothing else runs.
    private static final double USUAL_MS = 2.0;

    private static volatile long sink;

    private Pace() {}

    /// Lets the work be compiled.
    static void warmUp() {
        for (int i = 0; i < 20; i++) {
            now();
        }
    }

    /// How much longer than usual the work takes, 1 or more.
    static double now() {
        long begin = THREADS.getCurrentThreadCpuTime();
        long x = 1;
        for (int i = 0; i < STEPS; i++) {
            x ^= x << 13;
            x ^= x >>> 7;
            x ^= x << 17;
        }
        sink = x;
        return Math.max(1, (THREADS.getCurrentThreadCpuTime() - begin) / 1e6 / USUAL_MS);
    }
}
