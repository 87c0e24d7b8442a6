package app.fluss.core.compare;

import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Measure;
import app.fluss.core.measure.Moments;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/// What the runs of one side give, with how sure that is from run to run.
///
/// @param figure mean of the runs, or why there is none
/// @param interval 95 % by Student's t on logarithms
/// @param method welch where the spread is the side's own, borrowed where it is that of the scene
/// @param why there is no interval, in words; empty if there is one
/// @param freedom degrees of freedom that the interval rests on; NaN without one
/// @param logarithmic whether it is even on logarithms
public record Level(
        Figure figure, Optional<Interval> interval, Method method, String why, double freedom, boolean logarithmic) {
    /// A figure without an interval.
    ///
    /// @param why in words
    public static Level without(Figure figure, String why) {
        return new Level(figure, Optional.empty(), Method.NONE, why, Double.NaN, false);
    }

    /// The interval at another confidence; empty where it cannot be had.
    ///
    /// @param confidence above 0 and below 1
    public Optional<Interval> intervalAt(double confidence) {
        return interval.map(ends -> logarithmic ? ends.logAt(confidence, freedom) : ends.at(confidence, freedom));
    }

    /// Of a side in its scene.
    ///
    /// @param side its runs
    /// @param scene all groups of runs whose spread a side with few runs borrows
    public static Level of(List<Analysis> side, Measure measure, List<List<Analysis>> scene) {
        SideFigures figures = SideFigures.of(side, measure::of);
        return of(figures.values(), figures.missing(), RunComparison.spread(scene, measure));
    }

    /// Of figures worked out run by run, by their own spread.
    ///
    /// @param runs one each, finite
    public static Level of(double[] runs) {
        return of(runs, Figure.missing("no run has it"), PooledSpread.NONE);
    }

    /// Of a side.
    ///
    /// @param runs the figure of each run that has it
    /// @param missing why none has it, if so
    static Level of(double[] runs, Figure missing, PooledSpread scene) {
        if (runs.length == 0) {
            return without(missing, missing instanceof Figure.Missing(String why) ? why : "");
        }
        Figure mean = Figure.of(Moments.of(runs).mean());
        if (Arrays.stream(runs).anyMatch(value -> !(value > 0))) {
            return plain(runs, mean);
        }
        if (runs.length < BetweenRuns.FEWEST && scene.sd().isKnown()) {
            return new Level(
                    mean,
                    Optional.of(
                            pooled(runs, scene.sd().orNaN(), scene.freedom()).holding(mean.orNaN())),
                    Method.BORROWED,
                    "",
                    scene.freedom(),
                    true);
        }
        if (runs.length < 2) {
            return without(mean, scene.sd() instanceof Figure.Missing(String why) ? why : "");
        }
        double sd = Moments.of(PooledSpread.logs(runs)).sd();
        return sd < PooledSpread.ROUNDING
                ? without(mean, "the runs are equal to the last digit recorded")
                : new Level(
                        mean,
                        Optional.of(pooled(runs, sd, runs.length - 1).holding(mean.orNaN())),
                        Method.WELCH,
                        "",
                        runs.length - 1,
                        true);
    }

    /// Student's t on logarithms with a stated spread.
    static Interval pooled(double[] runs, double sd, int freedom) {
        double log = Moments.of(PooledSpread.logs(runs)).mean();
        double half = Student.reach(freedom) * sd / Math.sqrt(runs.length);
        return BetweenRuns.exp(new Interval(log - half, log + half));
    }

    /// A figure that is 0 in some runs has no logarithms.
    private static Level plain(double[] runs, Figure mean) {
        Moments moments = Moments.of(runs);
        double half =
                runs.length < 2 ? Double.NaN : Student.reach(runs.length - 1) * moments.sd() / Math.sqrt(runs.length);
        return half > 0
                ? new Level(
                        mean,
                        Optional.of(new Interval(moments.mean() - half, moments.mean() + half)),
                        Method.WELCH,
                        "",
                        runs.length - 1,
                        false)
                : without(mean, "a figure that can be 0 has no spread to borrow");
    }
}
