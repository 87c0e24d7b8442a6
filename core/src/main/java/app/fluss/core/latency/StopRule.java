package app.fluss.core.latency;

/// When enough trials are measured.
///
/// @param samples answered trials that are enough; 0 if their number does not matter
/// @param widthMs width of the median's interval that is narrow enough, ms; 0 if it does not matter
public record StopRule(int samples, double widthMs) {
    /// @throws IllegalArgumentException if one is below 0
    public StopRule {
        if (samples < 0 || !(widthMs >= 0)) {
            throw new IllegalArgumentException(
                    "samples and widthMs must be 0 or more, got %d and %s".formatted(samples, widthMs));
        }
    }

    /// Whether there are enough: so many samples, or so narrow an interval.
    public boolean isReached(LatencyFigures figures) {
        boolean enough = samples > 0 && figures.n() >= samples;
        boolean narrow = widthMs > 0
                && figures.medianInterval()
                        .map(interval -> interval.high() - interval.low() <= widthMs)
                        .orElse(false);
        return enough || narrow;
    }
}
