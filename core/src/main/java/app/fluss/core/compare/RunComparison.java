package app.fluss.core.compare;

import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Measure;
import app.fluss.core.work.Progress;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;

/// Runs of one path against runs of the baseline, figure by figure.
///
/// @param a the analysed runs of the baseline, one or more
/// @param b the analysed runs of the other side, one or more
/// @param measures every measure, compared
/// @param generation what generation costs and gives
/// @param intervals how sure that is
/// @param confounds recorded facts that differ and should not
public record RunComparison(
        List<Analysis> a,
        List<Analysis> b,
        Map<Measure, MeasureComparison> measures,
        GenerationFigures generation,
        GenerationIntervals intervals,
        List<Confound> confounds) {
    /// The measures that generation figures are made of.
    public static final Set<Measure> RATES = Set.of(Measure.RENDERED, Measure.PRESENTED, Measure.DELIVERED);

    /// Runs a side from which intervals rest on the figures of runs: {@value}.
    public static final int RUNS_FOR_WELCH = 3;

    /// Compares, unwatched.
    ///
    /// @param multiplier images presented per rendered image as set on side b; NaN if not stated
    /// @throws IllegalArgumentException if a side has no run
    public static RunComparison of(List<Analysis> a, List<Analysis> b, double multiplier, List<Confound> confounds) {
        return of(a, b, multiplier, confounds, Progress.NONE);
    }

    /// Compares. Resampling long runs takes seconds.
    ///
    /// @param multiplier images presented per rendered image as set on side b; NaN if not stated
    /// @throws IllegalArgumentException if a side has no run
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    public static RunComparison of(
            List<Analysis> a, List<Analysis> b, double multiplier, List<Confound> confounds, Progress progress) {
        return of(a, b, multiplier, confounds, Measure.COMPARED, progress);
    }

    /// Compares some measures only: where many stretches are compared, their tails take long.
    ///
    /// @param wanted measures to compare besides [#RATES]
    public static RunComparison of(
            List<Analysis> a,
            List<Analysis> b,
            double multiplier,
            List<Confound> confounds,
            Set<Measure> wanted,
            Progress progress) {
        if (a.isEmpty() || b.isEmpty()) {
            throw new IllegalArgumentException("each side must have a run");
        }
        boolean welch = a.size() >= RUNS_FOR_WELCH && b.size() >= RUNS_FOR_WELCH;
        Map<Measure, MeasureComparison> measures = new EnumMap<>(Measure.class);
        WithinRun within = new WithinRun(a, b, progress);
        Set<Measure> all = EnumSet.copyOf(RATES);
        all.addAll(wanted);
        for (Measure measure : all) {
            double[] av = values(a, measure);
            double[] bv = values(b, measure);
            boolean whole = av.length == a.size() && bv.length == b.size();
            measures.put(
                    measure,
                    !whole
                            ? missing(measure, a, b)
                            : welch ? RunFigures.compare(measure, av, bv) : within.compare(measure, av, bv));
        }
        GenerationFigures generation = GenerationFigures.of(
                side(measures, Measure.RENDERED).a(),
                side(measures, Measure.DELIVERED).a(),
                side(measures, Measure.RENDERED).b(),
                side(measures, Measure.PRESENTED).b(),
                side(measures, Measure.DELIVERED).b(),
                multiplier);
        GenerationIntervals intervals = GenerationIntervals.of(
                side(measures, Measure.RENDERED),
                side(measures, Measure.PRESENTED),
                side(measures, Measure.DELIVERED),
                generation,
                b);
        return new RunComparison(
                List.copyOf(a), List.copyOf(b), measures, generation, intervals, List.copyOf(confounds));
    }

    /// The grade that the comparison has: the weakest of its runs.
    public Grade grade() {
        return Stream.concat(a.stream(), b.stream())
                .map(run -> run.settings().grade())
                .reduce(Grade.A, Grade::weaker);
    }

    /// The comparison of one measure.
    ///
    /// @throws NullPointerException if it was not asked for
    public MeasureComparison measure(Measure measure) {
        return side(measures, measure);
    }

    private static MeasureComparison side(Map<Measure, MeasureComparison> measures, Measure measure) {
        return Objects.requireNonNull(measures.get(measure));
    }

    /// The figure of every run that has it, in order.
    public static double[] values(List<Analysis> runs, Measure measure) {
        return runs.stream()
                .map(measure::of)
                .filter(Figure::isKnown)
                .mapToDouble(Figure::orNaN)
                .toArray();
    }

    private static MeasureComparison missing(Measure measure, List<Analysis> a, List<Analysis> b) {
        List<Figure> sides = new ArrayList<>();
        for (List<Analysis> runs : List.of(a, b)) {
            sides.add(runs.stream()
                    .map(measure::of)
                    .filter(figure -> !figure.isKnown())
                    .findFirst()
                    .orElseGet(() -> RunFigures.mean(values(runs, measure))));
        }
        return RunFigures.withoutInterval(measure, sides.get(0), sides.get(1));
    }
}
