package app.fluss.core.overlay;

/// How long a counter showed one number.
///
/// @param fromMs when it began, ms from the clip's begin
/// @param toMs when the next one began, ms
/// @param pictures for how many pictures
/// @param value what it showed; NaN where it could not be read
public record Stand(double fromMs, double toMs, int pictures, double value) {
    /// @throws IllegalArgumentException if it does not last, or is of no picture
    public Stand {
        if (!(fromMs >= 0 && toMs > fromMs && toMs < Double.POSITIVE_INFINITY) || pictures < 1) {
            throw new IllegalArgumentException(
                    "a reading of %d pictures from %s to %s ms".formatted(pictures, fromMs, toMs));
        } else if (Double.isInfinite(value) || value < 0) {
            throw new IllegalArgumentException("a reading of " + value);
        }
    }

    /// Another number at the same time.
    ///
    /// @param other NaN where it could not be read
    public Stand showing(double other) {
        return new Stand(fromMs, toMs, pictures, other);
    }

    /// This and the next one, which shows the same.
    Stand and(Stand next) {
        return new Stand(fromMs, next.toMs, pictures + next.pictures, value);
    }

    /// Whether it was read.
    public boolean isRead() {
        return !Double.isNaN(value);
    }
}
