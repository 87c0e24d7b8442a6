package app.fluss.files.study;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.ImportNotes;
import app.fluss.core.frame.Values;
import app.fluss.files.log.ImportedLog;
import app.fluss.files.log.MappingFile;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/// Parsed logs as rows: each column as little-endian doubles (kinds as one byte each), compressed with Zstandard.
final class LogCodec {
    private static final String KINDS = "kind";
    private static final int MOST_SEGMENTS_TEXT = 10_000_000;

    /// Share of the heap that one log may take. Our own convention: its analysis takes as much again.
    private static final double MOST_HEAP = 0.4;

    private final Steps steps;

    LogCodec(Steps steps) {
        this.steps = steps;
    }

    /// A log, compressed and ready to be kept.
    record Packet(ImportedLog imported, Map<String, Packing.Block> columns) {}

    /// What a log was read with.
    ///
    /// @param mapping as JSON
    /// @param process the program whose rows were read; null for all
    record Source(
            long id,
            String sha256,
            String mapping,
            @Nullable String process) {}

    /// Compresses the columns of a log.
    static Packet pack(ImportedLog imported, Packing packing) throws IOException {
        FrameLog log = imported.log();
        Map<String, Packing.Block> columns = new LinkedHashMap<>();
        for (Channel channel : Channel.values()) {
            Optional<Values> values = log.channel(channel);
            if (values.isPresent()) {
                columns.put(channel.header(), packing.add(bytes(values.get())));
            }
        }
        if (log.kindsStated()) {
            byte[] kinds = new byte[log.size()];
            for (int i = 0; i < kinds.length; i++) {
                kinds[i] = log.kind(i).code();
            }
            columns.put(KINDS, packing.add(kinds));
        }
        return new Packet(imported, columns);
    }

    /// Keeps a compressed log that was read from evidence, within a step.
    ///
    /// @return its number
    long keep(String sha256, Packet packet, Packing packing) throws SQLException {
        FrameLog log = packet.imported.log();
        List<String> processes = packet.imported.notes().processes();
        Sql sql = steps.sql();
        long id = sql.insert(
                "INSERT INTO parsed_log (sha256, images, mapping, process, lead_in, segment_starts, notes) VALUES (?, ?, ?,"
                        + " ?, ?, ?, ?)",
                sha256,
                log.size(),
                MappingFile.toJson(packet.imported.mapping()),
                processes.isEmpty() ? null : processes.getFirst(),
                log.hasLeadIn(),
                starts(log),
                notesJson(packet.imported.notes()));
        for (var column : packet.columns.entrySet()) {
            sql.run(
                    "INSERT INTO parsed_column (log_id, name, data) VALUES (?, ?, ?)",
                    id,
                    column.getKey(),
                    Steps.read(packing, column.getValue()));
        }
        return id;
    }

    /// What a log was read with.
    Source source(long logId) throws StudyException {
        return steps
                .read(() -> steps.sql()
                        .list(
                                "SELECT id, sha256, mapping, process FROM parsed_log WHERE id = ?",
                                row -> new Source(
                                        row.getLong("id"),
                                        Sql.text(row, "sha256"),
                                        Sql.text(row, "mapping"),
                                        row.getString("process")),
                                logId))
                .stream()
                .findFirst()
                .orElseThrow(() -> none(logId));
    }

    /// What the importer met in a log; empty if a study of an older version did not keep it.
    Optional<ImportNotes> notes(long logId) throws StudyException {
        return steps
                .read(() -> steps.sql()
                        .list(
                                "SELECT id, notes FROM parsed_log WHERE id = ?",
                                row -> Optional.ofNullable(row.getString("notes"))
                                        .map(LogCodec::notes),
                                logId))
                .stream()
                .findFirst()
                .flatMap(notes -> notes);
    }

    static String notesJson(ImportNotes notes) {
        return JsonMapper.shared().writeValueAsString(notes);
    }

    private static ImportNotes notes(String json) {
        try {
            return JsonMapper.shared().readValue(json, ImportNotes.class);
        } catch (JacksonException e) {
            throw new IllegalArgumentException("notes are none: " + e.getOriginalMessage(), e);
        }
    }

