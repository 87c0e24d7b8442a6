package app.fluss.files.report;

import app.fluss.core.finding.Finding;
import app.fluss.core.vr.HeadsetMeasure;
import app.fluss.core.vr.Reprojection;
import app.fluss.files.json.ObjectShape;
import app.fluss.files.json.Shape;
import java.util.List;
import tools.jackson.databind.node.ObjectNode;

/// What a headset showed as JSON.
public final class VrJson {
    private VrJson() {}

    /// The object.
    public static ObjectNode of(Reprojection seen, List<Finding> findings) {
        ObjectNode node = Json.object();
        for (HeadsetMeasure measure : HeadsetMeasure.values()) {
            Json.put(node, measure, measure.of(seen));
            if (measure == HeadsetMeasure.WITHOUT_SHARE) {
                Json.put(node, "share_ci", seen.interval());
            }
        }
        Json.putFindings(node, findings);
        return node;
    }

    /// The shape of the object.
    public static ObjectNode schema() {
        return new ObjectShape("What a headset showed.")
                .figures(HeadsetMeasure.values())
                .with("share_ci", Shape.interval("Of the refreshes without a new image."))
                .with("findings", Shape.findings())
                .node();
    }
}
