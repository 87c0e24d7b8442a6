package app.fluss.core.gpu;

import app.fluss.core.compare.Interval;
import app.fluss.core.compare.Student;
import app.fluss.core.measure.Figure;
import java.util.List;
import java.util.Optional;
import org.hipparchus.stat.regression.SimpleRegression;

/// How the load of a card that generates grows with its work: `load = u0 + k · work`, where work is generated
/// megapixels a second times the motion-estimation size squared. Fitted to measured runs by least squares.
///
/// The intervals are those of a straight line with equal, normal errors: for the load at some work that of the
/// mean response; for the work at some load its inversion (Fieller, "Some problems in interval estimation",
/// Journal of the Royal Statistical Society B 16 (1954) 175-185, from memory). They take three runs or more.
public final class LoadModel {
    private static final double PIXELS = 1e6;

    /// A measured run.
    ///
    /// @param work generated megapixels a second times size squared, 0 or more
    /// @param loadPct mean load of the card, percent, 0 to 100
    public record Point(double work, double loadPct) {
        /// From what a run shows.
        ///
        /// @param generatedFps generated images a second
        /// @param pixels of an image
        /// @param sizePct of motion estimation, percent of the output per axis
        /// @param loadPct mean load of the card, percent
        /// @return empty where one of these is not known, or is outside its range
        public static Optional<Point> measured(Figure generatedFps, double pixels, double sizePct, Figure loadPct) {
            double size = sizePct / 100;
            double work = generatedFps.orNaN() * pixels / PIXELS * size * size;
            double load = loadPct.orNaN();
            return work >= 0 && load >= 0 && load <= 100 ? Optional.of(new Point(work, load)) : Optional.empty();
        }

        /// @throws IllegalArgumentException outside the ranges
        public Point {
            if (!(work >= 0 && Double.isFinite(work) && loadPct >= 0 && loadPct <= 100)) {
                throw new IllegalArgumentException(
                        "work must be 0 or more and loadPct 0..100, got %s and %s".formatted(work, loadPct));
            }
        }
    }

    /// A fitted value.
    ///
    /// @param value the fit
    /// @param interval 95 %; empty where the runs are too few, or do not bound it
    public record Fitted(double value, Optional<Interval> interval) {}

    private final List<Point> points;
    private final SimpleRegression line = new SimpleRegression();
    private final double meanWork;

    private LoadModel(List<Point> points) {
        this.points = List.copyOf(points);
        this.points.forEach(point -> line.addData(point.work, point.loadPct));
        this.meanWork = points.stream().mapToDouble(Point::work).average().orElseThrow();
    }

    /// Fits.
    ///
    /// @throws IllegalArgumentException if there is no line through these points, with the reason
    public static LoadModel of(List<Point> points) {
        refusal(points).ifPresent(why -> {
            throw new IllegalArgumentException(why);
        });
        return new LoadModel(points);
    }

    /// Why there is no such line, in words for the user; empty if there is one.
    public static Optional<String> refusal(List<Point> points) {
        if (points.stream().mapToDouble(Point::work).distinct().count() < 2) {
            return Optional.of("it takes two runs or more with different work: another multiplier, size or base rate");
        }
        return new LoadModel(points).line.getSlope() > 0
                ? Optional.empty()
                : Optional.of("the load did not grow with the work, so something else fills the card");
    }

    /// What it was fitted to.
    public List<Point> points() {
        return points;
    }

    /// Load without generated images, percent.
    public Fitted idlePct() {
        return loadPct(0);
    }

    /// Load for one unit of work, percent for each megapixel a second.
    public Fitted perWork() {
        return new Fitted(
                line.getSlope(),
                half(line.getSlopeStdErr()).map(half -> new Interval(line.getSlope() - half, line.getSlope() + half)));
    }

    /// The mean load at some work, percent; not held to 100, so that it shows how far it is over.
    public Fitted loadPct(double work) {
        double value = line.predict(work);
        double away = work - meanWork;
        double error =
                Math.sqrt(line.getMeanSquareError() * (1.0 / points.size() + away * away / line.getXSumSquares()));
        return new Fitted(value, half(error).map(half -> new Interval(value - half, value + half)));
    }

    /// The work at which the mean load is this high; below 0 if the card is beyond it without any.
    public Fitted workAt(double loadPct) {
        double value = (loadPct - line.getIntercept()) / line.getSlope();
        return new Fitted(value, half(1).flatMap(t -> inverted(loadPct, t)));
    }

    /// All works for which a mean load of this height is not ruled out: the roots of
    /// `(line(x) - load)² = t² · s² · (1 / n + (x - mean)² / Sxx)`.
    private Optional<Interval> inverted(double loadPct, double t) {
        double slope = line.getSlope();
        double errors = t * t * line.getMeanSquareError();
        double above = line.predict(meanWork) - loadPct;
        double a = slope * slope - errors / line.getXSumSquares();
        double b = slope * above;
        double c = above * above - errors / points.size();
        if (!(a > 0)) {
            return Optional.empty(); // the slope may be 0, and then any work would do
        }
        double root = Math.sqrt(Math.max(0, b * b - a * c));
        return Optional.of(new Interval(meanWork + (-b - root) / a, meanWork + (-b + root) / a));
    }

    /// Half the width of an interval.
    private Optional<Double> half(double error) {
        return points.size() < 3 ? Optional.empty() : Optional.of(Student.reach(points.size() - 2) * error);
    }
}
