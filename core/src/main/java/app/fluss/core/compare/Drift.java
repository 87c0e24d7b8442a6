package app.fluss.core.compare;

import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Measure;
import app.fluss.core.measure.Moments;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.Stream;

/// How the baseline moved by itself over a session, and how much of that lies between the sides. It can be told
/// only where runs of the baseline surround those of the other side.
///
/// @param measure the rate that is looked at
/// @param state whether it could be told
/// @param perHour slope of the baseline with its 95 % interval, in the measure's unit an hour; empty unless told
/// @param carried the same over the gap between the sides, never beyond the runs of the baseline; empty unless
///     told
/// @param why it could not be told, in words; empty if it was
public record Drift(Measure measure, State state, Optional<Slope> perHour, Optional<Slope> carried, String why) {
    /// Runs of the baseline from which their own slope tells how sure it is: {@value}.
    static final int FOR_SEN = 5;

    private static final double MS_AN_HOUR = 3.6e6;
    private static final int CHANGES_IN_TURN = 3;

    /// Whether drift could be told.
    public enum State {
        /// It was.
        TOLD,
        /// Runs of the baseline do not surround the others, or nobody knows when they were.
        NO_BRACKET,
        /// They surround them, and are too few to tell.
        TOO_FEW
    }

    /// A change with its interval.
    ///
    /// @param value in its unit
    /// @param interval 95 %
    public record Slope(double value, Interval interval) {
        private Slope times(double factor) {
            double one = interval.low() * factor;
            double other = interval.high() * factor;
            return new Slope(value * factor, new Interval(Math.min(one, other), Math.max(one, other)));
        }
    }

    /// When a run was, and what it gave.
    private record Timed(double hour, double figure, boolean baseline) {}

    static Drift of(List<Analysis> a, List<Analysis> b, Measure measure, PooledSpread scene) {
        List<Timed> timed = new ArrayList<>();
        a.forEach(run -> timed(run, measure, true).ifPresent(timed::add));
        b.forEach(run -> timed(run, measure, false).ifPresent(timed::add));
        List<Timed> natives = timed.stream().filter(Timed::baseline).toList();
        List<Timed> others = timed.stream().filter(one -> !one.baseline).toList();
        boolean allTimed = Stream.concat(a.stream(), b.stream()).noneMatch(run -> Double.isNaN(hour(run)));
        if (!allTimed || natives.isEmpty() || others.isEmpty()) {
            return untold(measure, State.NO_BRACKET, "it is unknown when some of the runs were measured");
        } else if (!surround(timed)) {
            return untold(
                    measure,
                    State.NO_BRACKET,
                    "no run of the baseline lies " + (begins(natives) < begins(others) ? "after" : "before")
                            + " those of the other side");
        }
        Optional<Slope> slope = slope(natives, scene);
        if (slope.isEmpty()) {
            return untold(measure, State.TOO_FEW, "too few runs of the baseline, and no spread to borrow");
        }
        double gap = gap(natives, others);
        return new Drift(measure, State.TOLD, slope, slope.map(one -> one.times(gap)), "");
    }

    private static Drift untold(Measure measure, State state, String why) {
        return new Drift(measure, state, Optional.empty(), Optional.empty(), why);
    }

    private static Optional<Timed> timed(Analysis run, Measure measure, boolean baseline) {
        double figure = measure.of(run).orNaN();
        return Double.isNaN(figure) || Double.isNaN(hour(run))
                ? Optional.empty()
                : Optional.of(new Timed(hour(run), figure, baseline));
    }

    /// When a run was measured, hours; NaN if nobody knows.
    private static double hour(Analysis run) {
        OptionalLong time = run.settings().measuredAtMs();
        return time.isPresent() ? time.getAsLong() / MS_AN_HOUR : Double.NaN;
    }

    private static double begins(List<Timed> runs) {
        return runs.stream().mapToDouble(Timed::hour).min().orElseThrow();
    }

    private static double ends(List<Timed> runs) {
        return runs.stream().mapToDouble(Timed::hour).max().orElseThrow();
    }

    /// Before and after, or in turn.
    private static boolean surround(List<Timed> all) {
        List<Timed> order =
                all.stream().sorted(Comparator.comparingDouble(Timed::hour)).toList();
        int changes = 0;
        for (int i = 1; i < order.size(); i++) {
            changes += order.get(i).baseline == order.get(i - 1).baseline ? 0 : 1;
        }
        boolean aroundAll = order.getFirst().baseline && order.getLast().baseline && changes > 0;
        return aroundAll || changes >= CHANGES_IN_TURN;
    }

    private static Optional<Slope> slope(List<Timed> natives, PooledSpread scene) {
        double[] hours = natives.stream().mapToDouble(Timed::hour).toArray();
        double[] figures = natives.stream().mapToDouble(Timed::figure).toArray();
        if (hours.length >= FOR_SEN) {
            TheilSen line = TheilSen.of(hours, figures);
            return line.interval().map(interval -> new Slope(line.slope(), interval));
        }
        double spread = scene.sd().orNaN();
        double middle = Moments.of(hours).mean();
        double squares = Arrays.stream(hours)
                .map(hour -> (hour - middle) * (hour - middle))
                .sum();
        double mean = Moments.of(figures).mean();
        double slope = 0;
        for (int i = 0; i < hours.length; i++) {
            slope += (hours[i] - middle) * (figures[i] - mean) / squares;
        }
        double half = squares > 0 && !Double.isNaN(spread)
                ? Student.reach(scene.freedom()) * spread * mean / Math.sqrt(squares)
                : Double.NaN;
        return Double.isFinite(slope) && Double.isFinite(half)
                ? Optional.of(new Slope(slope, new Interval(slope - half, slope + half)))
                : Optional.empty();
    }

    /// From the middle of the baseline's runs to that of the others, hours; what lies beyond the baseline's
    /// runs counts as at their end.
    private static double gap(List<Timed> natives, List<Timed> others) {
        double first = begins(natives);
        double last = ends(natives);
        double middle = natives.stream().mapToDouble(Timed::hour).average().orElseThrow();
        return others.stream()
                        .mapToDouble(one -> Math.clamp(one.hour, first, last))
                        .average()
                        .orElseThrow()
                - middle;
    }

    /// Whether a difference that would otherwise be told apart can be the drift alone.
    ///
    /// @param difference of the same measure
    public boolean explains(Difference difference) {
        boolean told =
                difference.interval().isEmpty() || !difference.interval().get().contains(0);
        return told
                && difference.difference().isKnown()
                && carried.filter(slope ->
                                slope.interval.contains(difference.difference().orNaN()))
                        .isPresent();
    }
}
