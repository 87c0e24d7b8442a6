package app.fluss.core.latency;

/// How edges are looked for.
///
/// @param threshold share of the light's step at which it counts, above 0 and below 1
/// @param timeoutMs after this a click that changed nothing is a missed one, 20 to 10000
/// @param refractoryMs two clicks are at least this far apart, 1 to 10000
public record EdgeSettings(double threshold, double timeoutMs, double refractoryMs) {
    /// Half of the step, half a second, 50 ms.
    public static final EdgeSettings DEFAULT = new EdgeSettings(0.5, 500, 50);

    /// @throws IllegalArgumentException outside the ranges
    public EdgeSettings {
        if (!(threshold > 0 && threshold < 1)) {
            throw new IllegalArgumentException("threshold must be above 0 and below 1, got " + threshold);
        }
        if (!(timeoutMs >= 20 && timeoutMs <= 10_000 && refractoryMs >= 1 && refractoryMs <= 10_000)) {
            throw new IllegalArgumentException(
                    "timeout must be 20..10000 ms and refractory time 1..10000 ms, got %s and %s"
                            .formatted(timeoutMs, refractoryMs));
        }
    }
}
