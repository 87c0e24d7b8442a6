package app.fluss.files.report;

import app.fluss.core.measure.Figure;
import app.fluss.core.stream.FrameArrivals;
import app.fluss.core.stream.LinkMeasure;
import app.fluss.core.stream.LinkQuality;
import app.fluss.core.stream.ProbeMeasure;
import app.fluss.core.stream.ProbeReport;
import app.fluss.files.json.ObjectShape;
import app.fluss.files.json.Shape;
import java.util.List;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// What a link did to packets as JSON.
public final class LinkJson {
    private static final List<Double> BUFFERS_MS = List.of(0.0, 1.0, 2.0, 4.0, 8.0, 16.0, 32.0);

    private LinkJson() {}

    /// The packets alone.
    public static ObjectNode of(LinkQuality link) {
        ObjectNode node = Json.object();
        for (LinkMeasure measure : LinkMeasure.values()) {
            Json.put(node, measure, measure.of(link));
        }
        return node;
    }

    /// A whole probe.
    ///
    /// @param simulated whether a stand-in was between host and client
    public static ObjectNode of(ProbeReport report, boolean simulated) {
        ObjectNode node = of(report.link());
        node.put("simulated", simulated);
        for (ProbeMeasure measure : ProbeMeasure.values()) {
            Json.put(node, measure, measure.of(report));
        }
        FrameArrivals arrivals = report.arrivals();
        ObjectNode frames = node.putObject("frames");
        frames.put("sent", arrivals.images());
        frames.put("complete", arrivals.images() - arrivals.incomplete());
        Json.put(frames, "buffer_for_99_percent_ms", arrivals.bufferMs(0.99));
        Json.put(frames, "buffer_for_999_permille_ms", arrivals.bufferMs(0.999));
        ArrayNode buffers = frames.putArray("in_time");
        for (double buffer : BUFFERS_MS) {
            ObjectNode entry = buffers.addObject().put("buffer_ms", buffer);
            Figure share = arrivals.inTimeShare(buffer);
            Json.put(entry, "share", share);
        }
        return node;
    }

    /// The shape of the object, of packets alone or of a whole probe.
    public static ObjectNode schema() {
        return Shape.anyOf(
                new ObjectShape("Packets.").figures(LinkMeasure.values()).node(), ofProbe());
    }

    private static ObjectNode ofProbe() {
        ObjectShape shape = new ObjectShape("A link probe.")
                .with("simulated", Shape.flag("Whether a stand-in was between host and client."));
        shape.inner("frames", "The probe's images.")
                .with("sent", Shape.count("Images that were sent."))
                .with("complete", Shape.count("Images of which every packet came."))
                .with("buffer_for_99_percent_ms", Shape.numberOrNull("Buffer at which 99 % come in time."))
                .with("buffer_for_999_permille_ms", Shape.numberOrNull("Buffer at which 99.9 % come in time."))
                .with(
                        "in_time",
                        Shape.list(
                                "What buffers of several sizes give.",
                                new ObjectShape("A buffer.")
                                        .with("buffer_ms", Shape.number("Its size."))
                                        .with("share", Shape.numberOrNull("Images in time, 0 to 1."))
                                        .node()));
        return shape.figures(LinkMeasure.values())
                .figures(ProbeMeasure.values())
                .node();
    }
}
