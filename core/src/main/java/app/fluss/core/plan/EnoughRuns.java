package app.fluss.core.plan;

import app.fluss.core.compare.Difference;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Measure;
import app.fluss.core.measure.Moments;

/// Whether there are enough runs to tell a difference that matters, from the spread seen from run to run.
///
/// @param measure the figure that is looked at
/// @param sd standard deviation from run to run, both sides together, in the measure's unit; needs two runs a side
/// @param difference the difference that matters, in the measure's unit
/// @param needed runs a side that find it with 80 % power, two-sided at 5 %, should the spread be as large as
///     it may be
/// @param fewest runs of the side that has fewer
public record EnoughRuns(Measure measure, Figure sd, Figure difference, Figure needed, int fewest) {
    /// Share of the baseline from which a difference in rate matters: {@value}. Our own default.
    public static final double MATTERS = 0.05;

    /// Looks at one figure of a comparison.
    public static EnoughRuns of(RunComparison comparison, Measure measure) {
        Difference compared = comparison.measure(measure);
        int fewest = Math.min(compared.a().runs(), compared.b().runs());
        double[] a = RunComparison.values(comparison.a(), measure);
        double[] b = RunComparison.values(comparison.b(), measure);
        Figure sd = pooled(a, b);
        Figure difference = compared.a().mean().map(mean -> MATTERS * mean);
        Figure needed = difference.isKnown() && difference.orNaN() <= 0
                ? Figure.missing("the baseline is 0, so no share of it matters")
                : difference.with(sd, (matters, spread) -> needed(matters, spread, a.length + b.length - 2));
        return new EnoughRuns(measure, sd, difference, needed, fewest);
    }

    private static int needed(double matters, double spread, int freedom) {
        return spread > 0
                ? Math.max(
                        RepeatsWanted.TO_BEGIN_WITH,
                        RepeatsNeeded.perSide(matters / SpreadLimit.upper(spread, freedom), RepeatsNeeded.USUAL_POWER))
                : RepeatsWanted.TO_BEGIN_WITH;
    }

    /// Whether there are; false where that is not known, and below three a side.
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
