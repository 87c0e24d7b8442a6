package app.fluss.files.report;

import app.fluss.core.compare.Confound;
import app.fluss.core.compare.GenerationFigures;
import app.fluss.core.compare.Measure;
import app.fluss.core.compare.MeasureComparison;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.compare.TableComparison;
import app.fluss.core.finding.Finding;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Comparisons as JSON.
public final class ComparisonJson {
    private static final Map<Measure, String> KEYS = Map.ofEntries(
            Map.entry(Measure.CLAIMED, "claimed_fps"),
            Map.entry(Measure.RENDERED, "rendered_fps"),
            Map.entry(Measure.PRESENTED, "presented_fps"),
            Map.entry(Measure.DELIVERED, "delivered_fps"),
            Map.entry(Measure.LOW_PERCENTILE, "one_percent_low_percentile_fps"),
            Map.entry(Measure.LOW_SLOWEST_MEAN, "one_percent_low_slowest_mean_fps"),
            Map.entry(Measure.LOW_TIME_WEIGHTED, "one_percent_low_time_weighted_fps"),
            Map.entry(Measure.SPREAD, "frame_time_sd_ms"),
            Map.entry(Measure.P99, "frame_time_p99_ms"),
            Map.entry(Measure.SUCCESSIVE, "successive_difference_mean_ms"),
            Map.entry(Measure.STUTTERS, "stutters_per_minute"),
            Map.entry(Measure.MOTION, "motion_timing_mean_abs_ms"));

    private ComparisonJson() {}

    /// Runs against runs.
    public static ObjectNode of(RunComparison comparison, List<Finding> findings) {
        ObjectNode node = Json.object();
        for (Measure measure : Measure.values()) {
            MeasureComparison compared = comparison.measure(measure);
            ObjectNode figures = node.putObject(KEYS.get(measure));
            Json.put(figures, "a", compared.a());
            Json.put(figures, "b", compared.b());
            Json.put(figures, "difference", compared.difference());
            Json.put(figures, "ci", compared.interval());
            Json.put(figures, "ratio", compared.ratio());
            Json.put(figures, "ratio_ci", compared.ratioInterval());
            figures.put("method", compared.method().label());
        }
        GenerationFigures generation = comparison.generation();
        Json.put(node, "base_cost", generation.baseCost());
        Json.put(node, "base_cost_ci", comparison.intervals().baseCost());
        Json.put(node, "found_multiplier", generation.foundMultiplier());
        Json.put(node, "found_multiplier_ci", comparison.intervals().foundMultiplier());
        Json.put(node, "delivered_gain", generation.deliveredGain());
        Json.put(node, "delivered_gain_ci", comparison.intervals().deliveredGain());
        Json.put(node, "efficiency", generation.efficiency());
        Json.put(node, "efficiency_ci", comparison.intervals().efficiency());
        Json.put(node, "generated_share", generation.generatedShare());
        Json.put(node, "generated_share_ci", comparison.intervals().generatedShare());
        Json.put(node, "surplus_fps", generation.surplusFps());
        Json.put(node, "nominal_multiplier", generation.nominal());
        ArrayNode confounds = node.putArray("confounds");
        for (Confound confound : comparison.confounds()) {
            confounds
                    .addObject()
                    .put("fact", confound.fact())
                    .put("a", confound.a())
                    .put("b", confound.b());
        }
        Json.putFindings(node, findings);
        return node;
    }

    /// A table of run figures against its baseline.
    public static ObjectNode of(TableComparison table) {
        ObjectNode node = Json.object();
        node.put("baseline", table.baseline());
        ObjectNode games = node.putObject("games");
        table.games().forEach((game, paths) -> {
            ObjectNode byPath = games.putObject(game);
            paths.forEach((path, measures) -> {
                ObjectNode byMeasure = byPath.putObject(path);
                measures.forEach((measure, cell) -> cell(byMeasure.putObject(measure), cell));
            });
        });
        ObjectNode overall = node.putObject("overall");
        table.overall().forEach((path, measures) -> {
            ObjectNode byMeasure = overall.putObject(path);
            measures.forEach((measure, figures) -> {
                ObjectNode cell = byMeasure.putObject(measure);
                Json.put(cell, "ratio", figures.ratio());
                Json.put(cell, "ratio_ci", figures.ratioInterval());
                figures.games().forEach(cell.putArray("games")::add);
                figures.leftOut().forEach(cell.putArray("left_out")::add);
            });
        });
        return node;
    }

    private static void cell(ObjectNode node, TableComparison.Cell cell) {
        Json.put(node, "difference", cell.difference());
        Json.put(node, "ci", cell.interval());
        Json.put(node, "hodges_lehmann", cell.hodgesLehmann());
        Json.put(node, "ratio", cell.ratio());
        Json.put(node, "ratio_ci", cell.ratioInterval());
        node.putArray("n").add(cell.runsA()).add(cell.runsB());
    }
}
