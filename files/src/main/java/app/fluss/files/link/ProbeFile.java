package app.fluss.files.link;

import app.fluss.core.stream.PacketLog;
import app.fluss.core.stream.ProbeTrace;
import app.fluss.core.stream.TrafficShape;
import app.fluss.files.log.InputException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.LongStream;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.json.JsonMapper;

/// A link probe as JSON: what was sent, and when each packet went out and came in, microseconds, null where it is not
/// known. `docs/formats.md` has the fields.
public final class ProbeFile {
    private static final JsonMapper MAPPER = JsonMapper.builder(JsonFactory.builder()
                    .enable(StreamReadFeature.USE_FAST_DOUBLE_PARSER)
                    .build())
            .build();
    private static final String FORMAT = "fluss-probe-1";
    private static final Set<String> COLUMNS = Set.of("sent_us", "received_us", "input_sent_us", "input_back_us");
    private static final int MOST_VALUES = 8_000_000;
    private static final int MOST_IMAGES = 100_000;
    private static final double SCALE = 1000;

    private final Path file;
    private final Map<String, Double> numbers = new HashMap<>();
    private final Map<String, Boolean> flags = new HashMap<>();
    private final Map<String, double[]> columns = new HashMap<>();
    private String format = "";

    private ProbeFile(Path file) {
        this.file = file;
    }

    /// Writes a probe; a file that is there is replaced.
    public static void write(ProbeTrace trace, Path file) throws IOException {
        TrafficShape shape = trace.shape();
        try (JsonGenerator out = MAPPER.createGenerator(Files.newOutputStream(file))) {
            out.writeStartObject();
            out.writeStringProperty("format", FORMAT);
            out.writeBooleanProperty("simulated", trace.simulated());
            out.writeNumberProperty("fps", shape.fps());
            out.writeNumberProperty("bit_rate_mbps", shape.bitRateMbps());
            out.writeNumberProperty("key_every_s", shape.keyEveryS());
            out.writeNumberProperty("key_factor", shape.keyFactor());
            out.writeBooleanProperty("paced", shape.paced());
            out.writeNumberProperty("images", trace.images());
            PacketLog packets = trace.packets();
            write(out, "sent_us", packets, true);
            write(out, "received_us", packets, false);
            write(out, "input_sent_us", trace.inputs(), true);
            write(out, "input_back_us", trace.inputs(), false);
            out.writeEndObject();
        }
    }

    private static void write(JsonGenerator out, String name, PacketLog log, boolean sent) {
        out.writeArrayPropertyStart(name);
        for (int i = 0; i < log.size(); i++) {
            double ms = sent ? log.sentMs(i) : log.receivedMs(i);
            if (Double.isNaN(ms)) {
                out.writeNull();
            } else {
                out.writeNumber(Math.rint(ms * SCALE * SCALE) / SCALE);
            }
        }
        out.writeEndArray();
    }

    /// Reads a probe.
    ///
    /// @throws InputException if the file is none, with what is wrong
    public static ProbeTrace read(Path file) throws IOException, InputException {
        ProbeFile reading = new ProbeFile(file);
        try (InputStream bytes = Files.newInputStream(file);
                JsonParser in = MAPPER.createParser(bytes)) {
            reading.fields(in);
            return reading.trace();
        } catch (JacksonException e) {
            throw new InputException(file, 0, 0, "text that is no JSON: " + e.getOriginalMessage(), "a link probe");
        } catch (IllegalArgumentException e) {
            throw reading.fault(String.valueOf(e.getMessage()), "the fields of a link probe");
        }
    }

