package app.fluss.files.json;

import app.fluss.core.measure.Described;
import app.fluss.core.measure.Description;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// The shape of an object in a result: its keys, and no others.
public final class ObjectShape {
    private static final String PROPERTIES = "properties";

    private final ObjectNode node;

    /// An object without keys yet.
    public ObjectShape(String about) {
        node = Shape.of("object", about);
        node.putArray("required");
        node.putObject(PROPERTIES);
        node.put("additionalProperties", false);
    }

    private ObjectShape(ObjectNode node) {
        this.node = node;
    }

    /// The shape in the words of JSON Schema.
    public ObjectNode node() {
        return node;
    }

    /// Adds a key that is always there.
    public ObjectShape with(String key, ObjectNode value) {
        ((ArrayNode) node.get("required")).add(key);
        return maybe(key, value);
    }

    /// Adds a key that may be left out.
    public ObjectShape maybe(String key, ObjectNode value) {
        properties().set(key, value);
        return this;
    }

    /// The object under a key, which is made where there is none.
    public ObjectShape inner(String key, String about) {
        if (properties().get(key) instanceof ObjectNode there) {
            return new ObjectShape(there);
        }
        ObjectShape inner = new ObjectShape(about);
        with(key, inner.node);
        return inner;
    }

    /// Adds figures where their list says that they stand.
    public ObjectShape figures(Described... figures) {
        for (Described figure : figures) {
            if (!figure.description().json().isEmpty()) {
                figure(figure.description());
            }
        }
        return this;
    }

    private void figure(Description figure) {
        String[] path = figure.json().split("\\.", -1);
        ObjectShape shape = this;
        for (int i = 0; i < path.length - 1; i++) {
            shape = shape.inner(path[i], "");
        }
        String unit = figure.isShare() ? "0 to 1" : figure.unit();
        shape.with(
                path[path.length - 1],
                Shape.orNull(Shape.number(
                        figure.title() + (unit.isEmpty() ? "" : " (" + unit + ")") + ": " + figure.definition())));
    }

    private ObjectNode properties() {
        return (ObjectNode) node.get(PROPERTIES);
    }
}
