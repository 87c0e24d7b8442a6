package app.fluss.core.measure;

/// How frame times spread around their middle. Quantiles are type 7. Every figure is NaN-free: see [Figure].
///
/// @param mean arithmetic mean, ms
/// @param sd standard deviation with n - 1, ms; needs two intervals
/// @param median ms
/// @param mad unscaled median absolute deviation, ms
/// @param iqr third less first quartile, ms
/// @param p5 5 % quantile, ms
/// @param p95 95 % quantile, ms
/// @param p99 99 % quantile, ms
/// @param p999 99.9 % quantile, ms
/// @param min smallest, ms
/// @param max largest, ms
/// @param cv standard deviation over mean, no unit
public record Spread(
        Figure mean,
        Figure sd,
        Figure median,
        Figure mad,
        Figure iqr,
        Figure p5,
        Figure p95,
        Figure p99,
        Figure p999,
        Figure min,
        Figure max,
        Figure cv) {
    private static final String NONE = "no frame time in this stretch";

    static Spread of(Moments moments, Ordered times) {
        Figure mean = Figure.ofFinite(moments.mean(), NONE);
        Figure sd = Figure.ofFinite(moments.sd(), "needs two frame times");
        int n = times.size();
        return new Spread(
                mean,
                sd,
                quantile(times, 0.5),
                Figure.ofFinite(times.medianAbsoluteDeviation(), NONE),
                quantile(times, 0.75).with(quantile(times, 0.25), (upper, lower) -> upper - lower),
                quantile(times, 0.05),
                quantile(times, 0.95),
                quantile(times, 0.99),
                quantile(times, 0.999),
                n > 0 ? Figure.of(times.at(0)) : Figure.missing(NONE),
                n > 0 ? Figure.of(times.at(n - 1)) : Figure.missing(NONE),
                sd.with(mean, (s, m) -> s / m));
    }

    /// `p95 - p5`, ms.
    public Figure middleNinety() {
        return p95.with(p5, (upper, lower) -> upper - lower);
    }

    /// `p99 / p50`, no unit.
    public Figure tailRatio() {
        return p99.with(median, (tail, middle) -> tail / middle);
    }

    private static Figure quantile(Ordered times, double p) {
        return Figure.ofFinite(times.quantile(p), NONE);
    }
}
