package app.fluss.core.measure;

/// Mean, standard deviation and lag-1 autocorrelation of a sequence.
///
/// Two passes with the first value taken off, and the correction term of the corrected two-pass algorithm
/// (Chan, Golub and LeVeque, "Algorithms for Computing the Sample Variance", The American Statistician 37
/// (1983) 242-247, from memory). The one-pass sum of squares is not used: on a small spread around a large mean
/// it loses every digit.
///
/// @param n number of values
/// @param mean arithmetic mean; NaN if there are none
/// @param sd standard deviation with n - 1; NaN below two values
/// @param lag1 `sum((x_i - m)(x_(i+1) - m)) / sum((x_i - m)^2)`, -1 to 1; NaN where the spread is 0 or below
///     two values
public record Moments(int n, double mean, double sd, double lag1) {
    /// The moments of a sequence; NaN in gives NaN out.
    public static Moments of(double... x) {
        int n = x.length;
        if (n == 0) {
            return new Moments(0, Double.NaN, Double.NaN, Double.NaN);
        }
        double origin = x[0];
        double sum = 0;
        for (double v : x) {
            sum += v - origin;
        }
        double shifted = sum / n;
        double rest = 0;
        double squares = 0;
        double products = 0;
        double before = 0;
        for (double v : x) {
            double d = (v - origin) - shifted;
            rest += d;
            squares += d * d;
            products += before * d;
            before = d;
        }
        double variance = (squares - rest * rest / n) / (n - 1);
        return new Moments(
                n,
                origin + shifted,
                n > 1 ? Math.sqrt(variance) : Double.NaN,
                n > 1 && squares > 0 ? products / squares : Double.NaN);
    }
}
