package app.fluss.core.compare;

import org.hipparchus.distribution.continuous.NormalDistribution;

/// The 95 % interval of a share: Wilson's score interval without continuity correction (Wilson, "Probable
/// inference, the law of succession, and statistical inference", Journal of the American Statistical
/// Association 22 (1927) 209-212, from memory).
public final class Wilson {
    private static final double Z = new NormalDistribution().inverseCumulativeProbability(0.975);

    private Wilson() {}

    /// The interval.
    ///
    /// @param hits 0 to `trials`
    /// @param trials 1 or more
    /// @throws IllegalArgumentException outside the ranges
    public static Interval of(long hits, long trials) {
        if (!(trials >= 1 && hits >= 0 && hits <= trials)) {
            throw new IllegalArgumentException(
                    "hits must be in 0..trials and trials 1 or more, got %d of %d".formatted(hits, trials));
        }
        return ofShare((double) hits / trials, (double) trials);
    }

    /// The interval of a share of trials that are not independent of each other.
    ///
    /// @param share 0 to 1
    /// @param effective how many independent trials they are worth, above 0
    public static Interval ofShare(double share, double effective) {
        return ofShare(share, effective, Z);
    }

    /// The interval of a share of trials that come in spells: how many independent trials they are worth is itself
    /// estimated, from so many spells, so Student's t takes the place of the normal quantile.
    ///
    /// @param share 0 to 1
    /// @param effective how many independent trials they are worth, above 0
    /// @param spells 0 or more; for none the trials count as they are
    public static Interval ofSpells(double share, double effective, long spells) {
        return ofShare(share, effective, spells == 0 ? Z : Student.reach((double) Math.max(1, spells - 1)));
    }

    private static Interval ofShare(double share, double effective, double z) {
        double squared = z * z / effective;
        double middle = (share + squared / 2) / (1 + squared);
        double half = z / (1 + squared) * Math.sqrt(share * (1 - share) / effective + squared / 4 / effective);
        return new Interval(Math.max(0, middle - half), Math.min(1, middle + half));
    }
}
