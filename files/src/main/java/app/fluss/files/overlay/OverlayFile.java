package app.fluss.files.overlay;

import app.fluss.core.overlay.GlyphClass;
import app.fluss.core.overlay.OverlaySeries;
import app.fluss.core.overlay.Patch;
import app.fluss.core.overlay.Stand;
import app.fluss.core.picture.Area;
import app.fluss.files.log.InputException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// Numbers read from a clip as JSON, with the looks of their glyphs and pictures of their readings.
/// `docs/formats.md` has the fields.
public final class OverlayFile {
    /// How a file of this kind says that it is one.
    public static final String FORMAT = "fluss-overlay-1";

    private static final JsonMapper MAPPER = JsonMapper.builder().build();
    private static final long MOST_BYTES = 48L << 20;
    private static final int MOST_NUMBERS = 50;
    private static final int MOST_SIDE = 20_000;
    private static final int MOST_PIXELS = 1 << 22;
    private static final int LEVELS = 255;

    private final Path file;

    private OverlayFile(Path file) {
        this.file = file;
    }

    /// Writes what was read; a file that is there is replaced.
    public static void write(RecordedNumbers recorded, Path file) throws IOException {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.put("format", FORMAT);
        root.put("clip", recorded.clipName());
        root.put("width", recorded.width());
        root.put("height", recorded.height());
        root.put("fps", recorded.fps());
        root.put("pictures", recorded.pictures());
        root.put("missing", recorded.missing());
        ArrayNode numbers = root.putArray("numbers");
        for (RecordedNumber number : recorded.numbers()) {
            ObjectNode node = asked(numbers.addObject(), number.asked());
            node.put("why_not", number.series().whyNot());
            ArrayNode stands = node.putArray("stands");
            for (Stand stand : number.series().stands()) {
                ArrayNode one =
                        stands.addArray().add(stand.fromMs()).add(stand.toMs()).add(stand.pictures());
                if (stand.isRead()) {
                    one.add(stand.value());
                } else {
                    one.addNull();
                }
            }
            put(node.putArray("glyphs"), number.series().classes());
            StandCrops crops = number.crops();
            ObjectNode kept = node.putObject("crops");
            kept.put("width", crops.width());
            kept.put("height", crops.height());
            ArrayNode grey = kept.putArray("grey");
            for (int i = 0; i < crops.size(); i++) {
                crops.of(i).ifPresentOrElse(grey::add, grey::addNull);
            }
        }
        Files.write(file, MAPPER.writeValueAsBytes(root));
    }

    private static ObjectNode asked(ObjectNode node, AskedNumber asked) {
        node.put("name", asked.name());
        Area area = asked.area();
        node.putArray("area").add(area.x()).add(area.y()).add(area.width()).add(area.height());
        put(node.putArray("told"), asked.told());
        return node;
    }

    private static void put(ArrayNode array, List<GlyphClass> classes) {
        for (GlyphClass glyph : classes) {
            ObjectNode node = array.addObject();
            node.put("name", glyph.name() == 0 ? "" : String.valueOf(glyph.name()));
            node.put("members", glyph.members());
            node.put("width", glyph.look().width());
            float[] shares = glyph.look().shares();
            byte[] ink = new byte[shares.length];
            for (int i = 0; i < ink.length; i++) {
                ink[i] = (byte) Math.clamp(Math.round(shares[i] * LEVELS), 0, LEVELS);
            }
            node.put("ink", ink);
        }
    }

    /// Writes what to ask of clips of one size; a file that is there is replaced.
    static void writeAsked(List<AskedNumber> asked, Path file) throws IOException {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.put("format", FORMAT);
        ArrayNode numbers = root.putArray("asked");
        asked.forEach(one -> asked(numbers.addObject(), one));
        Files.write(file, MAPPER.writeValueAsBytes(root));
    }

    /// Reads what was written.
    ///
    /// @throws InputException if the file is none, with what is wrong
    public static RecordedNumbers read(Path file) throws IOException, InputException {
        return new OverlayFile(file).read(OverlayFile::recorded);
    }

    /// Reads what to ask.
    ///
    /// @throws InputException if the file is none, with what is wrong
    static List<AskedNumber> readAsked(Path file) throws IOException, InputException {
        return new OverlayFile(file).read(root -> {
            List<AskedNumber> asked = new ArrayList<>();
            for (JsonNode node : array(root, "asked", MOST_NUMBERS)) {
                asked.add(asked(node));
            }
            return asked;
        });
    }

    @FunctionalInterface
    private interface Reading<T> {
        T of(JsonNode root);
    }

