package app.fluss.files.report;

import app.fluss.core.finding.Finding;
import app.fluss.core.latency.LatencyFigures;
import app.fluss.core.latency.LatencyMeasure;
import java.util.List;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Latency as JSON.
public final class LatencyJson {
    private LatencyJson() {}

    /// Figures, samples and findings.
    ///
    /// @param samplesMs one for each trial; NaN, which becomes null, for a missed one
    /// @param threshold share of the light's step; NaN for samples that came as samples
    /// @param rippleHz of the light; NaN if none stands out
    public static ObjectNode of(
            LatencyFigures figures, double[] samplesMs, double threshold, double rippleHz, List<Finding> findings) {
        ObjectNode node = Json.object();
        for (LatencyMeasure measure : LatencyMeasure.values()) {
            Json.put(node, measure, measure.of(figures));
        }
        Json.put(node, "median_ci_ms", figures.medianInterval());
        ArrayNode samples = node.putArray("samples_ms");
        for (double sample : samplesMs) {
            if (Double.isNaN(sample)) {
                samples.addNull();
            } else {
                samples.add(sample);
            }
        }
        put(node, "threshold", threshold);
        put(node, "ripple_hz", rippleHz);
        Json.putFindings(node, findings);
        return node;
    }

    private static void put(ObjectNode node, String name, double value) {
        if (Double.isNaN(value)) {
            node.putNull(name);
        } else {
            node.put(name, value);
        }
    }
}
