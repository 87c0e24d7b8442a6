package app.fluss.core.overlay;

/// How long a counter showed one number.
///
/// @param fromMs when it began, ms from the clip's begin
/// @param toMs when the next one began, ms
/// @param pictures for how many pictures
/// @param value what it showed; NaN where it could not be read
public record Stand(double fromMs, double toMs, int pictures, double value) {
    /// Whether it was read.
    public boolean isRead() {
        return !Double.isNaN(value);
    }
}
