package app.fluss.core.plan;

import app.fluss.core.compare.MeasureComparison;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Measure;
import app.fluss.core.measure.Moments;

/// Whether there are enough runs to tell a difference that matters, from the spread seen from run to run.
///
/// @param measure the figure that is looked at
/// @param sd standard deviation from run to run, both sides together, in the measure's unit; needs two runs a side
/// @param difference the difference that matters, in the measure's unit
/// @param needed runs a side that find it with 80 % power, two-sided at 5 %
/// @param fewest runs of the side that has fewer
public record EnoughRuns(Measure measure, Figure sd, Figure difference, Figure needed, int fewest) {
    /// Share of the baseline from which a difference in rate matters: {@value}. Our own default.
    public static final double MATTERS = 0.05;

    /// Looks at one figure of a comparison.
    public static EnoughRuns of(RunComparison comparison, Measure measure) {
        MeasureComparison compared = comparison.measure(measure);
        int fewest = Math.min(compared.restsA().runs(), compared.restsB().runs());
        Figure sd =
                pooled(RunComparison.values(comparison.a(), measure), RunComparison.values(comparison.b(), measure));
        Figure difference = compared.a().map(a -> MATTERS * a);
        Figure needed = difference.isKnown() && difference.orNaN() <= 0
                ? Figure.missing("the baseline is 0, so no share of it matters")
                : difference.with(
                        sd,
                        (d, spread) -> spread > 0
                                ? RepeatsNeeded.perSide(d / spread, RepeatsNeeded.USUAL_POWER)
                                : RepeatsNeeded.FEWEST);
        return new EnoughRuns(measure, sd, difference, needed, fewest);
    }

    /// Whether there are; false where that is not known.
    public boolean areThere() {
        return needed.isKnown() && fewest >= needed.orNaN();
    }

    private static Figure pooled(double[] a, double[] b) {
        if (a.length < 2 || b.length < 2) {
            return Figure.missing("the spread from run to run needs two runs a side");
        }
        double squares = squares(a) + squares(b);
        return Figure.of(Math.sqrt(squares / (a.length + b.length - 2)));
    }

    private static double squares(double[] values) {
        double sd = Moments.of(values).sd();
        return sd * sd * (values.length - 1);
    }
}
