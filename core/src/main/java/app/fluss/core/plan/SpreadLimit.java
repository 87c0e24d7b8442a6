package app.fluss.core.plan;

import org.hipparchus.distribution.continuous.ChiSquaredDistribution;

/// How large a spread may be that was seen in a few runs. A plan that takes it for the spread has at least the
/// power that it promises in four of five cases; one that takes the spread seen itself does so in fewer than
/// half.
public final class SpreadLimit {
    /// Share of cases in which the true spread lies below the limit: {@value}. Our own convention.
    static final double SURE = 0.8;

    private SpreadLimit() {}

    /// The upper limit, `s sqrt(f / χ²(0.2, f))`.
    ///
    /// @param sd seen, above 0
    /// @param freedom degrees of freedom that it rests on, 1 or more
    public static double upper(double sd, int freedom) {
        return sd * Math.sqrt(freedom / new ChiSquaredDistribution(freedom).inverseCumulativeProbability(1 - SURE));
    }
}
