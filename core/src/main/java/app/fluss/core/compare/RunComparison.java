package app.fluss.core.compare;

import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Measure;
import app.fluss.core.work.Progress;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
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
        Map<Measure, MeasureComparison> measures = new EnumMap<>(Measure.class);
        List<Analysis> logsA = withLogs(a);
        List<Analysis> logsB = withLogs(b);
        WithinRun within = new WithinRun(logsA, logsB, progress);
        Set<Measure> all = EnumSet.copyOf(RATES);
        all.addAll(wanted);
        for (Measure measure : all) {
            Sides sides = Sides.of(a, b, measure);
            boolean ofLogs = sides.a().runs().equals(logsA) && sides.b().runs().equals(logsB);
            measures.put(
                    measure,
                    compared(measure, sides, ofLogs ? Optional.of(within) : Optional.empty())
                            .resting(sides.a().rests(), sides.b().rests(), sides.note()));
        }
        Generation generation = Generation.of(a, b, measures, multiplier);
        return new RunComparison(
                List.copyOf(a),
                List.copyOf(b),
                measures,
                generation.figures(),
                generation.intervals(),
                List.copyOf(confounds));
    }

    private static MeasureComparison compared(Measure measure, Sides sides, Optional<WithinRun> within) {
        double[] a = sides.a().values();
        double[] b = sides.b().values();
        if (sides.difference().isPresent()) {
            return RunFigures.withoutDifference(
                    measure,
                    sides.a().mean(),
                    sides.b().mean(),
                    sides.difference().get());
        }
        if (Math.min(a.length, b.length) >= RUNS_FOR_WELCH) {
            return RunFigures.compare(measure, a, b);
        }
        return within.isPresent() && Math.min(a.length, b.length) > 0
                ? within.get().compare(measure, a, b)
                : RunFigures.withoutInterval(
                        measure, sides.a().mean(), sides.b().mean());
    }

    private static List<Analysis> withLogs(List<Analysis> runs) {
        return runs.stream().filter(run -> run.settings().grade().hasLog()).toList();
    }

    /// Whether both sides have a run with a frame log.
    public boolean hasLogs() {
        return !withLogs(a).isEmpty() && !withLogs(b).isEmpty();
    }

    /// The weakest grade of its runs; a single measure may rest on better ones.
    public Grade grade() {
        return Stream.concat(a.stream(), b.stream())
                .map(run -> run.settings().grade())
                .reduce(Grade.A, Grade::weaker);
    }

    /// The comparison of one measure.
    ///
    /// @throws NullPointerException if it was not asked for
    public MeasureComparison measure(Measure measure) {
        return Objects.requireNonNull(measures.get(measure));
    }

    /// The figure of every run that has it, in order.
    public static double[] values(List<Analysis> runs, Measure measure) {
        return SideFigures.values(
                runs.stream().filter(run -> measure.of(run).isKnown()).toList(), measure::of);
    }

    /// What generation costs and gives, of the runs that have the rates for it.
    private record Generation(GenerationFigures figures, GenerationIntervals intervals) {
        static Generation of(
                List<Analysis> a, List<Analysis> b, Map<Measure, MeasureComparison> measures, double multiplier) {
            List<Analysis> before = richest(a);
            List<Analysis> after = richest(b);
            GenerationFigures figures = GenerationFigures.of(
                    mean(before, Measure.RENDERED),
                    mean(before, Measure.DELIVERED),
                    mean(after, Measure.RENDERED),
                    mean(after, Measure.PRESENTED),
                    mean(after, Measure.DELIVERED),
                    multiplier);
            // Intervals are those of all runs: where the figures rest on fewer, they are of something else.
            boolean whole = restsOn(measures, before.size(), after.size());
            return new Generation(
                    figures,
                    whole
                            ? GenerationIntervals.of(
                                    Objects.requireNonNull(measures.get(Measure.RENDERED)),
                                    Objects.requireNonNull(measures.get(Measure.PRESENTED)),
                                    Objects.requireNonNull(measures.get(Measure.DELIVERED)),
                                    figures,
                                    after)
                            : GenerationIntervals.NONE);
        }

        private static Figure mean(List<Analysis> runs, Measure measure) {
            return SideFigures.of(runs, measure::of).mean();
        }

        private static boolean restsOn(Map<Measure, MeasureComparison> measures, int before, int after) {
            return RATES.stream()
                    .map(measure -> Objects.requireNonNull(measures.get(measure)))
                    .allMatch(one -> isAllOrNone(one.restsA().runs(), before)
                            && isAllOrNone(one.restsB().runs(), after));
        }

        private static boolean isAllOrNone(int runs, int all) {
            return runs == 0 || runs == all;
        }

        /// A multiplier is made of two rates of the same runs: those that have the most of the three rates count.
        private static List<Analysis> richest(List<Analysis> runs) {
            Analysis best = runs.stream()
                    .max(Comparator.comparingInt(run -> known(run).size()))
                    .orElseThrow();
            return runs.stream()
                    .filter(run -> known(run).containsAll(known(best)))
                    .toList();
        }

        private static Set<Measure> known(Analysis run) {
            return RATES.stream().filter(measure -> measure.of(run).isKnown()).collect(Collectors.toSet());
        }
    }
}
