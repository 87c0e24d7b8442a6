package app.fluss.files.report;

import app.fluss.core.finding.Finding;
import app.fluss.core.stream.blame.Alignment;
import app.fluss.core.stream.blame.Blame;
import app.fluss.core.stream.blame.Cause;
import app.fluss.core.stream.blame.ClientHitch;
import app.fluss.files.json.ObjectShape;
import app.fluss.files.json.Shape;
import java.util.List;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// The hitches of a stream's client, with their causes, as JSON.
public final class BlameJson {
    private BlameJson() {}

    /// The object.
    public static ObjectNode of(List<ClientHitch> hitches, Alignment alignment, List<Finding> findings) {
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
        Json.putFindings(node, findings);
        return node;
    }

    /// The shape of the object.
    public static ObjectNode schema() {
        return new ObjectShape("The hitches of a stream's client.")
                .with(
                        "hitches",
                        Shape.list(
                                "In order.",
                                new ObjectShape("A hitch.")
                                        .with("client_ms", Shape.number("When its image came, by the client's clock."))
                                        .with("frame", Shape.numberOrNull("Its number, where frames have one."))
                                        .with("excess_ms", Shape.number("How much longer it took than its neighbours."))
                                        .with("cause", Shape.word("Where it came from.", Cause.class, Cause::label))
                                        .with("confidence", Shape.number("Of the cause, 0 to 1."))
                                        .node()))
                .with("totals", Shape.byName("Hitches by cause.", Shape.count("")))
                .with(
                        "lined_up",
                        new ObjectShape("How the two logs were laid side by side.")
                                .with("by", Shape.word("What they share.", List.of("frame_number", "best_offset")))
                                .with("confidence", Shape.number("Of the fit, 0 to 1."))
                                .node())
                .with("findings", Shape.findings())
                .node();
    }
}
