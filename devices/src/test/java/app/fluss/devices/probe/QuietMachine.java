package app.fluss.devices.probe;

import static org.junit.jupiter.api.Assumptions.abort;

import java.util.Arrays;
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

    static void tries(Attempt test) throws Exception {
        for (int attempt = 1; ; attempt++) {
            waitForQuiet();
            try {
                test.run();
                return;
            } catch (AssertionError e) {
                if (attempt == TRIES) {
                    throw e;
                }
            }
        }
    }

    private static void waitForQuiet() {
        for (int wait = 0; wait < WAITS; wait++) {
            if (usuallyLateNanos() < LATE_NANOS) {
                return;
            }
            LockSupport.parkNanos(200 * STEP_NANOS);
        }
        abort("this machine lets threads wait for milliseconds, so nothing can be timed on it");
    }

    /// How late a thread is let run, but for the two latest of a hundred times.
    private static long usuallyLateNanos() {
        long[] late = new long[200];
        for (int i = 0; i < late.length; i++) {
            long due = System.nanoTime() + STEP_NANOS;
            LockSupport.parkNanos(STEP_NANOS);
            late[i] = System.nanoTime() - due;
        }
        Arrays.sort(late);
        return late[195];
    }
}
