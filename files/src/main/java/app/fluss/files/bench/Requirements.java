package app.fluss.files.bench;

import app.fluss.core.bench.FactKey;
import app.fluss.core.path.Check;
import app.fluss.core.path.Need;
import app.fluss.core.path.Requirement;
import app.fluss.core.path.StageKind;
import app.fluss.files.json.Fields;
import app.fluss.files.log.InputException;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// The requirements that come with Fluss. They stand in `docs/requirements.json`.
public final class Requirements {
    private static final Path FILE = Path.of("requirements.json");
    private static final int MOST = 200;
    private static final String EVERY_STAGE = "every-stage";

    private Requirements() {}

    /// Read once, by whoever asks first.
    private static final class Shipped {
        static final List<Requirement> ALL = read();
    }

    /// All of them, in the order of the file.
    public static List<Requirement> all() {
        return Shipped.ALL;
    }

    private static List<Requirement> read() {
        try (InputStream in = Requirements.class.getResourceAsStream("requirements.json")) {
            if (in == null) {
                throw new IllegalStateException("requirements.json is not in the jar");
            }
            return List.copyOf(parse(FILE, JsonMapper.shared().readTree(in)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InputException e) {
            throw new IllegalStateException("our own requirements cannot be read", e);
        }
    }

    /// Reads requirements.
    ///
    /// @param file what faults name
    /// @throws InputException if something in them is not known
    static List<Requirement> parse(Path file, JsonNode json) throws InputException {
        return Fields.read(file, json, fields -> fields.list("requirements", MOST, Requirements::requirement));
    }

    private static Requirement requirement(Fields fields) throws InputException {
        return new Requirement(
                fields.required("id"),
                kinds(fields, "applies_to"),
                kinds(fields, "except"),
                fields.word("scope", Requirement.Scope.class, Requirement.Scope.SETUP),
                fields.part("needs", Requirements::need),
                fields.required("asks"),
                fields.required("why"),
                fields.required("remedy"),
                fields.text("safety", ""));
    }

    private static Set<StageKind> kinds(Fields fields, String name) throws InputException {
        EnumSet<StageKind> kinds = EnumSet.noneOf(StageKind.class);
        for (String word : fields.texts(name)) {
            if (word.equals(EVERY_STAGE)) {
                kinds.addAll(EnumSet.allOf(StageKind.class));
            } else {
                kinds.add(StageKind.of(word).orElseThrow(() -> new IllegalArgumentException("no stage " + word)));
            }
        }
        return kinds;
    }

    private static Need need(Fields fields) throws InputException {
        if (fields.has("all")) {
            return new Need.All(fields.list("all", MOST, Requirements::need));
        } else if (fields.has("any")) {
            return new Need.Any(fields.list("any", MOST, Requirements::need));
        } else if (fields.has("stated")) {
            return new Need.Stated(fact(fields.required("stated")));
        } else if (fields.has("same_as_native")) {
            return new Need.SameAsNative(fact(fields.required("same_as_native")));
        } else if (fields.has("check")) {
            return new Need.Checked(check(fields.required("check")));
        } else if (fields.has("is")) {
            return oneOf(fact(fields.required("fact")), fields.texts("is"));
        } else if (fields.has("fact")) {
            return new Need.Within(
                    fact(fields.required("fact")),
                    fields.number("from", Double.NEGATIVE_INFINITY),
                    fields.number("to", Double.POSITIVE_INFINITY));
        } else if (fields.flag("seen", false)) {
            return new Need.Seen();
        }
        throw new IllegalArgumentException("one of all, any, stated, same_as_native, check, fact or seen is expected");
    }

    private static Need oneOf(FactKey fact, List<String> values) {
        for (String value : values) {
            fact.problem(value).ifPresent(problem -> {
                throw new IllegalArgumentException(fact.id() + " can never be " + value + ": " + problem);
            });
        }
        return new Need.OneOf(fact, values);
    }

    private static FactKey fact(String id) {
        return FactKey.of(id).orElseThrow(() -> new IllegalArgumentException("no fact " + id));
    }

    private static Check check(String id) {
        return Arrays.stream(Check.values())
                .filter(check -> check.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no check " + id));
    }
}
