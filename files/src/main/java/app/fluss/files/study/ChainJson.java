package app.fluss.files.study;

import app.fluss.core.bench.FactKey;
import app.fluss.core.path.Chain;
import app.fluss.core.path.Stage;
import app.fluss.core.path.StageKind;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// The stages of a path as they are kept: `[{"kind":"engine-generation","multiplier":"2"}]`.
final class ChainJson {
    private static final String KIND = "kind";

    private ChainJson() {}

    static String write(Chain chain) {
        ArrayNode stages = JsonMapper.shared().createArrayNode();
        for (Stage stage : chain.stages()) {
            ObjectNode json = stages.addObject();
            json.put(KIND, stage.kind().id());
            for (FactKey key : stage.kind().settings()) {
                String value = stage.settings().get(key);
                if (value != null) {
                    json.put(key.id(), value);
                }
            }
        }
        return stages.toString();
    }

    /// @throws IllegalArgumentException if the text is not what [#write] makes
    static Chain read(String text) {
        try {
            List<Stage> stages = new ArrayList<>();
            for (JsonNode json : JsonMapper.shared().readTree(text)) {
                StageKind kind = StageKind.of(json.path(KIND).asString())
                        .orElseThrow(() -> new IllegalArgumentException("no such stage"));
                Map<FactKey, String> settings = new EnumMap<>(FactKey.class);
                for (FactKey key : kind.settings()) {
                    JsonNode value = json.get(key.id());
                    if (value != null) {
                        settings.put(key, value.asString());
                    }
                }
                stages.add(new Stage(kind, settings));
            }
            return new Chain(stages);
        } catch (JacksonException | IllegalArgumentException e) {
            throw new IllegalArgumentException("stages are none: " + e.getMessage(), e);
        }
    }
}
