package app.fluss.files.compare;

import app.fluss.core.compare.Confounds;
import app.fluss.core.compare.Difference;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.compare.RunFacts;
import app.fluss.core.compare.Terms;
import app.fluss.core.latency.LatencyDifference;
import app.fluss.core.latency.LatencyMeasure;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Measure;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import app.fluss.files.compare.Grouping.Place;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.Run;
import app.fluss.files.study.StoredLatency;
import app.fluss.files.study.StoredSection;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/// A group of runs of one scene that is to be held against another.
///
/// @param by what makes the groups
/// @param within what both are compared within, such as a path; empty for all of the scene
/// @param baseline name of the baseline
/// @param level name of the other side
/// @param a runs of the baseline
/// @param b runs of the other side
/// @param scene all groups of the scene, both among them
public record Pair(
        Grouping by, String within, String baseline, String level, List<Run> a, List<Run> b, List<List<Run>> scene) {
    /// Keeps copies.
    public Pair {
        a = List.copyOf(a);
        b = List.copyOf(b);
        scene = List.copyOf(scene);
    }

    /// Gives the figures of a run.
    @FunctionalInterface
    public interface Figures {
        /// The figures.
        Analysis of(Run run) throws StudyException;
    }

    /// All pairs of a scene.
    ///
    /// @param runs of one scene, in the order they were added; those that count in no comparison are passed over
    /// @param baseline the group that others are held against; empty for the usual one
    public static List<Pair> of(List<Run> runs, Grouping by, Optional<String> baseline) {
        Map<Chain, Map<String, List<Run>>> groups = groups(runs, by);
        List<List<Run>> scene = new ArrayList<>();
        groups.values().forEach(levels -> scene.addAll(levels.values()));
        List<Pair> pairs = new ArrayList<>();
        groups.forEach((chain, levels) -> {
            String within = by instanceof Grouping.ByFact fact
                    ? fact.isSetting() ? chain.proposedName() : name(chain, groups)
                    : "";
            List<Run> all = levels.values().stream().flatMap(List::stream).toList();
            Optional<String> held = baseline.or(() -> by.usualBaseline(all))
                    .flatMap(wanted -> levels.keySet().stream()
                            .filter(level -> by.isSame(level, wanted))
                            .findFirst());
            held.ifPresent(against -> levels.forEach((level, of) -> {
                if (!level.equals(against)) {
                    pairs.add(new Pair(
                            by, within, against, level, Objects.requireNonNull(levels.get(against)), of, scene));
                }
            }));
        });
        return List.copyOf(pairs);
    }

    /// What runs are compared within, for people: chains that go by one name go by that of their path.
    private static String name(Chain chain, Map<Chain, Map<String, List<Run>>> groups) {
        String name = chain.proposedName();
        boolean alone = groups.keySet().stream()
                        .filter(other -> other.proposedName().equals(name))
                        .count()
                == 1;
        return alone
                ? name
                : Objects.requireNonNull(groups.get(chain))
                        .values()
                        .iterator()
                        .next()
                        .getFirst()
                        .path()
                        .name();
    }

    /// The groups of runs by what they are compared within; values of a fact that are one are one group.
    private static Map<Chain, Map<String, List<Run>>> groups(List<Run> runs, Grouping by) {
        Map<Chain, Map<String, List<Run>>> groups = new LinkedHashMap<>();
        for (Run run : runs) {
            Optional<Place> place = run.isCompared() ? by.place(run) : Optional.empty();
            place.ifPresent(at -> {
                Map<String, List<Run>> levels = groups.computeIfAbsent(at.within(), _ -> new LinkedHashMap<>());
                String level = levels.keySet().stream()
                        .filter(known -> by.isSame(known, at.level()))
                        .findFirst()
                        .orElse(at.level());
                levels.computeIfAbsent(level, _ -> new ArrayList<>()).add(run);
            });
        }
        return groups;
    }

    /// Compares.
    public RunComparison compare(Study study, Figures figures) throws StudyException {
        List<List<Analysis>> groups = new ArrayList<>();
        for (List<Run> group : scene) {
            groups.add(analyses(group, figures));
        }
        Terms terms = Terms.PLAIN
                .withMultiplier(b.getFirst().path().multiplier())
                .among(groups)
                .withConfounds(Confounds.between(facts(study, a, figures), facts(study, b, figures), by.meant(a, b)))
                .withLatency(latency(study))
                .madeFor(isSmoothing() ? LatencyMeasure.MEDIAN : Measure.DELIVERED);
        return RunComparison.of(analyses(a, figures), analyses(b, figures), terms);
    }

    /// A display that smooths is judged by what it delays: its own images are in no log.
    private boolean isSmoothing() {
        return b.getFirst().path().chain().stages().stream()
                .anyMatch(stage -> stage.kind() == StageKind.DISPLAY_SMOOTHING);
    }

    private static List<Analysis> analyses(List<Run> runs, Figures figures) throws StudyException {
        List<Analysis> all = new ArrayList<>();
        for (Run run : runs) {
            all.add(figures.of(run));
        }
        return all;
    }

    private static List<RunFacts> facts(Study study, List<Run> runs, Figures figures) throws StudyException {
        List<RunFacts> facts = new ArrayList<>();
        for (Run run : runs) {
            facts.add(new RunFacts(
                    run.path().chain().proposedName(),
                    run.setup(),
                    figures.of(run),
                    run.simulated(),
                    study.evidence(run, EvidenceKinds.LATENCY).map(Pair::measuredBy),
                    study.sections(run).stream().map(StoredSection::section).toList()));
        }
        return facts;
    }

    private static String measuredBy(StoredLatency latency) {
        return String.format(
                Locale.ROOT,
                "%s, %.0f %% of the step",
                latency.measurement().source().title(),
                latency.measurement().settings().threshold() * 100);
    }

    /// What the other side adds to the latency, as far as it was measured.
    public Difference latency(Study study) throws StudyException {
        return LatencyDifference.of(samples(study, a), samples(study, b), (step(study, a) + step(study, b)) / 2);
    }

    private static List<double[]> samples(Study study, List<Run> runs) throws StudyException {
        List<double[]> all = new ArrayList<>();
        for (Run run : runs) {
            study.evidence(run, EvidenceKinds.LATENCY)
                    .map(StoredLatency::samplesMs)
                    .ifPresent(all::add);
        }
        return all;
    }

    /// The coarsest step in which the latencies of runs come, ms.
    private static double step(Study study, List<Run> runs) throws StudyException {
        double coarsest = 0;
        for (Run run : runs) {
            coarsest = Math.max(
                    coarsest,
                    study.evidence(run, EvidenceKinds.LATENCY)
                            .map(StoredLatency::resolutionMs)
                            .orElse(0.0));
        }
        return coarsest;
    }
}
