package app.fluss.core.tune;

/// What a school allows. Its own are common practice, no source; anybody may set others.
///
/// @param mostAddedMs latency that a path may add, ms
/// @param leastBaseFps base rate that generation needs, /s, 0 or more
/// @param goodBaseFps base rate below which it is allowed with a warning only, /s
public record Bounds(double mostAddedMs, double leastBaseFps, double goodBaseFps) {
    /// Without a warning.
    public Bounds(double mostAddedMs, double leastBaseFps) {
        this(mostAddedMs, leastBaseFps, leastBaseFps);
    }

    /// @throws IllegalArgumentException if one is not a number, or the base is below 0
    public Bounds {
        if (Double.isNaN(mostAddedMs) || !(leastBaseFps >= 0)) {
            throw new IllegalArgumentException("bounds must be numbers and leastBaseFps 0 or more, got %s and %s"
                    .formatted(mostAddedMs, leastBaseFps));
        }
    }
}
