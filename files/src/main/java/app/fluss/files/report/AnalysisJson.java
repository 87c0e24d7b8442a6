package app.fluss.files.report;

import app.fluss.core.finding.Finding;
import app.fluss.core.finding.KnownOfRun;
import app.fluss.core.generation.WaysMeasure;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Measure;
import app.fluss.core.measure.SyncMode;
import app.fluss.files.json.ObjectShape;
import app.fluss.files.json.Shape;
import app.fluss.files.log.ImportedLog;
import app.fluss.files.log.MappedColumn;
import app.fluss.files.log.Role;
import java.util.List;
import tools.jackson.databind.node.ObjectNode;

/// One analysed log as JSON: its mapping, every figure of [Measure], what the refreshes were counted with, the
/// findings.
public final class AnalysisJson {
    private AnalysisJson() {}

    /// The figures and findings of a log.
    ///
    /// @param file the log's name
    /// @param known what is known of its run
    public static ObjectNode of(String file, ImportedLog imported, KnownOfRun known, List<Finding> findings) {
        Analysis run = known.analysis();
        ObjectNode node = Json.object();
        node.put("file", file);
        node.put("frames", run.slice().size());
        node.put("duration_s", run.durationSeconds());
        mapping(node.putObject("mapping"), imported);
        for (String group : List.of("rates", "claimed", "frame_time_ms", "lows_fps", "pacing")) {
            node.putObject(group);
        }
        refresh(node.putObject("refresh"), run);
        for (Measure measure : Measure.values()) {
            if (!measure.description().json().isEmpty()) {
                Json.put(node, measure, measure.of(run));
            }
        }
        for (WaysMeasure measure : WaysMeasure.values()) {
            Json.put(node, measure, measure.of(known.ways()));
        }
        Json.putFindings(node, findings);
        return node;
    }

    private static void mapping(ObjectNode node, ImportedLog imported) {
        for (MappedColumn column : imported.mapping().columns()) {
            if (column.role() != Role.IGNORED) {
                String unit = column.role().isTime() ? ", " + column.unit().symbol() : "";
                node.put(column.name(), column.role().label() + unit);
            }
        }
    }

    private static void refresh(ObjectNode refresh, Analysis run) {
        run.ledger()
                .ifPresentOrElse(
                        ledger -> {
                            refresh.put("hz", ledger.mode().refreshHz());
                            refresh.put("sync", ledger.mode().sync().label());
                            refresh.put("basis", ledger.basis().label());
                            ObjectNode holds = refresh.putObject("hold_counts");
                            ledger.holdCounts().forEach((hold, count) -> holds.put(hold.toString(), count));
                        },
                        () -> List.of("hz", "sync", "basis", "hold_counts").forEach(refresh::putNull));
    }

    /// The shape of one log's object, or of an array of several.
    public static ObjectNode schema() {
        ObjectNode schema =
                Shape.anyOf(Shape.defined("log", ""), Shape.list("Several logs.", Shape.defined("log", "")));
        schema.putObject("$defs").set("log", oneLog());
        return schema;
    }

    private static ObjectNode oneLog() {
        ObjectShape shape = new ObjectShape("One log.")
                .with("file", Shape.text("The log as it was named."))
                .with("frames", Shape.count("Images in the log."))
                .with("duration_s", Shape.number("From the first image to the last, s."))
                .with("mapping", Shape.byName("What each column that is used means.", Shape.text("")));
        shape.inner("refresh", "Against the display's refresh; null without one.")
                .with("hz", Shape.numberOrNull("The refresh rate, 1/s."))
                .with("sync", Shape.orNull(Shape.word("How images wait for it.", SyncMode.class, SyncMode::label)))
                .with("basis", Shape.textOrNull("What the count rests on."))
                .with(
                        "hold_counts",
                        Shape.orNull(Shape.byName("Images by the refreshes that they stood.", Shape.count(""))));
        return shape.figures(Measure.values())
                .figures(WaysMeasure.values())
                .with("findings", Shape.findings())
                .node();
    }
}
