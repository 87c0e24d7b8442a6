package app.fluss.core.compare;

import app.fluss.core.measure.Ordered;
import java.util.Optional;

/// The Hodges-Lehmann shift between two samples: the median of all differences (Hollander and Wolfe,
/// "Nonparametric Statistical Methods", 1973, from memory).
public final class HodgesLehmann {
    private static final double Z_95 = 1.959963985;

    private HodgesLehmann() {}

    /// The median of all `b_j - a_i`, in the samples' unit.
    ///
    /// @param a one or more finite values; the product of the lengths is the memory taken
    /// @param b one or more finite values
    public static double shift(double[] a, double[] b) {
        return differences(a, b).median();
    }

    /// The 95 % interval of the shift: the differences of the ranks `k` and `mn + 1 - k`, with `k` from the
    /// normal approximation of the Mann-Whitney statistic, `mn/2 - 1.96 sqrt(mn (m + n + 1) / 12)` (Hollander
    /// and Wolfe 1973, from memory).
    ///
    /// @param a finite values; the product of the lengths is the memory taken
    /// @param b finite values
    /// @return empty if the samples are too small for an interval
    public static Optional<Interval> interval(double[] a, double[] b) {
        double pairs = (double) a.length * b.length;
        double half = Z_95 * Math.sqrt(pairs * (a.length + b.length + 1) / 12);
        int rank = (int) Math.floor(pairs / 2 - half);
        if (rank < 1) {
            return Optional.empty();
        }
        Ordered differences = differences(a, b);
        return Optional.of(new Interval(differences.at(rank - 1), differences.at(differences.size() - rank)));
    }

    private static Ordered differences(double[] a, double[] b) {
        if (a.length == 0 || b.length == 0) {
            throw new IllegalArgumentException("each sample must have a value");
        }
        double[] differences = new double[Math.multiplyExact(a.length, b.length)];
        int n = 0;
        for (double x : a) {
            for (double y : b) {
                differences[n++] = y - x;
            }
        }
        return Ordered.of(differences);
    }
}
