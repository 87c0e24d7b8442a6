package app.fluss.core.finding;

import app.fluss.core.bench.FactKey;
import app.fluss.core.compare.Confound;
import app.fluss.core.compare.Drift;
import app.fluss.core.compare.GenerationFigures;
import app.fluss.core.compare.GenerationMeasure;
import app.fluss.core.compare.MeasureComparison;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Measure;
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
        if (!comparison.grade().hasLog()) {
            found.add(weakEvidence(comparison));
        }
        if (!comparison.hasLogs()) {
            drift(comparison, Measure.CLAIMED, found);
            confounds(comparison, found);
            found.sort(Finding.WORST_FIRST);
            return List.copyOf(found);
        }
        drift(comparison, Measure.DELIVERED, found);
        baseCost(comparison, found);
        noNeed(comparison, found);
        confounds(comparison, found);
        runs(comparison, found);
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
        double base = comparison.measure(Measure.RENDERED).a().orNaN();
        double multiplier = comparison.generation().foundMultiplier().orNaN();
        if (base >= Thresholds.NO_NEED && multiplier > 1 + Thresholds.SAME_RATE) {
            found.add(Finding.of(
                    FindingCode.NO_NEED,
                    "The game renders %s/s without generation.".formatted(RunFindings.rate(base))));
        }
    }

    private static void confounds(RunComparison comparison, List<Finding> found) {
        for (Confound confound : comparison.confounds()) {
            boolean scale = confound.fact().equals(FactKey.RENDER_SCALE.id());
            found.add(Finding.of(
                    scale ? FindingCode.SCALE_CHANGED : FindingCode.CONFOUND,
                    "%s differs: %s against %s."
                            .formatted(confound.fact().replace('_', ' '), stated(confound.a()), stated(confound.b()))));
        }
    }

    /// A gain that is smaller than what the baseline moved by itself is no gain.
    private static void drift(RunComparison comparison, Measure measure, List<Finding> found) {
        double difference = comparison.measure(measure).difference().orNaN();
        Drift.of(comparison, measure)
                .filter(drift -> Math.abs(drift.overSession()) > Math.abs(difference))
                .ifPresent(drift -> found.add(Finding.of(
                        FindingCode.DRIFT,
                        "The native %s moved by %s/s over the session; the paths differ by %s/s."
                                .formatted(
                                        measure.title(),
                                        RunFindings.rate(drift.overSession()),
                                        RunFindings.rate(difference)))));
    }

    private static String stated(String value) {
        return value.isEmpty() ? "not recorded" : value;
    }

    private static void runs(RunComparison comparison, List<Finding> found) {
        int fewest = Math.min(comparison.a().size(), comparison.b().size());
        if (fewest < RunComparison.RUNS_FOR_WELCH) {
            found.add(Finding.of(
                    FindingCode.FEW_RUNS, "One side has %d %s.".formatted(fewest, fewest == 1 ? "run" : "runs")));
        }
        boolean anyInterval = comparison.measures().values().stream()
                .anyMatch(measure -> measure.method() != MeasureComparison.Method.NONE);
        if (!anyInterval) {
            found.add(Finding.of(FindingCode.TOO_SHORT, "The runs are too short to resample."));
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
            boolean there = compared.a().isKnown() || compared.b().isKnown();
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
