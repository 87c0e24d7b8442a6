package app.fluss.core.plan;

import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Moments;

/// How many repeats a path needs, from the spread seen so far and the difference that matters.
public final class RepeatsWanted {
    /// Where no spread has been seen yet: {@value}, the fewest that give an interval between runs.
    public static final int TO_BEGIN_WITH = 3;

    private RepeatsWanted() {}

    /// Runs a side that find a difference with 80 % power, two-sided at 5 %, should the spread be as large as
    /// it may be; at least [#TO_BEGIN_WITH].
    ///
    /// @param values the figure of each run so far
    /// @param matters share of their mean from which a difference matters, above 0
    /// @return missing below two runs
    public static Figure of(double[] values, double matters) {
        return spread(values)
                .map(spread -> spread == 0
                        ? TO_BEGIN_WITH
                        : Math.max(TO_BEGIN_WITH, RepeatsNeeded.perSide(matters / spread, RepeatsNeeded.USUAL_POWER)));
    }

    /// How far runs may spread, as a share of their mean: the upper limit of what was seen.
    ///
    /// @return missing below two runs
    public static Figure spread(double[] values) {
        if (values.length < RepeatsNeeded.FEWEST) {
            return Figure.missing("the spread from run to run needs two runs");
        }
        Moments moments = Moments.of(values);
        if (!(moments.mean() > 0)) {
            return Figure.missing("the runs have no rate above 0");
        }
        return Figure.of(moments.sd() == 0 ? 0 : SpreadLimit.upper(moments.sd(), values.length - 1) / moments.mean());
    }
}
