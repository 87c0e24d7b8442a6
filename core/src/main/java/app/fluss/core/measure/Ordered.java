package app.fluss.core.measure;

import java.util.Arrays;

/// A sample in ascending order, from which quantiles, deviations and tails are read. Immutable; the sample that
/// it was made from is left as it was.
public final class Ordered {
    private final double[] ascending;

    private Ordered(double[] ascending) {
        this.ascending = ascending;
    }

    /// Orders a sample.
    ///
    /// @param values any length; NaN is not allowed
    /// @throws IllegalArgumentException if a value is NaN
    public static Ordered of(double... values) {
        return owning(values.clone());
    }

    /// Orders an array that nobody else will use again.
    static Ordered owning(double[] values) {
        RadixSort.sort(values);
        if (values.length > 0 && Double.isNaN(values[values.length - 1])) {
            throw new IllegalArgumentException("values must not hold NaN");
        }
        return new Ordered(values);
    }

    /// Number of values.
    public int size() {
        return ascending.length;
    }

    /// The value at a 0-based rank, smallest first.
    public double at(int rank) {
        return ascending[rank];
    }

    /// The type 7 quantile; NaN for an empty sample.
    ///
    /// @param p share, 0 to 1
    public double quantile(double p) {
        return quantile(p, QuantileMethod.TYPE_7);
    }

    /// The quantile by a stated method; NaN for an empty sample.
    ///
    /// @param p share, 0 to 1
    /// @throws IllegalArgumentException if `p` is outside 0..1
    public double quantile(double p, QuantileMethod method) {
        if (!(p >= 0 && p <= 1)) {
            throw new IllegalArgumentException("p must be in 0..1, got " + p);
        }
        if (ascending.length == 0) {
            return Double.NaN;
        }
        double h = method.position(ascending.length, p);
        int below = (int) h;
        double low = ascending[below - 1];
        return below == ascending.length ? low : low + (h - below) * (ascending[below] - low);
    }

    /// The median; NaN for an empty sample.
    public double median() {
        return quantile(0.5);
    }

    /// The unscaled median absolute deviation from the median; NaN for an empty sample. Found without a second
    /// sort: the deviations below and above the median are two ascending runs, which are walked from the inside
    /// out.
    public double medianAbsoluteDeviation() {
        int n = ascending.length;
        if (n == 0) {
            return Double.NaN;
        }
        double median = median();
        int up = Arrays.binarySearch(ascending, median);
        up = up >= 0 ? up : -up - 1;
        int down = up - 1;
        double last = 0;
        double beforeLast = 0;
        for (int taken = 0; taken <= n / 2; taken++) {
            beforeLast = last;
            double below = down >= 0 ? median - ascending[down] : Double.POSITIVE_INFINITY;
            double above = up < n ? ascending[up] - median : Double.POSITIVE_INFINITY;
            if (below <= above) {
                last = below;
                down--;
            } else {
                last = above;
                up++;
            }
        }
        return n % 2 == 1 ? last : (beforeLast + last) / 2;
    }

    /// The mean of the `count` largest values.
    ///
    /// @param count 1 to [#size()]
    public double meanOfLargest(int count) {
        double sum = 0;
        for (int i = ascending.length - count; i < ascending.length; i++) {
            sum += ascending[i];
        }
        return sum / count;
    }

    /// The value reached when the values are added up from the largest downwards until the sum is at least
    /// `target`; the smallest value if it never is. NaN for an empty sample.
    public double reachedFromTop(double target) {
        double sum = 0;
        for (int i = ascending.length - 1; i >= 0; i--) {
            sum += ascending[i];
            if (sum >= target) {
                return ascending[i];
            }
        }
        return ascending.length == 0 ? Double.NaN : ascending[0];
    }
}
