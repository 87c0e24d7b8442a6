package app.fluss.core.plan;

import org.hipparchus.distribution.continuous.NormalDistribution;
import org.hipparchus.special.Beta;
import org.hipparchus.special.Gamma;

/// The noncentral t distribution, by the series of Lenth, "Algorithm AS 243: Cumulative distribution function of
/// the non-central t distribution", Applied Statistics 38 (1989) 185-189 (from memory).
final class NoncentralT {
    private static final double SMALL_TERM = 1e-13;
    private static final int MOST_TERMS = 5000;

    private NoncentralT() {}

    /// Probability that the variable is at most `t`.
    ///
    /// @param freedom degrees of freedom, above 0
    /// @param shift noncentrality, absolute value at most about 37, beyond which its square exponential vanishes
    static double cumulative(double t, double freedom, double shift) {
        return t >= 0 ? upwards(t, freedom, shift) : 1 - upwards(-t, freedom, -shift);
    }

    private static double upwards(double t, double freedom, double shift) {
        double x = t * t / (t * t + freedom);
        double half = shift * shift / 2;
        double p = Math.exp(-half);
        double q = shift * Math.exp(-half) / Math.sqrt(2) / Math.exp(Gamma.logGamma(1.5));
        double sum = 0;
        double rest = 1;
        for (int j = 0; j < MOST_TERMS && (j < half || rest > SMALL_TERM); j++) {
            sum += p * Beta.regularizedBeta(x, j + 0.5, freedom / 2) + q * Beta.regularizedBeta(x, j + 1, freedom / 2);
            rest -= p;
            p *= half / (j + 1);
            q *= half / (j + 1.5);
        }
        return new NormalDistribution().cumulativeProbability(-shift) + sum / 2;
    }
}
