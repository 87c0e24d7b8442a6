package app.fluss.core.compare;

import app.fluss.core.measure.Ordered;

/// The Hodges-Lehmann shift between two samples: the median of all differences (Hollander and Wolfe,
/// "Nonparametric Statistical Methods", 1973, from memory).
public final class HodgesLehmann {
    private HodgesLehmann() {}

    /// The median of all `b_j - a_i`, in the samples' unit.
    ///
    /// @param a one or more finite values; the product of the lengths is the memory taken
    /// @param b one or more finite values
    public static double shift(double[] a, double[] b) {
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
        return Ordered.of(differences).median();
    }
}
