package app.fluss.app.capture;

import java.util.function.LongSupplier;

/// The time since a scene began, on a clock that does not jump; where the program was started anew in between, the
/// wall clock bridges the gap.
final class SceneClock {
    private static final long NANOS = 1_000_000;

    private final long startedAtMs;
    private final long elapsedAtFirstMs;
    private final long firstNanos;
    private final LongSupplier nanoTime;

    /// @param startedAtMs when the scene began, by the wall clock
    /// @param nowMs the wall clock now
    /// @param nanoTime a clock that only goes forward
    SceneClock(long startedAtMs, long nowMs, LongSupplier nanoTime) {
        this.startedAtMs = startedAtMs;
        this.elapsedAtFirstMs = Math.max(0, nowMs - startedAtMs);
        this.firstNanos = nanoTime.getAsLong();
        this.nanoTime = nanoTime;
    }

    /// Whether it is the clock of a scene that began at a time.
    boolean isOf(long sceneStartedAtMs) {
        return startedAtMs == sceneStartedAtMs;
    }

    /// Time since the scene began, ms; 0 or more.
    long elapsedMs() {
        return elapsedAtFirstMs + (nanoTime.getAsLong() - firstNanos) / NANOS;
    }

    /// The same in whole seconds.
    long elapsedS() {
        return elapsedMs() / 1000;
    }
}
