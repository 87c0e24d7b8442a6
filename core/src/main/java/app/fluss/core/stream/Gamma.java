package app.fluss.core.stream;

import java.util.SplittableRandom;

/// Gamma distributed numbers of scale 1, by Marsaglia and Tsang, "A simple method for generating gamma
/// variables", ACM Transactions on Mathematical Software 26 (2000) 363-372 (from memory).
public final class Gamma {
    private Gamma() {}

    /// The next one.
    ///
    /// @param shape above 0
    public static double next(SplittableRandom random, double shape) {
        if (shape < 1) {
            return next(random, shape + 1) * Math.pow(1 - random.nextDouble(), 1 / shape);
        }
        double d = shape - 1.0 / 3;
        double c = 1 / Math.sqrt(9 * d);
        while (true) {
            double x = random.nextGaussian();
            double v = 1 + c * x;
            if (v > 0) {
                v = v * v * v;
                double u = 1 - random.nextDouble();
                if (Math.log(u) < 0.5 * x * x + d - d * v + d * Math.log(v)) {
                    return d * v;
                }
            }
        }
    }
}
