package app.fluss.files.study;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.Values;
import app.fluss.files.log.ImportedLog;
import app.fluss.files.log.MappingFile;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/// Parsed logs as rows: each column as little-endian doubles (kinds as one byte each), compressed with
/// Zstandard.
final class LogCodec {
    private static final String KINDS = "kind";

    private final Sql sql;

    LogCodec(Sql sql) {
        this.sql = sql;
    }

    /// Keeps a log that was read from evidence.
    ///
    /// @return its number
    long insert(String sha256, ImportedLog imported) throws SQLException {
        FrameLog log = imported.log();
        List<String> processes = imported.notes().processes();
        long id = sql.insert(
                "INSERT INTO parsed_log (sha256, images, mapping, process, lead_in, segment_starts) VALUES (?, ?, ?, ?, ?,"
                        + " ?)",
                sha256,
                log.size(),
                MappingFile.toJson(imported.mapping()),
                processes.isEmpty() ? null : processes.getFirst(),
                log.hasLeadIn(),
                starts(log));
        writeColumns(id, log);
        return id;
    }

    void writeColumns(long logId, FrameLog log) throws SQLException {
        for (Channel channel : Channel.values()) {
            Optional<Values> values = log.channel(channel);
            if (values.isPresent()) {
                write(logId, channel.header(), bytes(values.get()));
            }
        }
        if (log.kindsStated()) {
            byte[] kinds = new byte[log.size()];
            for (int i = 0; i < kinds.length; i++) {
                kinds[i] = log.kind(i).code();
            }
            write(logId, KINDS, kinds);
        }
    }

    FrameLog read(long logId) throws SQLException, StudyException {
        Stored stored = sql
                .list(
                        "SELECT images, lead_in, segment_starts FROM parsed_log WHERE id = ?",
                        row -> new Stored(row.getInt(1), row.getBoolean(2), row.getString(3)),
                        logId)
                .stream()
                .findFirst()
                .orElseThrow(() -> new StudyException("The study has no log number " + logId + "."));
        if (stored.images < 0) {
            throw new StudyException("Log number %d is damaged.".formatted(logId));
        }
        FrameLog.Builder log = FrameLog.presentedAt(
                        doubles(logId, Channel.PRESENT.header(), stored.images), stored.images)
                .leadIn(stored.leadIn)
                .segmentStarts(starts(stored.segmentStarts));
        for (String name :
                sql.list("SELECT name FROM parsed_column WHERE log_id = ?", row -> row.getString(1), logId)) {
            Optional<Channel> channel = Channel.ofHeader(name);
            if (channel.isPresent() && channel.get() != Channel.PRESENT) {
                log.channel(channel.get(), doubles(logId, name, stored.images));
            } else if (name.equals(KINDS)) {
                log.kinds(kinds(logId, stored.images));
            }
        }
        return log.build();
    }

    static String starts(FrameLog log) {
        return Arrays.stream(log.segmentStarts()).mapToObj(Integer::toString).collect(Collectors.joining(" "));
    }

    private static int[] starts(String text) {
        return text.isBlank()
                ? new int[0]
                : Arrays.stream(text.split(" ", -1)).mapToInt(Integer::parseInt).toArray();
    }

    private void write(long logId, String name, byte[] bytes) throws SQLException {
        sql.run("INSERT INTO parsed_column (log_id, name, data) VALUES (?, ?, ?)", logId, name, Packed.pack(bytes));
    }

    private static byte[] bytes(Values values) {
        ByteBuffer buffer = ByteBuffer.allocate(Math.multiplyExact(values.size(), Double.BYTES))
                .order(ByteOrder.LITTLE_ENDIAN);
        for (int i = 0; i < values.size(); i++) {
            buffer.putDouble(values.at(i));
        }
        return buffer.array();
    }

    private double[] doubles(long logId, String name, int count) throws SQLException, StudyException {
        double[] values = new double[count];
        ByteBuffer.wrap(column(logId, name, Math.multiplyExact(count, Double.BYTES)))
                .order(ByteOrder.LITTLE_ENDIAN)
                .asDoubleBuffer()
                .get(values);
        return values;
    }

    private byte[] kinds(long logId, int count) throws SQLException, StudyException {
        byte[] kinds = column(logId, KINDS, count);
        for (byte kind : kinds) {
            if (kind < 0 || kind >= FrameKind.values().length) {
                throw new StudyException("The kinds of log number %d are damaged.".formatted(logId));
            }
        }
        return kinds;
    }

    /// The stated size decides how much is unpacked, whatever the compressed data claims.
    private byte[] column(long logId, String name, int bytes) throws SQLException, StudyException {
        byte[] packed = sql
                .list(
                        "SELECT data FROM parsed_column WHERE log_id = ? AND name = ?",
                        row -> row.getBytes(1),
                        logId,
                        name)
                .stream()
                .findFirst()
                .orElseThrow(() -> new StudyException("Log number %d has no column %s.".formatted(logId, name)));
        byte[] unpacked = new byte[bytes];
        if (Packed.unpack(packed, unpacked) != bytes) {
            throw new StudyException("Column %s of log number %d is damaged.".formatted(name, logId));
        }
        return unpacked;
    }

    private record Stored(int images, boolean leadIn, String segmentStarts) {}
}
