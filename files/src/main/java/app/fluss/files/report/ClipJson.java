package app.fluss.files.report;

import app.fluss.core.finding.Finding;
import app.fluss.core.picture.ClipMeasure;
import app.fluss.core.picture.CountedClip;
import app.fluss.core.picture.PictureCount;
import app.fluss.files.json.ObjectShape;
import app.fluss.files.json.Shape;
import java.util.List;
import tools.jackson.databind.node.ObjectNode;

/// The distinct pictures of a clip as JSON.
public final class ClipJson {
    private ClipJson() {}

    /// The object.
    ///
    /// @param fps pictures a second of the clip
    public static ObjectNode of(PictureCount count, double fps, List<Finding> findings) {
        ObjectNode node = Json.object();
        node.put("frames", count.pictures());
        CountedClip clip = new CountedClip(count, fps);
        for (ClipMeasure measure : ClipMeasure.values()) {
            Json.put(node, measure, measure.of(clip));
        }
        if (!count.isCounted()) {
            node.putNull("hold_counts");
        } else {
            ObjectNode holds = node.putObject("hold_counts");
            count.holds().forEach((hold, images) -> holds.put(Integer.toString(hold), images));
        }
        Json.put(node, "threshold", count.threshold());
        Json.putFindings(node, findings);
        return node;
    }

    /// The shape of the object.
    public static ObjectNode schema() {
        return new ObjectShape("The distinct pictures of a clip.")
                .with("frames", Shape.count("Pictures of the clip."))
                .with(
                        "hold_counts",
                        Shape.orNull(
                                Shape.byName("Distinct pictures by how many of the clip each stood.", Shape.count(""))))
                .with("threshold", Shape.numberOrNull("The change from which a picture is another one."))
                .figures(ClipMeasure.values())
                .with("findings", Shape.findings())
                .node();
    }
}
