package app.fluss.files.report;

import app.fluss.core.finding.Finding;
import app.fluss.core.latency.LatencyFigures;
import app.fluss.core.latency.LatencyMeasure;
import app.fluss.core.latency.Measurement;
import app.fluss.core.latency.edge.Trial;
import java.util.List;
import java.util.Locale;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Latency as JSON.
public final class LatencyJson {
    private LatencyJson() {}

    /// Figures, trials and findings. In `samples_ms`, one for each trial, null stands for what does not count:
    /// missed or ambiguous.
    public static ObjectNode of(Measurement measured, List<Finding> findings) {
        LatencyFigures figures = measured.figures();
        ObjectNode node = Json.object();
        for (LatencyMeasure measure : LatencyMeasure.values()) {
            Json.put(node, measure, measure.of(figures));
        }
        node.put("ambiguous", measured.ambiguous().size());
        Json.put(node, "median_ci_ms", figures.medianInterval());
        Json.put(node, "mean_ci_ms", figures.meanInterval());
        put(node, "resolution_ms", measured.resolutionMs() > 0 ? measured.resolutionMs() : Double.NaN);
        ArrayNode samples = node.putArray("samples_ms");
        ArrayNode trials = node.putArray("trials");
        for (Trial trial : measured.trials()) {
            if (trial.state() == Trial.State.ACCEPTED) {
                samples.add(trial.latencyMs());
            } else {
                samples.addNull();
            }
            trials.add(of(trial));
        }
        boolean list = measured.source() == Measurement.Source.SAMPLES;
        put(node, "threshold", list ? Double.NaN : measured.settings().threshold());
        measured.input()
                .pressed()
                .ifPresent(kind -> node.put("press", kind.name().toLowerCase(Locale.ROOT)));
        put(node, "ripple_hz", measured.light().rippleHz());
        put(node, "hum_hz", measured.light().humHz());
        put(node, "coupling_ms", measured.light().couplingMs());
        Json.putFindings(node, findings);
        return node;
    }

    private static ObjectNode of(Trial trial) {
        ObjectNode node = Json.object();
        node.put("input_ms", trial.inputMs());
        put(node, "latency_ms", trial.latencyMs());
        node.put("state", trial.state().name().toLowerCase(Locale.ROOT));
        if (trial.doubt().text().isEmpty()) {
            node.putNull("reason");
        } else {
            node.put("reason", trial.doubt().text());
        }
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
