package app.fluss.core.toggle;

/// A moment at which a path was switched on or off while a run went on.
///
/// @param atMs when, ms on the clock of the run
/// @param turnsOn whether it was switched on
/// @param settlesMs what of the time after it is left out until things have settled, ms
public record ToggleMark(double atMs, boolean turnsOn, double settlesMs) {
    /// What is left out after a switch unless something else is said, ms. Our own convention.
    public static final double SETTLES_MS = 2000;

    /// @throws IllegalArgumentException if a time is not finite, or the settling time below 0
    public ToggleMark {
        if (!Double.isFinite(atMs) || !(settlesMs >= 0 && settlesMs < Double.POSITIVE_INFINITY)) {
            throw new IllegalArgumentException("a switch at %s ms that settles for %s ms".formatted(atMs, settlesMs));
        }
    }
}
