package app.fluss.cli;

import app.fluss.files.report.AnalysisJson;
import app.fluss.files.report.BlameJson;
import app.fluss.files.report.ClipJson;
import app.fluss.files.report.ComparisonSchema;
import app.fluss.files.report.Json;
import app.fluss.files.report.LatencyJson;
import app.fluss.files.report.LinkJson;
import app.fluss.files.report.OverlayJson;
import app.fluss.files.report.PictureJson;
import app.fluss.files.report.VerdictJson;
import app.fluss.files.report.VrJson;
import app.fluss.files.share.StudyJson;
import app.fluss.files.simulated.TruthJson;
import java.util.function.Supplier;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// Every result in JSON, by the command that prints it or the file that it is; its shape is a JSON Schema.
@SuppressWarnings("ImmutableEnumChecker") // functions without state, which the checker cannot see
enum ResultSchema {
    analyze(AnalysisJson::schema),
    blame(BlameJson::schema),
    compare(ComparisonSchema::of),
    decide(VerdictJson::schema),
    latency(LatencyJson::schema),
    overlay(OverlayJson::schema),
    picture(PictureJson::schema),
    probe(LinkJson::schema),
    study(StudyJson::schema),
    truth(TruthJson::schema),
    video(ClipJson::schema),
    vr(VrJson::schema);

    private final Supplier<ObjectNode> shape;

    ResultSchema(Supplier<ObjectNode> shape) {
        this.shape = shape;
    }

    /// The schema as text.
    String text() {
        ObjectNode schema = JsonNodeFactory.instance
                .objectNode()
                .put("$schema", "https://json-schema.org/draft/2020-12/schema")
                .put("title", "Fluss result: " + name());
        schema.setAll(shape.get());
        return Json.text(schema);
    }
}
