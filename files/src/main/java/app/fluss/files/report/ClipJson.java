package app.fluss.files.report;

import app.fluss.core.finding.Finding;
import app.fluss.core.picture.PictureCount;
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
        boolean still = count.kind() == PictureCount.Kind.NOTHING_MOVES;
        node.put("frames", count.pictures());
        if (still) {
            node.putNull("distinct");
            node.putNull("delivered_fps");
            node.putNull("hold_counts");
            node.putNull("longest_hold_ms");
        } else {
            node.put("distinct", count.distinct());
            node.put("delivered_fps", count.deliveredFps(fps));
            ObjectNode holds = node.putObject("hold_counts");
            count.holds().forEach((hold, images) -> holds.put(Integer.toString(hold), images));
            node.put("longest_hold_ms", count.longestHoldMs(fps));
        }
        Json.put(node, "threshold", count.threshold());
        Json.putFindings(node, findings);
        return node;
    }
}
