package app.fluss.core.vr;

import app.fluss.core.compare.Interval;
import app.fluss.core.compare.Student;
import app.fluss.core.measure.Figure;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/// Mean GPU time of a frame against its pixels, `time = a + b · pixels`, fitted by weighted least
/// squares to runs at two or more render scales. `a` is what a frame takes whatever its size.
///
/// A frame's time is like the one before, so each run's mean has the standard error of the means of its blocks
/// of two seconds (batch means; Law and Kelton, "Simulation Modeling and Analysis", from memory). The weights
/// are one over its square. Where three or more runs lie further from the line than that explains, errors are
/// widened by what is left (Birge, "The calculation of errors by the method of least squares", Physical Review
/// 40 (1932) 207-227, from memory).
public final class PixelLaw {
    private static final double BLOCK_MS = 2000;
    private static final int FEWEST_BLOCKS = 5;
    /// A run at a render scale.
    ///
    /// @param megapixels drawn for a frame, above 0
    /// @param meanMs mean GPU time of its frames, ms, above 0
    /// @param standardErrorMs of that mean, ms, above 0
    /// @param blocks that it rests on, 2 or more
    public record Point(double megapixels, double meanMs, double standardErrorMs, int blocks) {
        /// From the GPU times of a run.
        ///
        /// @param megapixels drawn for a frame, above 0
        /// @param gpuMs of each frame in order, ms
        /// @param elapsedMs time that they took, ms
        /// @return empty if the run is shorter than ten seconds, or its times do not differ at all
        public static Optional<Point> measured(double megapixels, double[] gpuMs, double elapsedMs) {
            int blocks = (int) (elapsedMs / BLOCK_MS);
            if (blocks < FEWEST_BLOCKS || gpuMs.length < blocks || !(megapixels > 0)) {
                return Optional.empty();
            }
            double[] means = new double[blocks];
            for (int block = 0; block < blocks; block++) {
                int from = (int) ((long) block * gpuMs.length / blocks);
                int to = (int) ((block + 1L) * gpuMs.length / blocks);
                means[block] = Arrays.stream(gpuMs, from, to).average().orElseThrow();
            }
            double mean = Arrays.stream(gpuMs).average().orElseThrow();
            double squares = Arrays.stream(means)
                    .map(value -> (value - mean) * (value - mean))
                    .sum();
            double error = Math.sqrt(squares / (blocks - 1) / blocks);
            return mean > 0 && error > 0 ? Optional.of(new Point(megapixels, mean, error, blocks)) : Optional.empty();
        }
    }

    /// A predicted value.
    ///
    /// @param value the prediction
    /// @param interval 95 %; its ends may be out of reach, such as a time below 0
    public record Predicted(double value, Interval interval) {}

    private final List<Point> points;
    private final double meanPixels;
    private final double level;
    private final double slope;
    private final double levelVariance;
    private final double slopeVariance;
    private final double quantile;

    private PixelLaw(List<Point> points) {
        this.points = List.copyOf(points);
        double weights = 0;
        double pixels = 0;
        double times = 0;
        for (Point point : points) {
            double weight = weight(point);
            weights += weight;
            pixels += weight * point.megapixels;
            times += weight * point.meanMs;
        }
        meanPixels = pixels / weights;
        level = times / weights;
        double sxx = 0;
        double sxy = 0;
        for (Point point : points) {
            double away = point.megapixels - meanPixels;
            sxx += weight(point) * away * away;
            sxy += weight(point) * away * (point.meanMs - level);
        }
        slope = sxy / sxx;
        double widening = widening();
        levelVariance = widening / weights;
        slopeVariance = widening / sxx;
        int freedom = points.stream().mapToInt(point -> point.blocks - 1).sum();
        quantile = Student.reach(freedom);
    }

    private static double weight(Point point) {
        return 1 / (point.standardErrorMs * point.standardErrorMs);
    }

    private double widening() {
        if (points.size() < 3) {
            return 1;
        }
        double sum = 0;
        for (Point point : points) {
            double off = point.meanMs - timeAt(point.megapixels);
            sum += weight(point) * off * off;
        }
        return Math.max(1, sum / (points.size() - 2));
    }

    /// Fits.
    ///
    /// @throws IllegalArgumentException if there is no line through these points, with the reason
    public static PixelLaw of(List<Point> points) {
        refusal(points).ifPresent(why -> {
            throw new IllegalArgumentException(why);
        });
        return new PixelLaw(points);
    }

    /// Why there is no such line, in words for the user; empty if there is one.
    public static Optional<String> refusal(List<Point> points) {
        if (points.stream().mapToDouble(Point::megapixels).distinct().count() < 2) {
            return Optional.of("it takes runs at two render scales or more, each of ten seconds or more");
        }
        return new PixelLaw(points).slope > 0
                ? Optional.empty()
                : Optional.of(
                        "GPU time did not grow with the pixels: something else than the picture holds the card up");
    }

    /// What it was fitted to.
    public List<Point> points() {
        return new ArrayList<>(points);
    }

    /// What a frame takes whatever its size, ms.
    public Predicted fixedMs() {
        return timeMs(0);
    }

    /// What a million pixels take, ms.
    public Predicted perMegapixelMs() {
        return around(slope, Math.sqrt(slopeVariance));
    }

    /// Mean GPU time of a frame of so many pixels, ms.
    ///
    /// @param megapixels 0 or more
    public Predicted timeMs(double megapixels) {
        double away = megapixels - meanPixels;
        return around(timeAt(megapixels), Math.sqrt(levelVariance + away * away * slopeVariance));
    }

    private double timeAt(double megapixels) {
        return level + slope * (megapixels - meanPixels);
    }

    private Predicted around(double value, double error) {
        return new Predicted(value, new Interval(value - quantile * error, value + quantile * error));
    }

    /// Frames a second that the card draws of so many pixels, if nothing else holds it up.
    ///
    /// @param megapixels above 0
    /// @return empty if a time of 0 cannot be ruled out
    public Optional<Predicted> rate(double megapixels) {
        Predicted time = timeMs(megapixels);
        return time.interval.low() > 0
                ? Optional.of(new Predicted(
                        1000 / time.value, new Interval(1000 / time.interval.high(), 1000 / time.interval.low())))
                : Optional.empty();
    }

    /// How many times the rate of a reference a number of pixels gives: the ratio of two unrounded times. Never
    /// divide rounded figures.
    ///
    /// @param megapixels above 0
    /// @param reference pixels of the reference, millions, above 0
    public Figure multiplier(double megapixels, double reference) {
        return Figure.ofFinite(timeAt(reference) / timeAt(megapixels), "the predicted time is not above 0");
    }
}
