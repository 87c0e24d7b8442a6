package app.fluss.core.compare;

import org.hipparchus.distribution.continuous.TDistribution;

/// Student's t ("The probable error of a mean", Biometrika 6 (1908) 1-25, from memory), as two-sided 95 %
/// intervals
/// use it.
public final class Student {
    private static final double UPPER = 0.975;

    private Student() {}

    /// How many standard errors a 95 % interval reaches to each side.
    ///
    /// @param freedom degrees of freedom, above 0
    public static double reach(double freedom) {
        return new TDistribution(freedom).inverseCumulativeProbability(UPPER);
    }

    /// The chance of a value at least so far from 0.
    ///
    /// @param t a difference over its standard error
    /// @param freedom degrees of freedom, above 0
    public static double twoSided(double t, double freedom) {
        return 2 * new TDistribution(freedom).cumulativeProbability(-Math.abs(t));
    }
}
