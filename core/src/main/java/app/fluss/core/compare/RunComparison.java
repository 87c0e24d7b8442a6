package app.fluss.core.compare;

import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.work.Progress;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;

/// Runs of one path against runs of the baseline, figure by figure.
///
/// @param a the analysed runs of the baseline, one or more
/// @param b the analysed runs of the other side, one or more
/// @param measures every measure, compared
/// @param generation what generation costs and gives
/// @param confounds recorded facts that differ and should not
public record RunComparison(
        List<Analysis> a,
        List<Analysis> b,
        Map<Measure, MeasureComparison> measures,
        GenerationFigures generation,
        List<Confound> confounds) {
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
        if (a.isEmpty() || b.isEmpty()) {
            throw new IllegalArgumentException("each side must have a run");
        }
        boolean welch = a.size() >= RUNS_FOR_WELCH && b.size() >= RUNS_FOR_WELCH;
        Map<Measure, MeasureComparison> measures = new EnumMap<>(Measure.class);
        WithinRun within = new WithinRun(a, b, progress);
        for (Measure measure : Measure.values()) {
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
        return new RunComparison(List.copyOf(a), List.copyOf(b), measures, generation, List.copyOf(confounds));
    }

    /// The grade that the comparison has: the weakest of its runs.
    public Grade grade() {
        return Stream.concat(a.stream(), b.stream())
                .map(run -> run.settings().grade())
                .reduce(Grade.A, Grade::weaker);
    }

    /// The comparison of one measure.
    public MeasureComparison measure(Measure measure) {
        return side(measures, measure);
    }

    private static MeasureComparison side(Map<Measure, MeasureComparison> measures, Measure measure) {
        return Objects.requireNonNull(measures.get(measure));
    }

    /// The figure of every run that has it, in order.
    static double[] values(List<Analysis> runs, Measure measure) {
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