    private <T> T read(Reading<T> reading) throws IOException, InputException {
        if (Files.size(file) > MOST_BYTES) {
            throw fault("%d MB".formatted(Files.size(file) >> 20), "48 MB at most");
        }
        try {
            JsonNode root = MAPPER.readTree(Files.readAllBytes(file));
            if (root == null || !text(root, "format").equals(FORMAT)) {
                throw fault("another format", "\"" + FORMAT + "\", as Fluss writes it");
            }
            return reading.of(root);
        } catch (JacksonException e) {
            throw fault("text that is no JSON: " + e.getOriginalMessage(), "numbers read from a clip");
        } catch (IllegalArgumentException e) {
            throw fault(String.valueOf(e.getMessage()), "the fields of numbers read from a clip");
        }
    }

    private InputException fault(String found, String expected) {
        return new InputException(file, 0, 0, found, expected);
    }

    private static RecordedNumbers recorded(JsonNode root) {
        List<RecordedNumber> numbers = new ArrayList<>();
        for (JsonNode node : array(root, "numbers", MOST_NUMBERS)) {
            AskedNumber asked = asked(node);
            OverlaySeries series = OverlaySeries.of(stands(node), classes(node, "glyphs"), text(node, "why_not"));
            numbers.add(
                    new RecordedNumber(asked.name(), asked.area(), series, asked.told(), crops(node.path("crops"))));
        }
        return new RecordedNumbers(
                text(root, "clip"),
                whole(root, "width", MOST_SIDE),
                whole(root, "height", MOST_SIDE),
                number(root.path("fps")),
                whole(root, "pictures", Integer.MAX_VALUE),
                text(root, "missing"),
                numbers);
    }

    private static AskedNumber asked(JsonNode node) {
        JsonNode area = array(node, "area", 4);
        return new AskedNumber(
                text(node, "name"),
                new Area(whole(area.path(0)), whole(area.path(1)), whole(area.path(2)), whole(area.path(3))),
                classes(node, "told"));
    }

    private static List<Stand> stands(JsonNode node) {
        List<Stand> stands = new ArrayList<>();
        for (JsonNode one : array(node, "stands", Integer.MAX_VALUE)) {
            double value = one.path(3).isNull() ? Double.NaN : number(one.path(3));
            stands.add(new Stand(number(one.path(0)), number(one.path(1)), whole(one.path(2)), value));
        }
        return stands;
    }

    private static List<GlyphClass> classes(JsonNode node, String name) {
        List<GlyphClass> classes = new ArrayList<>();
        for (JsonNode one : array(node, name, MOST_SIDE)) {
            byte[] ink = bytes(one.path("ink"));
            float[] shares = new float[ink.length];
            for (int i = 0; i < shares.length; i++) {
                shares[i] = (float) (ink[i] & 0xFF) / LEVELS;
            }
            String called = text(one, "name");
            classes.add(new GlyphClass(
                    called.isEmpty() ? 0 : called.charAt(0),
                    new Patch(whole(one, "width", MOST_SIDE), shares),
                    whole(one, "members", Integer.MAX_VALUE)));
        }
        return classes;
    }

    private static StandCrops crops(JsonNode node) {
        int width = whole(node, "width", MOST_SIDE);
        int height = whole(node, "height", MOST_SIDE);
        JsonNode grey = array(node, "grey", Integer.MAX_VALUE);
        byte[][] crops = new byte[grey.size()][];
        for (int i = 0; i < crops.length; i++) {
            if (!grey.path(i).isNull()) {
                crops[i] = bytes(grey.path(i));
                if (crops[i].length != (long) width * height) {
                    throw new IllegalArgumentException("picture %d that is not %d × %d px".formatted(i, width, height));
                }
            }
        }
        return new StandCrops(width, height, crops);
    }

    private static JsonNode array(JsonNode node, String name, int most) {
        JsonNode array = node.path(name);
        if (!array.isArray() || array.size() > most) {
            throw new IllegalArgumentException("no list \"" + name + "\" that can be used");
        }
        return array;
    }

    private static String text(JsonNode node, String name) {
        if (!node.path(name).isString()) {
            throw new IllegalArgumentException("no text \"" + name + "\"");
        }
        return node.path(name).stringValue();
    }

    private static int whole(JsonNode node, String name, int most) {
        int value = whole(node.path(name));
        if (value > most) {
            throw new IllegalArgumentException("%s is %d".formatted(name, value));
        }
        return value;
    }

    private static int whole(JsonNode value) {
        if (!value.isInt() || value.intValue() < 0) {
            throw new IllegalArgumentException("a value that is no whole number of 0 or more");
        }
        return value.intValue();
    }

    private static double number(JsonNode value) {
        if (!value.isNumber()) {
            throw new IllegalArgumentException("a value that is no number");
        }
        return value.doubleValue();
    }

    private static byte[] bytes(JsonNode value) {
        if (!value.isString() && !value.isBinary()) {
            throw new IllegalArgumentException("a picture that is no text");
        }
        byte[] bytes =
                value.isBinary() ? value.binaryValue() : Base64.getDecoder().decode(value.stringValue());
        if (bytes.length > MOST_PIXELS) {
            throw new IllegalArgumentException("a picture of %d px".formatted(bytes.length));
        }
        return bytes;
    }
}
