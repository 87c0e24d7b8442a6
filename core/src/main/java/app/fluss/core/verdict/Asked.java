package app.fluss.core.verdict;

/// A rule with the bound that a school sets.
///
/// @param rule what is asked
/// @param bound which it must reach, or must not pass
/// @param warnBound from which on it holds without a warning; the bound itself where there is no warning
/// @param source whose word the bound is
public record Asked(Rule rule, double bound, double warnBound, String source) {
    /// What most bounds rest on.
    public static final String COMMON_PRACTICE = "common practice, no source";

    /// @throws IllegalArgumentException if a bound is no number, or the warning lies on the bad side of the bound
    public Asked {
        if (!Double.isFinite(bound) || !Double.isFinite(warnBound)) {
            throw new IllegalArgumentException("%s: a bound is a number, got %s".formatted(rule.title(), bound));
        }
        if (rule.isShare() && (bound < 0 || bound > 1)) {
            throw new IllegalArgumentException(
                    "%s: the bound is a share, 0 to 100 %%, got %s %%".formatted(rule.title(), bound * 100));
        }
        boolean sensible = rule.atLeast() ? warnBound >= bound : warnBound <= bound;
        if (!sensible) {
            throw new IllegalArgumentException(
                    "%s: a warning at %s contradicts the bound of %s".formatted(rule.title(), warnBound, bound));
        }
    }

    static Asked of(Rule rule, double bound) {
        return new Asked(rule, bound, bound, COMMON_PRACTICE);
    }

    static Asked of(Rule rule, double bound, double warnBound) {
        return new Asked(rule, bound, warnBound, COMMON_PRACTICE);
    }

    /// The same with another bound.
    ///
    /// @param whose word it is
    public Asked with(double other, String whose) {
        double warning =
                warnBound == bound ? other : rule.atLeast() ? Math.max(other, warnBound) : Math.min(other, warnBound);
        return new Asked(rule, other, warning, whose);
    }
}
