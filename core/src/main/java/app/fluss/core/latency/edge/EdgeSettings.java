package app.fluss.core.latency.edge;

import java.util.Optional;

/// How edges are looked for.
///
/// @param threshold share of the light's step at which it counts, above 0 and below 1
/// @param timeoutMs after this a click that changed nothing is a missed one, 20 to 10000
/// @param refractoryMs two clicks are at least this far apart, 1 to 10000
/// @param press which part of the input is a press; empty to find out
public record EdgeSettings(double threshold, double timeoutMs, double refractoryMs, Optional<PressKind> press) {
    /// Half of the step, half a second, 50 ms.
    public static final EdgeSettings DEFAULT = new EdgeSettings(0.5, 500, 50, Optional.empty());

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

    /// The same with another share of the step.
    public EdgeSettings withThreshold(double share) {
        return new EdgeSettings(share, timeoutMs, refractoryMs, press);
    }

    /// The same with another part of the input as the press.
    public EdgeSettings withPress(Optional<PressKind> kind) {
        return new EdgeSettings(threshold, timeoutMs, refractoryMs, kind);
    }
}
