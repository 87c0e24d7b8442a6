package app.fluss.core.measure;

/// The position rule for a sample quantile, after Hyndman and Fan, "Sample Quantiles in Statistical Packages",
/// The American Statistician 50 (1996) 361-365 (from memory). Position h is 1-based and clamped to 1..n; the
/// value is `x[floor h] + (h - floor h)(x[floor h + 1] - x[floor h])`.
public enum QuantileMethod {
    /// `h = (n + 1) p`.
    TYPE_6,
    /// `h = (n - 1) p + 1`; what Fluss uses unless it says otherwise.
    TYPE_7,
    /// `h = (n + 1/3) p + 1/3`; median unbiased.
    TYPE_8;

    /// The clamped, 1-based position for a share `p` of `n` values.
    double position(int n, double p) {
        double h = switch (this) {
            case TYPE_6 -> (n + 1) * p;
            case TYPE_7 -> (n - 1) * p + 1;
            case TYPE_8 -> (n + 1.0 / 3) * p + 1.0 / 3;
        };
        return Math.clamp(h, 1, n);
    }
}
