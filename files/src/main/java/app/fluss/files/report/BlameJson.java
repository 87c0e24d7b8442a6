package app.fluss.files.report;

import app.fluss.core.stream.blame.Alignment;
import app.fluss.core.stream.blame.Blame;
import app.fluss.core.stream.blame.ClientHitch;
import java.util.List;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// The hitches of a stream's client, with their causes, as JSON.
public final class BlameJson {
    private BlameJson() {}

    /// The object.
    public static ObjectNode of(List<ClientHitch> hitches, Alignment alignment) {
        ObjectNode node = Json.object();
        ArrayNode array = node.putArray("hitches");
        for (ClientHitch hitch : hitches) {
            ObjectNode entry = array.addObject().put("client_ms", hitch.endMs());
            if (hitch.frame() < 0) {
                entry.putNull("frame");
            } else {
                entry.put("frame", hitch.frame());
            }
            entry.put("excess_ms", hitch.excessMs());
            entry.put("cause", hitch.cause().label());
            entry.put("confidence", hitch.confidence());
        }
        ObjectNode totals = node.putObject("totals");
        Blame.totals(hitches).forEach((cause, count) -> totals.put(cause.label(), count));
        node.putObject("lined_up")
                .put("by", alignment.byNumber() ? "frame_number" : "best_offset")
                .put("confidence", alignment.confidence());
        return node;
    }
}
