package app.fluss.core.tune;

import app.fluss.core.verdict.Asked;
import app.fluss.core.verdict.Rule;
import app.fluss.core.verdict.School;
import java.util.Optional;

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

    /// Those of a school; what it does not ask for is 0.
    static Bounds of(School school) {
        Optional<Asked> base = school.asked(Rule.BASE_RATE);
        return new Bounds(
                school.asked(Rule.ADDED_LATENCY).map(Asked::bound).orElse(0.0),
                base.map(Asked::bound).orElse(0.0),
                base.map(Asked::warnBound).orElse(0.0));
    }

    /// @throws IllegalArgumentException if one is not a number, or the base is below 0
    public Bounds {
        if (Double.isNaN(mostAddedMs) || !(leastBaseFps >= 0)) {
            throw new IllegalArgumentException("bounds must be numbers and leastBaseFps 0 or more, got %s and %s"
                    .formatted(mostAddedMs, leastBaseFps));
        }
    }
}
