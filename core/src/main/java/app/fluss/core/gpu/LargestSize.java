package app.fluss.core.gpu;

import app.fluss.core.compare.Interval;
import java.util.Optional;

/// The largest motion-estimation size that keeps a card which generates under a load.
///
/// @param size share of the output per axis, 0 to 1; 1 if even full size stays under it, 0 if none does
/// @param interval 95 %, held to 0 to 1; empty where the fit has none
public record LargestSize(double size, Optional<Interval> interval) {
    /// Size below which generated motion suffers; common practice, no source.
    public static final double LEAST_USEFUL = 0.7;

    /// From the fit.
    ///
    /// @param megapixels of the output, above 0
    /// @param baseFps rendered images a second, above 0
    /// @param multiplier images presented for each rendered one, 2 or more
    /// @param targetPct load not to be passed, percent, above 0, at most 100
    /// @throws IllegalArgumentException outside the ranges
    public static LargestSize of(LoadModel model, double megapixels, double baseFps, int multiplier, double targetPct) {
        if (!(megapixels > 0 && baseFps > 0 && multiplier >= 2 && targetPct > 0 && targetPct <= 100)) {
            throw new IllegalArgumentException(
                    "megapixels and baseFps must be above 0, multiplier 2 or more, targetPct in 0..100; got %s, %s, %d, %s"
                            .formatted(megapixels, baseFps, multiplier, targetPct));
        }
        double fullWork = (multiplier - 1) * baseFps * megapixels;
        LoadModel.Fitted work = model.workAt(targetPct);
        return new LargestSize(
                size(work.value(), fullWork),
                work.interval().map(i -> new Interval(size(i.low(), fullWork), size(i.high(), fullWork))));
    }

    private static double size(double work, double fullWork) {
        return Math.sqrt(Math.clamp(work / fullWork, 0, 1));
    }

    /// Whether the size is large enough to be of use, and its interval, if there is one, leaves no doubt.
    public boolean isUseful() {
        return interval.map(Interval::low).orElse(size) >= LEAST_USEFUL;
    }
}
