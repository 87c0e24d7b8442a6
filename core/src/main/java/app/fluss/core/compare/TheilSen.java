package app.fluss.core.compare;

import app.fluss.core.measure.Ordered;
import java.util.Arrays;

/// The median of the slopes between all pairs of points: a line that a few odd points do not turn. Theil 1950, Sen 1968
/// (from memory).
final class TheilSen {
    private TheilSen() {}

    /// The slope; NaN unless two points differ in `x`.
    static double slope(double[] x, double[] y) {
        double[] slopes = new double[x.length * (x.length - 1) / 2];
        int n = 0;
        for (int i = 0; i < x.length; i++) {
            for (int j = i + 1; j < x.length; j++) {
                if (x[i] != x[j]) {
                    slopes[n++] = (y[j] - y[i]) / (x[j] - x[i]);
                }
            }
        }
        if (n == 0) {
            return Double.NaN;
        }
        return Ordered.of(Arrays.copyOf(slopes, n)).median();
    }
}