    /// Reads a log; each column is unpacked after the study was let go.
    ///
    /// @throws StudyException if it is damaged, or larger than this program has room for
    FrameLog read(long logId) throws StudyException {
        Stored stored = steps
                .read(() -> steps.sql()
                        .list(
                                "SELECT id, images, lead_in, segment_starts FROM parsed_log WHERE id = ? AND"
                                        + " length(segment_starts) <= ?",
                                row -> new Stored(
                                        row.getLong("images"),
                                        row.getBoolean("lead_in"),
                                        Sql.text(row, "segment_starts")),
                                logId,
                                MOST_SEGMENTS_TEXT))
                .stream()
                .findFirst()
                .orElseThrow(() -> none(logId));
        List<String> names = steps.read(() -> steps.sql()
                .list("SELECT name FROM parsed_column WHERE log_id = ?", row -> Sql.text(row, "name"), logId));
        int images = images(logId, stored.images, names.size());
        try {
            FrameLog.Builder log = FrameLog.presentedAt(doubles(logId, Channel.PRESENT.header(), images), images)
                    .leadIn(stored.leadIn)
                    .segmentStarts(starts(stored.segmentStarts, images));
            for (String name : names) {
                Optional<Channel> channel = Channel.ofHeader(name);
                if (channel.isPresent() && channel.get() != Channel.PRESENT) {
                    log.channel(channel.get(), doubles(logId, name, images));
                } else if (name.equals(KINDS)) {
                    log.kinds(kinds(logId, images));
                }
            }
            return log.build();
        } catch (IllegalArgumentException | IndexOutOfBoundsException e) {
            throw new StudyException("Log number %d is damaged: %s.".formatted(logId, e.getMessage()), e);
        }
    }

    private static int images(long logId, long images, int columns) throws StudyException {
        double bytes = (double) images * Double.BYTES * Math.max(1, columns);
        if (images < 0 || images > Integer.MAX_VALUE / Double.BYTES) {
            throw new StudyException("Log number %d is damaged: it cannot have %d images.".formatted(logId, images));
        }
        if (bytes > MOST_HEAP * Runtime.getRuntime().maxMemory()) {
            throw new StudyException("Log number %d has %d images in %d columns, more than there is memory for."
                    .formatted(logId, images, columns));
        }
        return (int) images;
    }

    private static StudyException none(long logId) {
        return new StudyException("The study has no log number " + logId + ".");
    }

    private static String starts(FrameLog log) {
        return Arrays.stream(log.segmentStarts()).mapToObj(Integer::toString).collect(Collectors.joining(" "));
    }

    private static int[] starts(String text, int images) {
        int[] starts = text.isBlank()
                ? new int[0]
                : Arrays.stream(text.split(" ", -1)).mapToInt(Integer::parseInt).toArray();
        int before = -1;
        for (int start : starts) {
            if (start <= before || start >= images) {
                throw new IllegalArgumentException("a segment cannot start at image " + start);
            }
            before = start;
        }
        return starts;
    }

    private static byte[] bytes(Values values) {
        ByteBuffer buffer = ByteBuffer.allocate(Math.multiplyExact(values.size(), Double.BYTES))
                .order(ByteOrder.LITTLE_ENDIAN);
        for (int i = 0; i < values.size(); i++) {
            buffer.putDouble(values.at(i));
        }
        return buffer.array();
    }

    private double[] doubles(long logId, String name, int count) throws StudyException {
        byte[] bytes = column(logId, name, count * Double.BYTES);
        double[] values = new double[count];
        ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN).asDoubleBuffer().get(values);
        return values;
    }

    private byte[] kinds(long logId, int count) throws StudyException {
        byte[] kinds = column(logId, KINDS, count);
        for (byte kind : kinds) {
            if (kind < 0 || kind >= FrameKind.values().length) {
                throw new StudyException("The kinds of log number %d are damaged.".formatted(logId));
            }
        }
        return kinds;
    }

    private byte[] column(long logId, String name, int bytes) throws StudyException {
        byte[] packed = steps
                .read(() -> steps.sql()
                        .list(
                                "SELECT data FROM parsed_column WHERE log_id = ? AND name = ?",
                                row -> Sql.bytes(row, "data"),
                                logId,
                                name))
                .stream()
                .findFirst()
                .orElseThrow(() -> new StudyException("Log number %d has no column %s.".formatted(logId, name)));
        return Packed.unpack(packed, bytes)
                .orElseThrow(() -> new StudyException("Column %s of log number %d is damaged.".formatted(name, logId)));
    }

    private record Stored(long images, boolean leadIn, String segmentStarts) {}
}
