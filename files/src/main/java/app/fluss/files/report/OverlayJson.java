package app.fluss.files.report;

import app.fluss.core.finding.Finding;
import app.fluss.core.overlay.OverlaySeries;
import app.fluss.core.overlay.Stand;
import app.fluss.core.picture.PictureCount;
import app.fluss.files.json.ObjectShape;
import app.fluss.files.json.Shape;
import app.fluss.files.overlay.Overlays;
import app.fluss.files.overlay.RecordedNumbers;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Numbers read from a clip as JSON. A reading stands until the next one.
public final class OverlayJson {
    private OverlayJson() {}

    /// The object.
    public static ObjectNode of(Overlays overlays, PictureCount count, List<Finding> findings) {
        ObjectNode node = Json.object();
        RecordedNumbers recorded = overlays.recorded();
        node.put("pictures", recorded.pictures());
        node.put("fps", recorded.fps());
        if (count.isCounted()) {
            node.put("delivered_fps", count.deliveredFps(recorded.fps()));
        } else {
            node.putNull("delivered_fps");
        }
        ObjectNode areas = node.putObject("areas");
        for (Map.Entry<String, OverlaySeries> one : recorded.series().entrySet()) {
            put(areas.putObject(one.getKey()), one.getValue());
        }
        Json.putFindings(node, findings);
        return node;
    }

    private static void put(ObjectNode node, OverlaySeries series) {
        ArrayNode readings = node.putArray("readings");
        for (Stand stand : series.stands()) {
            ObjectNode reading = readings.addObject();
            reading.put("t_s", stand.fromMs() / 1000);
            if (stand.isRead()) {
                reading.put("value", stand.value());
            } else {
                reading.putNull("value");
            }
            reading.put("state", stand.isRead() ? "read" : "open");
        }
        node.put("changes", series.changes());
        Json.put(node, "update_period_s", series.updatePeriodS());
        Json.put(node, "mean", series.mean());
        Json.put(node, "low", series.low());
        Json.put(node, "high", series.high());
        node.put("open_share", series.openShare());
        node.put("glyphs", series.glyphs());
    }

    /// The shape of the object.
    public static ObjectNode schema() {
        ObjectNode reading = new ObjectShape("What stood until the next reading.")
                .with("t_s", Shape.number("From when on, s."))
                .with("value", Shape.numberOrNull("What stood there; null while open."))
                .with("state", Shape.word("Whether it could be read.", List.of("read", "open")))
                .node();
        ObjectNode area = new ObjectShape("The numbers of one area.")
                .with("readings", Shape.list("In order.", reading))
                .with("changes", Shape.count("How often the number changed."))
                .with("update_period_s", Shape.numberOrNull("How often the overlay writes a new number."))
                .with("mean", Shape.numberOrNull("Each value by how long it stood."))
                .with("low", Shape.numberOrNull("The smallest."))
                .with("high", Shape.numberOrNull("The largest."))
                .with("open_share", Shape.number("The part of the time that could not be read, 0 to 1."))
                .with("glyphs", Shape.text("The signs that were told apart, each once."))
                .node();
        return new ObjectShape("Numbers read from a clip.")
                .with("pictures", Shape.count("Pictures of the clip."))
                .with("fps", Shape.number("Pictures a second of the clip."))
                .with("delivered_fps", Shape.numberOrNull("Distinct pictures a second, where they can be counted."))
                .with("areas", Shape.byName("By the names that were given.", area))
                .with("findings", Shape.findings())
                .node();
    }
}
