package app.fluss.core.compare;

import org.hipparchus.distribution.continuous.TDistribution;

/// Student's t ("The probable error of a mean", Biometrika 6 (1908) 1-25, from memory), as two-sided 95 %
/// intervals use it.
public final class Student {
    /// The confidence of every interval that is shown.
    static final double USUAL = 0.95;

    private Student() {}

    /// How many standard errors a 95 % interval reaches to each side.
    ///
    /// @param freedom degrees of freedom, above 0
    public static double reach(double freedom) {
        return reach(freedom, USUAL);
    }

    /// How many standard errors an interval of another confidence reaches to each side.
    ///
    /// @param freedom degrees of freedom, above 0
    /// @param confidence above 0 and below 1
    public static double reach(double freedom, double confidence) {
        return new TDistribution(freedom).inverseCumulativeProbability((1 + confidence) / 2);
    }

    /// The chance of a value at least so far from 0.
    ///
    /// @param t a difference over its standard error
    /// @param freedom degrees of freedom, above 0
    public static double twoSided(double t, double freedom) {
        return 2 * new TDistribution(freedom).cumulativeProbability(-Math.abs(t));
    }
}
