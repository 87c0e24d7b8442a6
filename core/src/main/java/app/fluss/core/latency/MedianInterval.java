package app.fluss.core.latency;

import app.fluss.core.compare.Interval;
import java.util.Arrays;
import java.util.Optional;
import org.hipparchus.distribution.discrete.BinomialDistribution;

/// The interval of a median from order statistics: the samples of ranks `l` and `n + 1 - l`, with the largest `l` for
/// which `P(l <= B <= n - l)` is at least 95 %, `B` binomial with `n` and 1/2. No shape of distribution is assumed
/// (David and Nagaraja, "Order Statistics", 2003, from memory).
public final class MedianInterval {
    private static final double COVERAGE = 0.95;

    private MedianInterval() {}

    /// The lower rank, counted from 1; 0 if so few samples give no interval.
    public static int lowerRank(int n) {
        BinomialDistribution ranks = new BinomialDistribution(n, 0.5);
        int rank = 0;
        while (rank + 1 <= n / 2 && coverage(ranks, n, rank + 1) >= COVERAGE) {
            rank++;
        }
        return rank;
    }

    /// The chance that the samples of a rank and of its mirror enclose the median.
    public static double coverage(int n, int rank) {
        return coverage(new BinomialDistribution(n, 0.5), n, rank);
    }

    private static double coverage(BinomialDistribution ranks, int n, int rank) {
        return ranks.cumulativeProbability(n - rank) - ranks.cumulativeProbability(rank - 1);
    }

    /// The interval; empty below 6 samples.
    public static Optional<Interval> of(double[] samples) {
        int rank = lowerRank(samples.length);
        if (rank == 0) {
            return Optional.empty();
        }
        double[] sorted = samples.clone();
        Arrays.sort(sorted);
        return Optional.of(new Interval(sorted[rank - 1], sorted[samples.length - rank]));
    }
}
