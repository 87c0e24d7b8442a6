package app.fluss.files.report;

import app.fluss.core.compare.Confound;
import app.fluss.core.compare.GenerationFigures;
import app.fluss.core.compare.GenerationMeasure;
import app.fluss.core.compare.MeasureComparison;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.compare.TableComparison;
import app.fluss.core.finding.Finding;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Measure;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Comparisons as JSON.
public final class ComparisonJson {
    private ComparisonJson() {}

    /// Runs against runs.
    public static ObjectNode of(RunComparison comparison, List<Finding> findings) {
        ObjectNode node = Json.object();
        for (Measure measure : Measure.COMPARED) {
            MeasureComparison compared = comparison.measure(measure);
            ObjectNode figures = node.putObject(measure.comparisonKey());
            Json.put(figures, "a", compared.a());
            Json.put(figures, "b", compared.b());
            Json.put(figures, "difference", compared.difference());
            Json.put(figures, "ci", compared.interval());
            Json.put(figures, "ratio", compared.ratio());
            Json.put(figures, "ratio_ci", compared.ratioInterval());
            figures.put("method", compared.method().label());
            figures.putArray("runs")
                    .add(compared.restsA().runs())
                    .add(compared.restsB().runs());
            ArrayNode grades = figures.putArray("grade");
            for (MeasureComparison.Rests rests : List.of(compared.restsA(), compared.restsB())) {
                grades.add(rests.grade().map(Grade::name).orElse(null));
            }
            figures.put("reason", reason(compared));
        }
        GenerationFigures generation = comparison.generation();
        for (GenerationMeasure measure : GenerationMeasure.values()) {
            Json.put(node, measure, measure.of(generation));
            measure.interval(comparison.intervals())
                    .ifPresent(interval -> Json.put(node, measure.description().json() + "_ci", interval));
        }
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

    /// What must be known to read a comparison, or why there is no difference; null if neither.
    private static @Nullable String reason(MeasureComparison compared) {
        return switch (compared.difference()) {
            case Figure.Missing(String why) -> why;
            case Figure.Known _ -> compared.note().isEmpty() ? null : compared.note();
        };
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
