package app.fluss.devices.probe;

import static org.junit.jupiter.api.Assumptions.abort;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.locks.LockSupport;

/// Tries what takes a machine that lets threads run when they are due. Whatever else the machine does only adds delay,
/// so that one try in which the figures are right shows that they can be; a wrong figure is wrong in every try.
final class QuietMachine {
    private static final int TRIES = 4;
    private static final int WAITS = 20;
    private static final long STEP_NANOS = 1_000_000;
    private static final long LATE_NANOS = 800_000;

    private QuietMachine() {}

    /// One try.
    interface Attempt {
        void run() throws Exception;
    }

    /// Tries until one attempt succeeds. A failure counts if the machine was quiet all the while; where it never was,
    /// the
    /// test is left out, in words.
    static void tries(Attempt test) throws Exception {
        Optional<AssertionError> counts = Optional.empty();
        for (int attempt = 0; attempt < TRIES; attempt++) {
            waitForQuiet();
            try (Watch watch = new Watch()) {
                try {
                    test.run();
                    return;
                } catch (AssertionError e) {
                    counts = watch.wasQuiet() ? Optional.of(e) : counts;
                }
            }
        }
        throw counts.orElseGet(QuietMachine::tooBusy);
    }

    private static AssertionError tooBusy() {
        return abort("this machine lets threads wait for milliseconds, so nothing can be timed on it");
    }

    private static void waitForQuiet() {
        for (int wait = 0; wait < WAITS; wait++) {
            long[] late = new long[200];
            Arrays.setAll(late, _ -> lateNanos());
            if (usually(late) < LATE_NANOS) {
                return;
            }
            LockSupport.parkNanos(200 * STEP_NANOS);
        }
        throw tooBusy();
    }

    /// How late a thread is let run that waits for a millisecond.
    private static long lateNanos() {
        long due = System.nanoTime() + STEP_NANOS;
        LockSupport.parkNanos(STEP_NANOS);
        return System.nanoTime() - due;
    }

    /// The lateness but for the latest two of a hundred times.
    private static long usually(long[] late) {
        Arrays.sort(late);
        return late[late.length * 98 / 100];
    }

    /// Looks, beside an attempt, how late threads are let run.
    private static final class Watch implements AutoCloseable {
        private final List<Long> late = Collections.synchronizedList(new ArrayList<>());
        private volatile boolean ended;
        private final Thread looking = Thread.ofPlatform().daemon().start(() -> {
            while (!ended) {
                late.add(lateNanos());
            }
        });

        boolean wasQuiet() throws InterruptedException {
            close();
            looking.join();
            return usually(late.stream().mapToLong(one -> one).toArray()) < LATE_NANOS;
        }

        @Override
        public void close() {
            ended = true;
        }
    }
}
