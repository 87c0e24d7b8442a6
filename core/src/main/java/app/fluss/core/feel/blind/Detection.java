package app.fluss.core.feel.blind;

import org.hipparchus.distribution.continuous.NormalDistribution;

/// d prime: how far what is there stands from what is not, in standard deviations of the noise (Green &
/// Swets, "Signal Detection Theory and Psychophysics", 1966, from memory).
public final class Detection {
    private static final NormalDistribution NORMAL = new NormalDistribution();

    private Detection() {}

    /// Of shares.
    ///
    /// @param hits share of what was there and was named, above 0 and below 1
    /// @param falseAlarms share of what was not there and was named, above 0 and below 1
    /// @throws IllegalArgumentException outside the ranges
    public static double dPrime(double hits, double falseAlarms) {
        return z(hits) - z(falseAlarms);
    }

    private static double z(double share) {
        if (!(share > 0 && share < 1)) {
            throw new IllegalArgumentException("a share must be above 0 and below 1, got " + share);
        }
        return NORMAL.inverseCumulativeProbability(share);
    }

    /// Of counts, with the log-linear correction that keeps shares from 0 and 1: half a trial more to
    /// each count, one to each total (Hautus, "Corrections for extreme proportions and their biasing
    /// effects on estimated values of d prime", Behavior Research Methods, Instruments, & Computers 27
    /// (1995) 46-51, from memory).
    ///
    /// @param hits 0 to `there`
    /// @param there 0 or more
    /// @param falseAlarms 0 to `notThere`
    /// @param notThere 0 or more
    public static double dPrime(int hits, int there, int falseAlarms, int notThere) {
        return dPrime((hits + 0.5) / (there + 1), (falseAlarms + 0.5) / (notThere + 1));
    }
}
