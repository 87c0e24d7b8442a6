package app.fluss.core.compare;

import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Described;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Measure;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/// Runs of one side against runs of the baseline, figure by figure.
///
/// @param a the analysed runs of the baseline, one or more
/// @param b the analysed runs of the other side, one or more
/// @param measures every measure, compared; all are judged together
/// @param latency from input to light, judged with them; empty if it was not measured
/// @param primary the figure that the comparison is made for
/// @param generation what generation costs and gives
/// @param intervals how sure that is
/// @param confounds recorded facts that differ and should not; empty where no facts were looked at
/// @param drift how the baseline moved by itself
public record RunComparison(
        List<Analysis> a,
        List<Analysis> b,
        Map<Measure, Difference> measures,
        Optional<Difference> latency,
        Described primary,
        GenerationFigures generation,
        GenerationIntervals intervals,
        Optional<List<Confound>> confounds,
        Drift drift) {
    /// The measures that generation figures are made of.
    public static final Set<Measure> RATES = Set.of(Measure.RENDERED, Measure.PRESENTED, Measure.DELIVERED);

    /// Runs a side from which intervals rest on their own spread: {@value}.
    public static final int FEWEST_RUNS = BetweenRuns.FEWEST;

    /// Compares.
    ///
    /// @throws IllegalArgumentException if a side has no run
    public static RunComparison of(List<Analysis> a, List<Analysis> b, Terms terms) {
        if (a.isEmpty() || b.isEmpty()) {
            throw new IllegalArgumentException("each side must have a run");
        }
        List<List<Analysis>> scene = terms.scene().isEmpty() ? List.of(a, b) : terms.scene();
        Map<Measure, Difference> measures = new EnumMap<>(Measure.class);
        Set<Measure> all = EnumSet.copyOf(RATES);
        all.addAll(terms.wanted());
        for (Measure measure : all) {
            measures.put(measure, Sides.of(a, b, measure).compared(measure, spread(scene, measure)));
        }
        Described primary = primary(terms, measures);
        Optional<Difference> latency = judge(measures, terms.latency(), primary);
        GenerationWork generation = GenerationWork.of(a, b, scene, terms.multiplier());
        return new RunComparison(
                List.copyOf(a),
                List.copyOf(b),
                measures,
                latency,
                primary,
                generation.figures(),
                generation.intervals(),
                terms.confounds(),
                Drift.of(a, b, rate(measures), spread(scene, rate(measures))));
    }

    /// The spread from run to run that a scene lends for a measure.
    static PooledSpread spread(List<List<Analysis>> scene, Measure measure) {
        return PooledSpread.of(scene.stream()
                .map(group -> SideFigures.of(group, measure::of).values())
                .toList());
    }

    /// The one that was chosen; where the sides do not have it, the rate that they have.
    private static Described primary(Terms terms, Map<Measure, Difference> measures) {
        Optional<Difference> chosen = terms.primary() instanceof Measure measure
                ? Optional.ofNullable(measures.get(measure))
                : terms.latency();
        return chosen.filter(one -> one.difference().isKnown()).isPresent() ? terms.primary() : rate(measures);
    }

    /// The rate that both sides have, the delivered one first.
    private static Measure rate(Map<Measure, Difference> measures) {
        return Stream.of(Measure.DELIVERED, Measure.PRESENTED, Measure.CLAIMED)
                .filter(measure -> Optional.ofNullable(measures.get(measure))
                        .filter(one -> one.difference().isKnown())
                        .isPresent())
                .findFirst()
                .orElse(Measure.DELIVERED);
    }

    /// Judges all figures together.
    private static Optional<Difference> judge(
            Map<Measure, Difference> measures, Optional<Difference> latency, Described primary) {
        List<Measure> order = new ArrayList<>(measures.keySet());
        double[] p = new double[order.size() + 1];
        for (int i = 0; i < order.size(); i++) {
            p[i] = Objects.requireNonNull(measures.get(order.get(i))).estimate().p();
        }
        p[order.size()] = latency.map(one -> one.estimate().p()).orElse(Double.NaN);
        double[] adjusted = Holm.adjusted(p);
        for (int i = 0; i < order.size(); i++) {
            Measure measure = order.get(i);
            double holm = adjusted[i];
            measures.computeIfPresent(measure, (_, one) -> one.judged(holm, measure == primary));
        }
        return latency.map(one -> one.judged(adjusted[order.size()], !(primary instanceof Measure)));
    }

    private static List<Analysis> withLogs(List<Analysis> runs) {
        return runs.stream().filter(run -> run.settings().grade().hasLog()).toList();
    }

    /// Whether both sides have a run with a frame log.
    public boolean hasLogs() {
        return !withLogs(a).isEmpty() && !withLogs(b).isEmpty();
    }

    /// Runs of the side that has fewer.
    public int fewestRuns() {
        return Math.min(a.size(), b.size());
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
    public Difference measure(Measure measure) {
        return Objects.requireNonNull(measures.get(measure));
    }

    /// The figure that the comparison is made for.
    public Difference headline() {
        return primary instanceof Measure measure ? measure(measure) : latency.orElseThrow();
    }

    /// The rate that it is about: the delivered one, else what both sides have.
    public Measure rate() {
        return rate(measures);
    }

    /// How many figures were judged together, latency among them.
    public int judged() {
        return (int) Stream.concat(measures.values().stream(), latency.stream())
                .filter(one -> !Double.isNaN(one.holmP()))
                .count();
    }

    /// How many of them would leave "no difference" out of their interval by chance if nothing differed.
    public double byChance() {
        return Holm.LEVEL * judged();
    }

    /// The figure of every run that has it, in order.
    public static double[] values(List<Analysis> runs, Measure measure) {
        return SideFigures.values(
                runs.stream().filter(run -> measure.of(run).isKnown()).toList(), measure::of);
    }
}
