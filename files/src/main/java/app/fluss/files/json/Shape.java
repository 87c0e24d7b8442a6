package app.fluss.files.json;

import app.fluss.core.finding.Severity;
import app.fluss.core.measure.Grade;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// The shapes of values in our results, in the words of JSON Schema 2020-12. [ObjectShape] joins them to objects.
public final class Shape {
    private static final String TYPE = "type";

    private Shape() {}

    /// A number.
    public static ObjectNode number(String about) {
        return of("number", about);
    }

    /// A whole number from 0.
    public static ObjectNode count(String about) {
        return of("integer", about).put("minimum", 0);
    }

    /// A text.
    public static ObjectNode text(String about) {
        return of("string", about);
    }

    /// True or false.
    public static ObjectNode flag(String about) {
        return of("boolean", about);
    }

    /// One of a few words.
    public static ObjectNode word(String about, List<String> words) {
        ObjectNode node = text(about);
        words.forEach(node.putArray("enum")::add);
        return node;
    }

    /// One of the constants of a list, by what each is called in files.
    public static <E extends Enum<E>> ObjectNode word(String about, Class<E> list, Function<E, String> name) {
        return word(about, Arrays.stream(list.getEnumConstants()).map(name).toList());
    }

    /// A grade of evidence.
    public static ObjectNode grade() {
        return word("Grade of evidence.", Grade.class, Grade::toString);
    }

    /// The value, or null.
    public static ObjectNode orNull(ObjectNode value) {
        String type = value.get(TYPE).asString();
        value.putArray(TYPE).add(type).add("null");
        if (value.get("enum") instanceof ArrayNode words) {
            words.addNull();
        }
        return value;
    }

    /// Any number of values of one shape.
    public static ObjectNode list(String about, ObjectNode each) {
        ObjectNode node = of("array", about);
        node.set("items", each);
        return node;
    }

    /// Two values of one shape: of the baseline and of the other side, or of the ends of an interval.
    public static ObjectNode pair(String about, ObjectNode each) {
        return list(about, each).put("minItems", 2).put("maxItems", 2);
    }

    /// A number, or null.
    public static ObjectNode numberOrNull(String about) {
        return orNull(number(about));
    }

    /// A text, or null.
    public static ObjectNode textOrNull(String about) {
        return orNull(text(about));
    }

    /// A 95 % interval, or null.
    public static ObjectNode interval(String about) {
        return orNull(pair(about, of("number", "")));
    }

    /// Values of one shape by names that only the data knows.
    public static ObjectNode byName(String about, ObjectNode each) {
        ObjectNode node = of("object", about);
        node.set("additionalProperties", each);
        return node;
    }

    /// What was found, worst first.
    public static ObjectNode findings() {
        return list(
                "What was found, worst first.",
                new ObjectShape("A finding.")
                        .with("code", text("Which one: findings.md, or a requirement's id."))
                        .with("severity", word("How much it matters.", Severity.class, Severity::label))
                        .with("text", text("What it says of this result."))
                        .node());
    }

    /// Any of several shapes.
    public static ObjectNode anyOf(ObjectNode... shapes) {
        ObjectNode node = JsonNodeFactory.instance.objectNode();
        ArrayNode any = node.putArray("anyOf");
        Arrays.stream(shapes).forEach(any::add);
        return node;
    }

    /// A shape that stands once under `$defs` of the whole, by its name.
    public static ObjectNode defined(String name, String about) {
        ObjectNode node = JsonNodeFactory.instance.objectNode().put("$ref", "#/$defs/" + name);
        return about.isEmpty() ? node : node.put("description", about);
    }

    static ObjectNode of(String type, String about) {
        ObjectNode node = JsonNodeFactory.instance.objectNode().put(TYPE, type);
        return about.isEmpty() ? node : node.put("description", about);
    }
}
