package app.fluss.core.plan;

import app.fluss.core.compare.Student;
import org.hipparchus.distribution.continuous.BetaDistribution;
import org.hipparchus.distribution.continuous.NormalDistribution;

/// How many runs a side Welch's test of two means needs to find a difference, two-sided at 5 %, where both
/// sides spread alike. Exact: with as many runs on both sides its statistic is that of the t test, noncentral t
/// with `2n - 2` degrees of freedom, and the limit that it must pass follows from the share that one side has
/// of both sample variances, which is beta distributed and independent of the statistic (our own derivation;
/// checked by simulation).
public final class RepeatsNeeded {
    /// Power that is usually wanted: {@value}. Common practice, Cohen 1988 (from memory).
    public static final double USUAL_POWER = 0.8;

    /// A spread cannot be told from fewer: {@value}.
    public static final int FEWEST = 2;

    /// More than this is never worth measuring: {@value}.
    public static final int MOST = 10_000;

    /// From here on the limit hardly depends on the sample variances.
    private static final int MANY = 40;

    private static final int NODES = 32;
    private static final double UPPER = 0.975;

    private RepeatsNeeded() {}

    /// Chance to find a difference with so many runs a side.
    ///
    /// @param perSide runs a side, 2 or more
    /// @param effect difference over the standard deviation from run to run, above 0
    public static double power(int perSide, double effect) {
        if (!(perSide >= FEWEST && effect > 0)) {
            throw new IllegalArgumentException(
                    "perSide must be at least 2 and effect above 0, got %d and %s".formatted(perSide, effect));
        }
        if (perSide >= MANY) {
            return passing(Student.reach(2.0 * perSide - 2), perSide, effect);
        }
        BetaDistribution shares = new BetaDistribution((perSide - 1) / 2.0, (perSide - 1) / 2.0);
        double power = 0;
        for (int node = 0; node < NODES; node++) {
            // The middle of equally likely strips; the other half mirrors this one.
            double share = shares.inverseCumulativeProbability((node + 0.5) / (2 * NODES));
            double freedom = (perSide - 1) / (share * share + (1 - share) * (1 - share));
            power += passing(Student.reach(freedom), perSide, effect) / NODES;
        }
        return power;
    }

    /// Chance that the statistic lies beyond a limit.
    static double passing(double limit, int perSide, double effect) {
        double freedom = 2.0 * perSide - 2;
        double shift = effect * Math.sqrt(perSide / 2.0);
        return 1 - NoncentralT.cumulative(limit, freedom, shift) + NoncentralT.cumulative(-limit, freedom, shift);
    }

    /// Fewest runs a side that find a difference with a power; at least 2, at most [#MOST].
    ///
    /// @param effect difference over the standard deviation from run to run, above 0
    /// @param power wanted, above 0 and below 1
    public static int perSide(double effect, double power) {
        if (!(effect > 0 && power > 0 && power < 1)) {
            throw new IllegalArgumentException(
                    "effect must be above 0 and power between 0 and 1, got %s and %s".formatted(effect, power));
        }
        NormalDistribution normal = new NormalDistribution();
        double z = normal.inverseCumulativeProbability(UPPER) + normal.inverseCumulativeProbability(power);
        int n = (int) Math.clamp(Math.floor(2 * z * z / (effect * effect)), FEWEST, MOST);
        while (n < MOST && power(n, effect) < power) {
            n++;
        }
        return n;
    }

    /// The smallest difference that this many runs a side detect with [#USUAL_POWER], in standard deviations from
    /// run to run.
    ///
    /// @param perSide runs a side, 2 or more
    public static double detectable(int perSide) {
        double low = 0;
        double high = 1;
        while (power(perSide, high) < USUAL_POWER) {
            low = high;
            high *= 2;
        }
        for (int halving = 0; halving < 40 && high - low > 1e-4 * high; halving++) {
            double middle = (low + high) / 2;
            if (power(perSide, middle) < USUAL_POWER) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }
}
