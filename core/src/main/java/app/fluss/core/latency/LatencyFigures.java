package app.fluss.core.latency;

import app.fluss.core.compare.Interval;
import app.fluss.core.compare.Student;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Moments;
import app.fluss.core.measure.Ordered;
import java.util.Arrays;
import java.util.Optional;

/// The figures of latency samples, ms.
///
/// @param n samples
/// @param missed trials whose light never came; counted, never dropped
/// @param median of the samples
/// @param mean of the samples
/// @param sd standard deviation, n - 1
/// @param mad unscaled median absolute deviation
/// @param p5 5 % quantile, type 7
/// @param p95 95 % quantile, type 7
/// @param medianInterval 95 % interval of the median; needs 6 samples
/// @param meanInterval 95 % interval of the mean by Student's t: of samples in coarse steps it says more
/// @param resolutionMs the step in which they come, ms; 0 for none
public record LatencyFigures(
        int n,
        int missed,
        Figure median,
        Figure mean,
        Figure sd,
        Figure mad,
        Figure p5,
        Figure p95,
        Optional<Interval> medianInterval,
        Optional<Interval> meanInterval,
        double resolutionMs) {
    /// Fewer samples than this are weak: {@value}. Common practice, no source.
    public static final int FEW = 20;

    /// Steps of this share of the spread and more are coarse: {@value}. Our own convention.
    private static final double COARSE = 0.5;

    /// Works them out for samples of any digits.
    ///
    /// @param samplesMs one for each trial; NaN for a missed one
    public static LatencyFigures of(double[] samplesMs) {
        return of(samplesMs, 0);
    }

    /// Works them out. The median of samples that come in steps may be half a step off whatever their number,
    /// so its interval is wider by that.
    ///
    /// @param samplesMs one for each trial; NaN for a missed one
    /// @param resolutionMs the step in which they come, ms; 0 for none
    public static LatencyFigures of(double[] samplesMs, double resolutionMs) {
        double[] known =
                Arrays.stream(samplesMs).filter(ms -> !Double.isNaN(ms)).toArray();
        Ordered ordered = Ordered.of(known);
        Moments moments = Moments.of(known);
        String none = known.length == 0 ? "no trial was answered" : "one sample has no spread";
        return new LatencyFigures(
                known.length,
                samplesMs.length - known.length,
                Figure.ofFinite(ordered.median(), none),
                Figure.ofFinite(moments.mean(), none),
                Figure.ofFinite(moments.sd(), none),
                Figure.ofFinite(ordered.medianAbsoluteDeviation(), none),
                Figure.ofFinite(ordered.quantile(0.05), none),
                Figure.ofFinite(ordered.quantile(0.95), none),
                MedianInterval.of(known).map(interval -> interval.widened(resolutionMs / 2)),
                meanInterval(moments),
                resolutionMs);
    }

    private static Optional<Interval> meanInterval(Moments moments) {
        if (moments.n() < 2 || moments.sd() == 0) {
            return Optional.empty();
        }
        double half = Student.reach(moments.n() - 1) * moments.sd() / Math.sqrt(moments.n());
        return Optional.of(new Interval(moments.mean() - half, moments.mean() + half));
    }

    /// Whether they come in steps that are large beside their spread: their median then moves by whole steps.
    public boolean isCoarse() {
        return resolutionMs > 0 && !(resolutionMs < COARSE * sd.orNaN());
    }

    /// Whether there are too few samples to lean on.
    public boolean isWeak() {
        return n < FEW;
    }
}
