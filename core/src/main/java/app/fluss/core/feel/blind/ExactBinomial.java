package app.fluss.core.feel.blind;

import app.fluss.core.compare.Interval;
import org.hipparchus.distribution.continuous.BetaDistribution;
import org.hipparchus.distribution.discrete.BinomialDistribution;

/// Right answers against a coin: exact binomial probabilities, and Clopper and Pearson's interval of a
/// share ("The use of confidence or fiducial limits illustrated in the case of the binomial", Biometrika
/// 26 (1934) 404-413, from memory).
public final class ExactBinomial {
    private static final double TAIL = 0.025;

    private ExactBinomial() {}

    private static void check(int right, int of) {
        if (of < 1 || right < 0 || right > of) {
            throw new IllegalArgumentException(
                    "right must be in 0..of and of 1 or more, got %d of %d".formatted(right, of));
        }
    }

    /// The chance of at least so many by guessing, one-sided.
    ///
    /// @param right 0 to `of`
    /// @param of 1 or more
    /// @throws IllegalArgumentException outside the ranges
    public static double atLeast(int right, int of) {
        check(right, of);
        return atLeast(right, of, 0.5);
    }

    private static double atLeast(int right, int of, double share) {
        return right == 0 ? 1 : 1 - new BinomialDistribution(of, share).cumulativeProbability(right - 1);
    }

    /// The chance of a count at least so far from half of them by guessing, two-sided.
    ///
    /// @throws IllegalArgumentException outside the ranges
    public static double twoSided(int right, int of) {
        check(right, of);
        return Math.min(1, 2 * atLeast(Math.max(right, of - right), of));
    }

    /// The 95 % interval of the share that would be right.
    ///
    /// @throws IllegalArgumentException outside the ranges
    public static Interval share(int right, int of) {
        check(right, of);
        double low = right == 0 ? 0 : new BetaDistribution(right, of - right + 1.0).inverseCumulativeProbability(TAIL);
        double high =
                right == of ? 1 : new BetaDistribution(right + 1.0, of - right).inverseCumulativeProbability(1 - TAIL);
        return new Interval(low, high);
    }

    /// Fewest right answers that guessing reaches with a chance of at most `level`; one more than `of` if
    /// even all are too few.
    public static int needed(int of, double level) {
        int right = 0;
        while (right <= of && atLeast(right, of, 0.5) > level) {
            right++;
        }
        return right;
    }

    /// The chance that somebody who is right with a share is told from one who guesses.
    ///
    /// @param share of right answers, 0 to 1
    /// @param level the chance that is allowed to guessing
    public static double power(int of, double level, double share) {
        int needed = needed(of, level);
        return needed > of ? 0 : atLeast(needed, of, share);
    }
}
