package app.fluss.app.watch;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;

/// How fast the machine is: a fixed piece of work, by processor time, done now and again. On a shared machine that
/// changes by a factor of three within minutes.
final class Pace {
    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();
    private static final int STEPS = 250_000;

    /// What the work takes on the machine that the bounds were set on, when nothing else runs.
    private static final double USUAL_MS = 0.5;

    private static volatile long sink;

    private double tookMs;
    private int times;

    /// Lets the work be compiled.
    static void warmUp() {
        Pace pace = new Pace();
        for (int i = 0; i < 80; i++) {
            pace.measure();
        }
    }

    void measure() {
        long begin = THREADS.getCurrentThreadCpuTime();
        long x = 1;
        for (int i = 0; i < STEPS; i++) {
            x ^= x << 13;
            x ^= x >>> 7;
            x ^= x << 17;
        }
        sink = x;
        tookMs += (THREADS.getCurrentThreadCpuTime() - begin) / 1e6;
        times++;
    }

    /// How much longer than usual the work took, 1 or more.
    double slowness() {
        return Math.max(1, tookMs / (times * USUAL_MS));
    }
}
