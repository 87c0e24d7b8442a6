package app.fluss.files.attribute;

import app.fluss.core.attribute.Cells;
import app.fluss.core.attribute.Cells.Scale;
import app.fluss.core.attribute.Effects;
import app.fluss.core.attribute.Factor;
import app.fluss.core.attribute.Waterfall;
import app.fluss.core.measure.Measure;
import app.fluss.core.measure.Ordered;
import app.fluss.files.compare.Pair;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.Run;
import app.fluss.files.study.StoredLatency;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.SortedMap;
import java.util.TreeMap;

/// A path that differs from the native one in several things, taken apart with the other runs of its scene.
///
/// @param path its name
/// @param factors what differs, two or more
/// @param runs the runs that take part, by combination
/// @param rate what the parts do to the delivered rate, as ratios
/// @param latency what they do to measured latency, ms; empty where it was not measured on both ends
/// @param missing the fewest runs that would separate the factors step by step, in words; empty where none is
///     missing
public record PathAttribution(
        String path,
        List<Factor> factors,
        SortedMap<Integer, List<Run>> runs,
        Taken rate,
        Optional<Taken> latency,
        List<String> missing) {
    private static final int FEWEST = 2;

    /// A figure, taken apart.
    ///
    /// @param steps from the native path to the package; without steps where runs are missing
    /// @param effects over all combinations that were measured
    public record Taken(Waterfall steps, Effects effects) {
        private static Optional<Taken> of(Cells cells, Map<Integer, Long> measured, PackageFactors factors) {
            return Waterfall.of(cells, measured, factors::isPossible).map(steps -> new Taken(steps, Effects.of(cells)));
        }
    }

    /// Takes a path apart.
    ///
    /// @param pair its runs against the native ones, with all of its scene
    /// @return empty where it differs in fewer than two things or in more than can be taken apart at once,
    ///     and where one of its ends has no rate
    public static Optional<PathAttribution> of(Study study, Pair pair, Pair.Figures figures) throws StudyException {
        PackageFactors factors = PackageFactors.of(pair.a(), pair.b());
        int count = factors.factors().size();
        if (count < FEWEST || count > Cells.MOST) {
            return Optional.empty();
        }
        SortedMap<Integer, List<Run>> runs = new TreeMap<>();
        for (List<Run> group : pair.scene()) {
            for (Run run : group) {
                OptionalInt combination = factors.combination(run);
                if (combination.isPresent()) {
                    runs.computeIfAbsent(combination.getAsInt(), _ -> new ArrayList<>())
                            .add(run);
                }
            }
        }
        Map<Integer, Long> measured = new HashMap<>();
        runs.forEach((combination, all) -> all.stream()
                .flatMapToLong(run -> run.taking().measuredAtMs().stream())
                .min()
                .ifPresent(first -> measured.put(combination, first)));
        Cells rate = cells(factors, runs, Scale.RATIO, run -> rate(run, figures));
        Optional<Taken> taken = Taken.of(rate, measured, factors);
        if (taken.isEmpty()) {
            return Optional.empty();
        }
        Cells latency = cells(factors, runs, Scale.DIFFERENCE, run -> latency(study, run));
        return Optional.of(new PathAttribution(
                pair.level(),
                factors.factors(),
                runs,
                taken.get(),
                Taken.of(latency, measured, factors),
                taken.get().steps().missing().stream()
                        .map(combination -> "one run with " + rate.words(combination))
                        .toList()));
    }

    /// A figure of a run.
    @FunctionalInterface
    private interface OfRun {
        double of(Run run) throws StudyException;
    }

    private static Cells cells(PackageFactors factors, SortedMap<Integer, List<Run>> runs, Scale scale, OfRun of)
            throws StudyException {
        SortedMap<Integer, double[]> values = new TreeMap<>();
        for (Map.Entry<Integer, List<Run>> cell : runs.entrySet()) {
            double[] some = new double[cell.getValue().size()];
            for (int i = 0; i < some.length; i++) {
                some[i] = of.of(cell.getValue().get(i));
            }
            values.put(cell.getKey(), some);
        }
        return new Cells(factors.factors(), values, scale);
    }

    private static double rate(Run run, Pair.Figures figures) throws StudyException {
        double delivered = Measure.DELIVERED.of(figures.of(run)).orNaN();
        return delivered > 0 ? delivered : Double.NaN;
    }

    /// The median of what was measured.
    private static double latency(Study study, Run run) throws StudyException {
        double[] samples = study.evidence(run, EvidenceKinds.LATENCY)
                .map(StoredLatency::samplesMs)
                .map(all -> Arrays.stream(all).filter(ms -> !Double.isNaN(ms)).toArray())
                .orElse(new double[0]);
        return samples.length == 0 ? Double.NaN : Ordered.of(samples).median();
    }
}
