package app.fluss.files.report;

import app.fluss.core.measure.Figure;
import app.fluss.core.stream.FrameArrivals;
import app.fluss.core.stream.LinkQuality;
import app.fluss.core.stream.ProbeReport;
import java.util.List;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// What a link did to packets as JSON.
public final class LinkJson {
    private static final List<Double> BUFFERS_MS = List.of(0.0, 1.0, 2.0, 4.0, 8.0, 16.0, 32.0);
    private static final double PERCENT = 100;
    private static final double PPM = 1e6;

    private LinkJson() {}

    /// The packets alone.
    public static ObjectNode of(LinkQuality link) {
        ObjectNode node = Json.object();
        node.put("sent", link.sent());
        node.put("received", link.received());
        node.put("lost", link.lost());
        Json.put(node, "loss_percent", link.lossShare().map(share -> share * PERCENT));
        node.put("longest_loss_run", link.longestLossRun());
        node.put("reordered", link.reordered());
        Json.put(node, "jitter_ms", link.jitterMs());
        Json.put(node, "clock_drift_ppm", link.drift().map(drift -> drift * PPM));
        ObjectNode spread = node.putObject("delay_spread_ms");
        LinkQuality.Spread delay = link.delaySpread();
        Json.put(spread, "p50", delay.p50());
        Json.put(spread, "p95", delay.p95());
        Json.put(spread, "p99", delay.p99());
        Json.put(spread, "p999", delay.p999());
        Json.put(spread, "max", delay.max());
        return node;
    }

    /// A whole probe.
    ///
    /// @param simulated whether a stand-in was between host and client
    public static ObjectNode of(ProbeReport report, boolean simulated) {
        ObjectNode node = of(report.link());
        node.put("simulated", simulated);
        Json.put(node, "round_trip_ms", report.roundTripMs());
        Json.put(node, "round_trip_p95_ms", report.roundTripP95Ms());
        Json.put(node, "round_trip_shortest_ms", report.shortestMs());
        node.put("inputs_lost", report.inputsLost());
        Json.put(node, "throughput_mbps", report.throughputMbps());
        Json.put(node, "burst_mbps", report.burstMbps());
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
}
