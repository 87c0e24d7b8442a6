package app.fluss.files.report;

import app.fluss.core.compare.Interval;
import app.fluss.core.finding.Finding;
import app.fluss.core.measure.Described;
import app.fluss.core.measure.Description;
import app.fluss.core.measure.Figure;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// How the parts of results look in JSON.
public final class Json {
    static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private Json() {}

    /// A tree as indented text, with a line end.
    public static String text(Object tree) {
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(tree) + "\n";
    }

    /// What a constant is called in results: lower case, with low lines.
    public static String word(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT);
    }

    /// The same with hyphens.
    static String dashed(Enum<?> constant) {
        return word(constant).replace('_', '-');
    }

    static ObjectNode object() {
        return NODES.objectNode();
    }

    static void put(ObjectNode node, String key, Figure figure) {
        switch (figure) {
            case Figure.Known(double value) -> node.put(key, value);
            case Figure.Missing _ -> node.putNull(key);
        }
    }

    /// Puts a figure where its list says: the keys of its path are made as they come.
    static void put(ObjectNode root, Described described, Figure figure) {
        String[] path = described.description().json().split("\\.", -1);
        ObjectNode node = root;
        for (int i = 0; i < path.length - 1; i++) {
            node = node.get(path[i]) instanceof ObjectNode there ? there : node.putObject(path[i]);
        }
        String key = path[path.length - 1];
        switch (figure) {
            case Figure.Known(double value)
            when isCount(described.description(), value) -> node.put(key, Math.round(value));
            case Figure.Known(double value) -> node.put(key, value);
            case Figure.Missing _ -> node.putNull(key);
        }
    }

    private static boolean isCount(Description description, double value) {
        return description.decimals() == 0 && !description.isShare() && value == Math.rint(value);
    }

    static void put(ObjectNode node, String key, Optional<Interval> interval) {
        if (interval.isEmpty()) {
            node.putNull(key);
            return;
        }
        node.putArray(key).add(interval.get().low()).add(interval.get().high());
    }

    static void putFindings(ObjectNode node, List<Finding> findings) {
        ArrayNode array = node.putArray("findings");
        for (Finding finding : findings) {
            array.addObject()
                    .put("code", finding.code())
                    .put("severity", finding.severity().label())
                    .put("text", finding.text());
        }
    }
}
