package app.fluss.files.report;

import app.fluss.core.vr.Reprojection;
import tools.jackson.databind.node.ObjectNode;

/// What a headset showed as JSON.
public final class VrJson {
    private VrJson() {}

    /// The object.
    public static ObjectNode of(Reprojection seen) {
        ObjectNode node = Json.object();
        node.put("refreshes", seen.refreshes());
        node.put("without_new_image", seen.withoutNewImage());
        Json.put(node, "without_new_image_share", seen.share());
        Json.put(node, "share_ci", seen.interval());
        ObjectNode time = node.putObject("time_share");
        Json.put(time, "full", seen.fullTime());
        Json.put(time, "half", seen.halfTime());
        Json.put(time, "below_half", seen.belowHalfTime());
        node.put("longest_spell_refreshes", seen.longestSpell());
        Json.put(node, "even_share", seen.evenShare());
        Json.put(node, "app_fps", seen.appFps());
        return node;
    }
}