    private void fields(JsonParser in) throws InputException {
        if (in.nextToken() != JsonToken.START_OBJECT) {
            throw fault("something else than an object", "a link probe");
        }
        while (in.nextToken() == JsonToken.PROPERTY_NAME) {
            String name = in.currentName();
            JsonToken value = in.nextToken();
            switch (value) {
                case VALUE_STRING -> format = name.equals("format") ? in.getString() : format;
                case VALUE_TRUE, VALUE_FALSE -> flags.put(name, value == JsonToken.VALUE_TRUE);
                case VALUE_NUMBER_INT, VALUE_NUMBER_FLOAT -> numbers.put(name, in.getDoubleValue());
                case START_ARRAY -> {
                    if (COLUMNS.contains(name)) {
                        columns.put(name, column(in, name));
                    } else {
                        in.skipChildren();
                    }
                }
                default -> throw fault(InputException.quote(name) + " with a value of another kind", "a link probe");
            }
            if (numbers.size() + flags.size() + columns.size() > 20) {
                throw fault("more than 20 fields", "a link probe");
            }
        }
    }

    private double[] column(JsonParser in, String name) throws InputException {
        double[] values = new double[1 << 10];
        int n = 0;
        for (JsonToken token = in.nextToken(); token != JsonToken.END_ARRAY; token = in.nextToken()) {
            boolean known = token == JsonToken.VALUE_NUMBER_FLOAT || token == JsonToken.VALUE_NUMBER_INT;
            if (!known && token != JsonToken.VALUE_NULL) {
                throw fault(
                        "value %d of %s that is no number".formatted(n, InputException.quote(name)),
                        "microseconds or null");
            } else if (n == MOST_VALUES) {
                throw fault("more than eight million packets", "a probe of a minute at most");
            }
            if (known && !(Math.abs(in.getDoubleValue()) <= PacketFile.LATEST_US)) {
                throw fault(
                        "%s µs in %s".formatted(in.getString(), InputException.quote(name)), "microseconds of a clock");
            }
            values = n == values.length ? Arrays.copyOf(values, n * 2) : values;
            values[n++] = known ? in.getDoubleValue() / SCALE : Double.NaN;
        }
        return Arrays.copyOf(values, n);
    }

    private ProbeTrace trace() throws InputException {
        if (!format.equals(FORMAT)) {
            throw fault(
                    format.isEmpty() ? "no format" : "the format " + InputException.quote(format),
                    "\"" + FORMAT + "\", as a probe writes it");
        }
        TrafficShape shape = new TrafficShape(
                number("fps"), number("bit_rate_mbps"), number("key_every_s"), number("key_factor"), flag("paced"));
        double images = number("images");
        if (!(images >= 1 && images <= MOST_IMAGES && images == Math.rint(images))) {
            throw fault("images = " + images, "a whole number of 1 to " + MOST_IMAGES);
        }
        long packets = shape.firstPacket((long) images);
        PacketLog stream = log("sent_us", "received_us");
        if (stream.size() != packets) {
            throw fault("%d packets".formatted(stream.size()), "%d, as the stream has".formatted(packets));
        }
        return new ProbeTrace(shape, (int) images, stream, log("input_sent_us", "input_back_us"), flag("simulated"));
    }

    private PacketLog log(String sent, String received) throws InputException {
        double[] left = columnOf(sent);
        double[] right = columnOf(received);
        if (left.length != right.length) {
            throw fault(
                    "%d values of %s and %d of %s".formatted(left.length, sent, right.length, received),
                    "as many of both");
        }
        for (int i = 0; i < left.length; i++) {
            if (Double.isNaN(left[i]) && !Double.isNaN(right[i])) {
                throw fault("packet %d of %s that came in and was never sent".formatted(i, received), "both times");
            }
        }
        return new PacketLog(LongStream.range(0, left.length).toArray(), left, right);
    }

    private double[] columnOf(String name) throws InputException {
        double[] column = columns.get(name);
        if (column == null) {
            throw fault("no " + name, "a list of microseconds");
        }
        return column;
    }

    private double number(String name) throws InputException {
        Double number = numbers.get(name);
        if (number == null) {
            throw fault("no " + name, "a number");
        }
        return number;
    }

    private boolean flag(String name) throws InputException {
        Boolean flag = flags.get(name);
        if (flag == null) {
            throw fault("no " + name, "true or false");
        }
        return flag;
    }

    private InputException fault(String found, String expected) {
        return new InputException(file, 0, 0, found, expected);
    }
}
