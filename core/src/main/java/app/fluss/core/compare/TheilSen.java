package app.fluss.core.compare;

import app.fluss.core.measure.Ordered;
import java.util.Arrays;
import java.util.Optional;
import org.hipparchus.distribution.continuous.NormalDistribution;

/// The median of the slopes between all pairs of points: a line that a few odd points do not turn. Theil 1950,
/// with the interval of Sen ("Estimates of the regression coefficient based on Kendall's tau", Journal of the
/// American Statistical Association 63 (1968) 1379-1389, from memory).
///
/// @param slope the median; NaN unless two points differ in `x`
/// @param interval 95 %; empty where no two points differ in `x`
record TheilSen(double slope, Optional<Interval> interval) {
    private static final double Z = new NormalDistribution().inverseCumulativeProbability(0.975);

    static TheilSen of(double[] x, double[] y) {
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
            return new TheilSen(Double.NaN, Optional.empty());
        }
        Ordered ordered = Ordered.of(Arrays.copyOf(slopes, n));
        double points = x.length;
        double reach = Z * Math.sqrt(points * (points - 1) * (2 * points + 5) / 18);
        int low = Math.max(0, (int) Math.rint((n - reach) / 2) - 1);
        int high = Math.min(n - 1, (int) Math.rint((n + reach) / 2));
        return new TheilSen(ordered.median(), Optional.of(new Interval(ordered.at(low), ordered.at(high))));
    }
}
