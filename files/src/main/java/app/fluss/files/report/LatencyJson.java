package app.fluss.files.report;

import app.fluss.core.finding.Finding;
import app.fluss.core.latency.LatencyFigures;
import app.fluss.core.latency.LatencyMeasure;
import app.fluss.core.latency.Measurement;
import app.fluss.core.latency.edge.PressKind;
import app.fluss.core.latency.edge.Trial;
import app.fluss.files.json.ObjectShape;
import app.fluss.files.json.Shape;
import java.util.List;
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
        measured.input().pressed().ifPresent(kind -> node.put("press", Json.word(kind)));
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
        node.put("state", Json.word(trial.state()));
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

    /// The shape of the object.
    public static ObjectNode schema() {
        ObjectNode trial = new ObjectShape("A trial.")
                .with("input_ms", Shape.number("When the input was."))
                .with("latency_ms", Shape.numberOrNull("From input to light; null for a missed one."))
                .with("state", Shape.word("What became of it.", Trial.State.class, Json::word))
                .with("reason", Shape.textOrNull("Why somebody should look at it."))
                .node();
        return new ObjectShape("Input-to-display latency.")
                .figures(LatencyMeasure.values())
                .with("ambiguous", Shape.count("Trials that somebody should look at."))
                .with("median_ci_ms", Shape.interval("Of the median."))
                .with("mean_ci_ms", Shape.interval("Of the mean."))
                .with("resolution_ms", Shape.numberOrNull("What the instrument can tell apart."))
                .with(
                        "samples_ms",
                        Shape.list("One for each trial, null where it does not count.", Shape.numberOrNull("")))
                .with("trials", Shape.list("In order.", trial))
                .with(
                        "threshold",
                        Shape.numberOrNull("The part of the change at which light counts; null for a list of samples."))
                .maybe("press", Shape.word("What marks the input.", PressKind.class, Json::word))
                .with("ripple_hz", Shape.numberOrNull("The backlight's own frequency."))
                .with("hum_hz", Shape.numberOrNull("The mains' frequency in the trace."))
                .with("coupling_ms", Shape.numberOrNull("How long the sensor's coupling takes to fall back."))
                .with("findings", Shape.findings())
                .node();
    }
}
