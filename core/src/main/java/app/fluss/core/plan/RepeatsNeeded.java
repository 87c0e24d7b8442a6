package app.fluss.core.plan;

import org.hipparchus.distribution.continuous.NormalDistribution;
import org.hipparchus.distribution.continuous.TDistribution;

/// How many runs a side a t test of two means needs to find a difference, two-sided at 5 %. Exact power from the
/// noncentral t distribution; the normal approximation is one or two runs too hopeful where few are needed.
public final class RepeatsNeeded {
    /// Power that is usually wanted: {@value}. Common practice, Cohen 1988 (from memory).
    public static final double USUAL_POWER = 0.8;

    /// A spread cannot be told from fewer: {@value}.
    public static final int FEWEST = 2;

    /// More than this is never worth measuring: {@value}.
    public static final int MOST = 10_000;

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
        double freedom = 2.0 * perSide - 2;
        double limit = new TDistribution(freedom).inverseCumulativeProbability(UPPER);
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
}
