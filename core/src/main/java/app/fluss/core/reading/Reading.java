package app.fluss.core.reading;

/// One look at a counter.
///
/// @param second after the start, s; NaN if it was noted without its time
/// @param fps what it said, or the middle of the range that it jumped over, /s
/// @param lowFps lowest that it said, the same for a single number, /s; NaN if not noted
/// @param highFps highest that it said, the same for a single number, /s; NaN if not noted
/// @param baseFps what a generator took for its base, /s; NaN if it does not say
public record Reading(double second, double fps, double lowFps, double highFps, double baseFps) {
    /// A single number.
    public static Reading of(double second, double fps) {
        return new Reading(second, fps, fps, fps, Double.NaN);
    }
}
