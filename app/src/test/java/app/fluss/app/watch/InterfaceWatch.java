package app.fluss.app.watch;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.locks.LockSupport;
import java.util.regex.Pattern;
import javafx.application.Platform;

/// Watches for how long one piece of work holds the interface thread: it asks to be served again and again,
/// and reads how much processor time the thread used in between, which other processes change little.
public final class InterfaceWatch implements AutoCloseable {
    private static final long PAUSE_NS = 2_000_000;
    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();

    /// What computes, reads or writes; charts are drawn by the thread that shows them, pictures of them are not.
    private static final Pattern COMPUTING = Pattern.compile(
            "app\\.fluss\\.(core\\.|sim\\.|devices\\.|files\\.(?!chart\\.|draw\\.)|files\\.draw\\.(Picture|Svg)\\.).*");

    /// Work that held the thread.
    ///
    /// @param ms processor time that it took
    /// @param computing the share of it, 0 to 1, that was no work of the interface
    /// @param pace how much longer than usual the machine took at that moment for a fixed piece of work; 1 or more
    /// @param stack where the thread was: where it computed, else in the midst of the work
    public record Held(double ms, double computing, double pace, List<String> stack) {
        /// As long as it would have taken at the usual pace, ms.
        public double usualMs() {
            return ms / pace;
        }

        @Override
        public String toString() {
            return "%.0f ms, %.0f %% of it computing, at %.1f of the usual time, in%n      %s"
                    .formatted(ms, 100 * computing, pace, String.join("\n      ", stack));
        }
    }

    private final double leastMs;
    private final Thread watch =
            Thread.ofPlatform().daemon().name("interface watch").unstarted(this::run);
    private final AtomicLong served = new AtomicLong();
    private final List<Held> held = new ArrayList<>();
    private volatile Thread watched = watch;
    private volatile long usedNs;
    private volatile boolean stopped;

    /// @param leastMs work that takes less is not kept
    public InterfaceWatch(double leastMs) {
        this.leastMs = leastMs;
        watch.start();
    }

    private void run() {
        Pace.warmUp();
        for (long asked = 1; !stopped; asked++) {
            watchOne(asked);
            LockSupport.parkNanos(PAUSE_NS);
        }
    }

    private void watchOne(long number) {
        long before = usedNs;
        Platform.runLater(() -> {
            watched = Thread.currentThread();
            usedNs = THREADS.getCurrentThreadCpuTime();
            served.set(number);
        });
        List<StackTraceElement[]> seen = new ArrayList<>();
        long worth = before + TimeUnit.MILLISECONDS.toNanos((long) leastMs) / 4;
        while (!stopped && served.get() < number) {
            LockSupport.parkNanos(PAUSE_NS);
            if (before > 0 && THREADS.getThreadCpuTime(watched.threadId()) > worth) {
                seen.add(watched.getStackTrace());
            }
        }
        double ms = (usedNs - before) / 1e6;
        if (before > 0 && ms > leastMs && served.get() == number && !seen.isEmpty()) {
            Held one = held(ms, seen);
            synchronized (held) {
                held.add(one);
            }
        }
    }

    private static Held held(double ms, List<StackTraceElement[]> seen) {
        List<StackTraceElement[]> computing =
                seen.stream().filter(InterfaceWatch::computes).toList();
        List<StackTraceElement[]> told = computing.isEmpty() ? seen : computing;
        return new Held(
                ms,
                (double) computing.size() / seen.size(),
                Pace.now(),
                Arrays.stream(told.get(told.size() / 2))
                        .map(StackTraceElement::toString)
                        .toList());
    }

    private static boolean computes(StackTraceElement[] stack) {
        return Arrays.stream(stack)
                .anyMatch(frame -> COMPUTING.matcher(frame.getClassName() + ".").matches());
    }

    /// What held the thread so far.
    public List<Held> held() {
        synchronized (held) {
            return List.copyOf(held);
        }
    }

    @Override
    public void close() {
        stopped = true;
    }
}
