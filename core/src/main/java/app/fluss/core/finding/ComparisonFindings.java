package app.fluss.core.finding;

import app.fluss.core.bench.FactKey;
import app.fluss.core.compare.Confound;
import app.fluss.core.compare.Confounds;
import app.fluss.core.compare.Difference;
import app.fluss.core.compare.Drift;
import app.fluss.core.compare.GenerationFigures;
import app.fluss.core.compare.GenerationMeasure;
import app.fluss.core.compare.Interval;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Measure;
import app.fluss.core.plan.EnoughRuns;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// What a comparison shows, on top of what each of its runs shows.
final class ComparisonFindings {
    private ComparisonFindings() {}

    /// The findings of a comparison, worst first: its own, then those of the runs on the other side, each code
    /// once.
    static List<Finding> of(RunComparison comparison) {
        List<Finding> found = new ArrayList<>();
        // Latency is measured: where nothing else is compared, nothing rests on less.
        boolean latencyAlone = comparison.latency().isPresent()
                && comparison.measures().values().stream()
                        .noneMatch(one -> one.difference().isKnown());
        if (!comparison.grade().hasLog() && !latencyAlone) {
            found.add(weakEvidence(comparison));
        }
        drift(comparison, found);
        confounds(comparison, found);
        runs(comparison, found);
        if (!comparison.hasLogs()) {
            found.sort(Finding.WORST_FIRST);
            return List.copyOf(found);
        }
        baseCost(comparison, found);
        noNeed(comparison, found);
        missing(comparison, found);
        Map<String, Finding> ofRuns = new LinkedHashMap<>();
        for (Analysis run : comparison.b()) {
            for (Finding finding : RunFindings.of(run)) {
                if (finding.severity() != Severity.NOTE) {
                    ofRuns.putIfAbsent(finding.code(), finding);
                }
            }
        }
        found.addAll(ofRuns.values());
        found.sort(Finding.WORST_FIRST);
        return List.copyOf(found);
    }

    private static Finding weakEvidence(RunComparison comparison) {
        return Finding.of(
                FindingCode.WEAK_EVIDENCE,
                "A run rests on %s only: each figure is compared with the runs that have it, down to grade %s."
                        .formatted(comparison.grade().rests(), comparison.grade()));
    }

    private static void baseCost(RunComparison comparison, List<Finding> found) {
        double cost = comparison.generation().baseCost().orNaN();
        if (comparison.generation().isGenerating() && cost > Thresholds.BASE_COLLAPSE) {
            found.add(Finding.of(
                    FindingCode.BASE_COLLAPSE, "The rendered rate fell by %s.".formatted(RunFindings.percent(cost))));
        }
    }

    private static void noNeed(RunComparison comparison, List<Finding> found) {
        double base = comparison.measure(Measure.RENDERED).a().mean().orNaN();
        double multiplier = comparison.generation().foundMultiplier().orNaN();
        if (base >= Thresholds.NO_NEED && multiplier > 1 + Thresholds.SAME_RATE) {
            found.add(Finding.of(
                    FindingCode.NO_NEED,
                    "The game renders %s/s without generation.".formatted(RunFindings.rate(base))));
        }
    }

    private static void confounds(RunComparison comparison, List<Finding> found) {
        List<Confound> confounds = comparison.confounds().orElse(List.of());
        for (Confound confound : confounds) {
            if (confound.kind() != Confound.Kind.NOT_RECORDED) {
                boolean scale = confound.fact().equals(FactKey.RENDER_SCALE.id());
                found.add(Finding.of(
                        scale ? FindingCode.SCALE_CHANGED : FindingCode.CONFOUND,
                        "%s differs %s: %s against %s."
                                .formatted(
                                        capital(confound.title()),
                                        confound.kind().title(),
                                        stated(confound.a()),
                                        stated(confound.b()))));
            }
        }
        Confounds.notRecorded(confounds)
                .ifPresent(names -> found.add(
                        Finding.of(FindingCode.CONFOUND, "Not recorded for every run: %s.".formatted(names))));
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    /// A gain that is no larger than what the baseline moved by itself is no gain.
    private static void drift(RunComparison comparison, List<Finding> found) {
        Drift drift = comparison.drift();
        Measure measure = drift.measure();
        Difference difference = comparison.measure(measure);
        if (drift.state() != Drift.State.TOLD) {
            found.add(Finding.of(FindingCode.NO_BRACKET, "Drift cannot be judged: %s.".formatted(drift.why())));
        } else if (drift.explains(difference)) {
            Interval carried = drift.carried().orElseThrow().interval();
            found.add(Finding.of(
                    FindingCode.DRIFT,
                    "The baseline's %s moved by itself; between the sides that makes %s to %s/s, and they differ by %s/s."
                            .formatted(
                                    measure.title(),
                                    RunFindings.rate(carried.low()),
                                    RunFindings.rate(carried.high()),
                                    RunFindings.rate(difference.difference().orNaN()))));
        }
    }

    private static String stated(String value) {
        return value.isEmpty() ? "not recorded" : value;
    }

    private static void runs(RunComparison comparison, List<Finding> found) {
        int fewest = comparison.fewestRuns();
        if (fewest < RunComparison.FEWEST_RUNS) {
            Figure needed = EnoughRuns.of(comparison, comparison.rate()).needed();
            found.add(Finding.of(
                    FindingCode.FEW_RUNS,
                    "One side has %d %s; %s."
                            .formatted(
                                    fewest,
                                    fewest == 1 ? "run" : "runs",
                                    needed.isKnown()
                                            ? "by the spread seen so far %s a side tell %s apart"
                                                    .formatted(
                                                            RunFindings.plain(needed.orNaN()),
                                                            RunFindings.percent(EnoughRuns.MATTERS))
                                            : "three a side have an interval of their own")));
        }
    }

    private static void missing(RunComparison comparison, List<Finding> found) {
        GenerationFigures generation = comparison.generation();
        if (generation.nominalAssumed()) {
            found.add(Finding.of(
                    FindingCode.MULTIPLIER_ASSUMED,
                    "The multiplier that was set is not stated; %s was taken, the whole number at the one found."
                            .formatted(RunFindings.plain(generation.nominal().orNaN()))));
        }
        Map<String, Figure> figures = new LinkedHashMap<>();
        comparison.measures().forEach((measure, compared) -> {
            boolean there = compared.a().mean().isKnown() || compared.b().mean().isKnown();
            if (there || measure.description().weakest().hasLog()) {
                figures.put(measure.title(), compared.difference());
            }
        });
        for (GenerationMeasure measure : GenerationMeasure.values()) {
            figures.put(measure.title(), measure.of(generation));
        }
        found.addAll(MissingFigures.of(figures));
    }
}
