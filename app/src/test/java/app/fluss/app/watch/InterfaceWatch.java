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
import java.util.stream.Stream;
import javafx.application.Platform;

/// Watches for how long one piece of work holds the interface thread: it asks to be served again and again, and looks
/// at the thread in between. A processor that is shared may stand still for a tenth of a second, and the thread is
/// charged for that; so one look counts for a few milliseconds at most, whatever was charged since the one before.
public final class InterfaceWatch implements AutoCloseable {
    private static final long PAUSE_NS = 1_500_000;

    /// What one look counts for at most, ns: a looker that is late, or has waited for the thread, has not seen more.
    private static final long LOOK_NS = 4_000_000;

    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();

    /// What computes, reads or writes; charts are drawn by the thread that shows them, pictures of them are not.
    private static final Pattern COMPUTING = Pattern.compile(
            "app\\.fluss\\.(core\\.|sim\\.|devices\\.|files\\.(?!chart\\.|draw\\.)|files\\.draw\\.(Picture|Svg)\\.).*");

    /// Work that held the thread.
    ///
    /// @param ms processor time that the thread was charged for it
    /// @param pace how much longer than usual the machine took meanwhile for a fixed piece of work; 1 or more
    /// @param workMs how long the thread was seen at work, at the usual pace; without the waiting for fonts and
    ///     for the display inside of their libraries
    /// @param computingMs the part of it that was no work of the interface
    /// @param stack where the thread was: where it computed, else in the midst of the work
    public record Held(double ms, double pace, double workMs, double computingMs, List<String> stack) {
        @Override
        public String toString() {
            return "%.0f ms, at %.1f of the usual time; %.0f ms seen at work, %.0f of them computing, in%n      %s"
                    .formatted(ms, pace, workMs, computingMs, String.join("\n      ", stack));
        }
    }

    /// The thread as it was found once.
    ///
    /// @param ns what the look counts for
    private record Look(long ns, StackTraceElement[] stack) {
        boolean computes() {
            return Arrays.stream(stack)
                    .anyMatch(frame ->
                            COMPUTING.matcher(frame.getClassName() + ".").matches());
        }

        boolean works() {
            return computes() || (stack.length > 0 && !stack[0].isNativeMethod());
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
        List<Look> looks = new ArrayList<>();
        Pace pace = new Pace();
        long worth = before + TimeUnit.MILLISECONDS.toNanos((long) leastMs) / 4;
        long charged = worth;
        while (!stopped && served.get() < number) {
            LockSupport.parkNanos(PAUSE_NS);
            long now = before > 0 ? THREADS.getThreadCpuTime(watched.threadId()) : 0;
            if (now > worth) {
                looks.add(new Look(Math.min(now - charged, LOOK_NS), watched.getStackTrace()));
                charged = now;
                pace.measure();
            }
        }
        double ms = (usedNs - before) / 1e6;
        if (before > 0 && ms > leastMs && served.get() == number && !looks.isEmpty()) {
            Held one = held(ms, pace.slowness(), looks);
            synchronized (held) {
                held.add(one);
            }
        }
    }

    private static Held held(double ms, double pace, List<Look> looks) {
        List<Look> computing = looks.stream().filter(Look::computes).toList();
        List<Look> working = looks.stream().filter(Look::works).toList();
        List<Look> told = Stream.of(computing, working, looks)
                .filter(some -> !some.isEmpty())
                .findFirst()
                .orElseThrow();
        return new Held(
                ms,
                pace,
                ms(working) / pace,
                ms(computing) / pace,
                Arrays.stream(told.get(told.size() / 2).stack())
                        .map(StackTraceElement::toString)
                        .toList());
    }

    private static double ms(List<Look> looks) {
        return looks.stream().mapToLong(Look::ns).sum() / 1e6;
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
