package app.fluss.sim.scenario;

/// The work that one frame takes on one processor: lognormal around a median, each frame like the one before to
/// a degree (AR(1) of the logarithm), with hitches now and then.
///
/// @param medianMs median work, ms, above 0, at most 1000
/// @param sigma standard deviation of the logarithm, 0 to 1
/// @param likeness how much of the deviation carries over to the next frame, AR(1) coefficient, 0 to 0.999
/// @param hitchesPerThousand hitches in a thousand frames, 0 to 1000
/// @param hitchMs what a hitch adds, ms, 0 to 5000
public record Work(double medianMs, double sigma, double likeness, double hitchesPerThousand, double hitchMs) {
    /// @throws IllegalArgumentException outside the ranges
    public Work {
        Range.above("median_ms", medianMs, 0, 1000);
        Range.within("sigma", sigma, 0, 1);
        Range.within("likeness", likeness, 0, 0.999);
        Range.within("hitches_per_thousand", hitchesPerThousand, 0, 1000);
        Range.within("hitch_ms", hitchMs, 0, 5000);
    }

    /// Always the same work.
    public static Work steady(double ms) {
        return new Work(ms, 0, 0, 0, 0);
    }

    /// Mean work of a frame, ms: `median exp(sigma^2 / 2)` and its share of the hitches.
    public double meanMs() {
        return medianMs * Math.exp(sigma * sigma / 2) + hitchesPerThousand / 1000 * hitchMs;
    }

    /// The same with another median.
    public Work withMedianMs(double ms) {
        return new Work(ms, sigma, likeness, hitchesPerThousand, hitchMs);
    }
}
