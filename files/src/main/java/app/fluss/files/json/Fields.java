package app.fluss.files.json;

import app.fluss.files.log.InputException;
import app.fluss.sim.scenario.SettingException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/// The fields of one JSON object. Knows where it stands, so that every fault names its JSON path, and which
/// fields were asked for, so that one that nobody knows is a fault too.
public final class Fields {
    private static final int LONGEST_FOUND = 40;

    private final Path file;
    private final String path;
    private final JsonNode node;
    private final Set<String> known = new TreeSet<>();

    private Fields(Path file, String path, JsonNode node) {
        this.file = file;
        this.path = path;
        this.node = node;
    }

    /// Makes something of the fields.
    @FunctionalInterface
    public interface Maker<T> {
        /// Makes it.
        T make(Fields fields) throws InputException;
    }

    /// Makes something of the object at the top of a file.
    public static <T> T read(Path file, JsonNode node, Maker<T> maker) throws InputException {
        return new Fields(file, "", node).make(maker);
    }

    private <T> T make(Maker<T> maker) throws InputException {
        if (!(node instanceof ObjectNode)) {
            throw fault(path.isEmpty() ? "the file" : path, shown(node), "an object");
        }
        try {
            T made = maker.make(this);
            for (String name : node.propertyNames()) {
                if (!known.contains(name)) {
                    throw fault(at(name), "an unknown field", "one of " + String.join(", ", known));
                }
            }
            return made;
        } catch (SettingException e) {
            throw fault(at(e.setting()), e.got(), e.range());
        } catch (IllegalArgumentException e) {
            throw fault(path.isEmpty() ? "the file" : path, shown(node), String.valueOf(e.getMessage()));
        }
    }

    private InputException fault(String at, String found, String expected) {
        return new InputException(file, 0, 0, at + " = " + found, expected);
    }

    private String at(String name) {
        return path.isEmpty() ? name : path + "." + name;
    }

    private static String shown(JsonNode node) {
        String text = node.toString();
        return text.length() > LONGEST_FOUND ? text.substring(0, LONGEST_FOUND) + "…" : text;
    }

    private Optional<JsonNode> field(String name) {
        known.add(name);
        JsonNode value = node.get(name);
        return value == null || value.isNull() ? Optional.empty() : Optional.of(value);
    }

    private InputException missing(String name, String expected) {
        return fault(at(name), "nothing", expected);
    }

    /// A number that must be there.
    public double number(String name) throws InputException {
        Optional<JsonNode> value = field(name);
        if (value.isEmpty()) {
            throw missing(name, "a number");
        }
        return number(name, value.get());
    }

    /// A number.
    public double number(String name, double otherwise) throws InputException {
        Optional<JsonNode> value = field(name);
        return value.isPresent() ? number(name, value.get()) : otherwise;
    }

    private double number(String name, JsonNode value) throws InputException {
        if (!value.isNumber()) {
            throw fault(at(name), shown(value), "a number");
        }
        return value.doubleValue();
    }

    /// A whole number.
    public int whole(String name, int otherwise) throws InputException {
        Optional<JsonNode> value = field(name);
        if (value.isEmpty()) {
            return otherwise;
        }
        if (!value.get().isIntegralNumber() || !value.get().canConvertToInt()) {
            throw fault(at(name), shown(value.get()), "a whole number");
        }
        return value.get().intValue();
    }

    /// True or false.
    public boolean flag(String name, boolean otherwise) throws InputException {
        Optional<JsonNode> value = field(name);
        if (value.isPresent() && !value.get().isBoolean()) {
            throw fault(at(name), shown(value.get()), "true or false");
        }
        return value.map(JsonNode::booleanValue).orElse(otherwise);
    }

    /// Text.
    public String text(String name, String otherwise) throws InputException {
        Optional<JsonNode> value = field(name);
        if (value.isPresent() && !value.get().isString()) {
            throw fault(at(name), shown(value.get()), "text");
        }
        return value.map(JsonNode::stringValue).orElse(otherwise);
    }

    /// Text that must be there.
    public String required(String name) throws InputException {
        String text = text(name, "");
        if (text.isBlank()) {
            throw missing(name, "text");
        }
        return text;
    }

    /// A list of texts; empty if it is not there.
    public List<String> texts(String name) throws InputException {
        Optional<JsonNode> value = field(name);
        List<String> texts = new ArrayList<>();
        if (value.isPresent()) {
            if (!value.get().isArray()) {
                throw fault(at(name), shown(value.get()), "a list of texts");
            }
            for (JsonNode text : value.get()) {
                if (!text.isString()) {
                    throw fault(at(name), shown(text), "text");
                }
                texts.add(text.stringValue());
            }
        }
        return texts;
    }

    /// Whether a field is there.
    public boolean has(String name) {
        return node.has(name);
    }

    /// One of the constants of an enum, in lower case with hyphens.
    public <E extends Enum<E>> E word(String name, Class<E> type, E otherwise) throws InputException {
        String word = text(name, label(otherwise));
        for (E constant : type.getEnumConstants()) {
            if (label(constant).equals(word)) {
                return constant;
            }
        }
        throw fault(
                at(name),
                "\"" + word + "\"",
                "one of "
                        + Arrays.stream(type.getEnumConstants())
                                .map(Fields::label)
                                .collect(Collectors.joining(", ")));
    }

    /// The name of a constant in files.
    public static String label(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /// An object that must be there.
    public <T> T part(String name, Maker<T> maker) throws InputException {
        Optional<T> made = optional(name, maker);
        if (made.isEmpty()) {
            throw missing(name, "an object");
        }
        return made.get();
    }

    /// An object, or something else where there is none.
    public <T> T part(String name, Maker<T> maker, T otherwise) throws InputException {
        return optional(name, maker).orElse(otherwise);
    }

    /// An object, if it is there.
    public <T> Optional<T> optional(String name, Maker<T> maker) throws InputException {
        Optional<JsonNode> value = field(name);
        return value.isPresent() ? Optional.of(new Fields(file, at(name), value.get()).make(maker)) : Optional.empty();
    }

    /// A list of objects; empty if it is not there.
    public <T> List<T> list(String name, int most, Maker<T> maker) throws InputException {
        Optional<JsonNode> value = field(name);
        List<T> made = new ArrayList<>();
        if (value.isPresent()) {
            if (!value.get().isArray() || value.get().size() > most) {
                throw fault(at(name), shown(value.get()), "a list of at most " + most);
            }
            for (int i = 0; i < value.get().size(); i++) {
                made.add(new Fields(file, at(name) + "[" + i + "]", value.get().get(i)).make(maker));
            }
        }
        return made;
    }
}
