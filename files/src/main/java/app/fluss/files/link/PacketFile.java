package app.fluss.files.link;

import app.fluss.core.stream.PacketLog;
import app.fluss.files.log.InputException;
import app.fluss.files.log.Numbers;
import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import java.io.IOException;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;

/// The packets of a link as CSV: `sequence,send_us,receive_us`, in ascending order of their numbers. An empty time of
/// receipt is a packet that was lost.
public final class PacketFile {
    private static final List<String> HEADER = List.of("sequence", "send_us", "receive_us");
    private static final String TABLE = "a table with sequence,send_us,receive_us";
    private static final int MOST_PACKETS = 10_000_000;
    private static final double LARGEST_NUMBER = 1L << 53;
    /// Far beyond any clock's microseconds; what is above cannot be told apart by a double.
    static final double LATEST_US = 1e17;

    private static final double US_PER_MS = 1000;
    private static final double SCALE = 1000;

    private final Path file;
    private final int[] columns;
    private long[] sequence = new long[1 << 12];
    private double[] sentMs = new double[1 << 12];
    private double[] receivedMs = new double[1 << 12];
    private int size;

    private PacketFile(Path file, int[] columns) {
        this.file = file;
        this.columns = columns;
    }

    /// Writes packets; a file that is there is replaced.
    public static void write(PacketLog log, Path file) throws IOException {
        StringBuilder line = new StringBuilder(String.join(",", HEADER)).append('\n');
        try (Writer out = Files.newBufferedWriter(file)) {
            for (int i = 0; i < log.size(); i++) {
                line.append(log.sequence(i)).append(',');
                append(line, log.sentMs(i));
                line.append(',');
                append(line, log.receivedMs(i));
                out.append(line.append('\n'));
                line.setLength(0);
            }
            out.append(line);
        }
    }

    private static void append(StringBuilder line, double ms) {
        if (!Double.isNaN(ms)) {
            line.append(Math.rint(ms * US_PER_MS * SCALE) / SCALE);
        }
    }

    /// Reads packets.
    ///
    /// @throws InputException if the file is no such table: it says where and why
    public static PacketLog read(Path file) throws IOException, InputException {
        PacketFile reading = null;
        try (CsvReader<CsvRecord> reader = CsvReader.builder().ofCsvRecord(file)) {
            for (CsvRecord row : reader) {
                if (reading == null) {
                    reading = new PacketFile(file, columns(file, row));
                } else {
                    reading.add(row);
                }
            }
        } catch (CsvParseException e) {
            throw new InputException(file, 0, 0, "text that is no CSV: " + e.getMessage(), TABLE);
        }
        if (reading == null || reading.size == 0) {
            throw new InputException(file, 0, 0, "no packets", TABLE);
        }
        return new PacketLog(
                Arrays.copyOf(reading.sequence, reading.size),
                Arrays.copyOf(reading.sentMs, reading.size),
                Arrays.copyOf(reading.receivedMs, reading.size));
    }

    private static int[] columns(Path file, CsvRecord header) throws InputException {
        List<String> names = header.getFields().stream().map(String::strip).toList();
        if (!names.containsAll(HEADER)) {
            throw new InputException(file, 1, 0, "the columns " + InputException.quote(String.join(",", names)), TABLE);
        }
        return HEADER.stream().mapToInt(names::indexOf).toArray();
    }

    private void add(CsvRecord row) throws InputException {
        if (size == MOST_PACKETS) {
            throw fault(row, 0, "more than ten million packets", "fewer: cut the trace");
        }
        double number = number(row, 0);
        if (!(number >= 0 && number < LARGEST_NUMBER && number == Math.rint(number))) {
            throw fault(row, 0, "no whole number of 0 or more", "the packet's number");
        } else if (size > 0 && number <= sequence[size - 1]) {
            throw fault(
                    row,
                    0,
                    "number %.0f after %d".formatted(number, sequence[size - 1]),
                    "numbers that ascend: one row for each packet, in the order they were sent");
        }
        double sent = number(row, 1);
        double received = number(row, 2);
        if (Double.isNaN(sent) && !Double.isNaN(received)) {
            throw fault(row, 1, "a packet that came in and was never sent", "a time in microseconds");
        }
        if (size == sequence.length) {
            sequence = Arrays.copyOf(sequence, size * 2);
            sentMs = Arrays.copyOf(sentMs, size * 2);
            receivedMs = Arrays.copyOf(receivedMs, size * 2);
        }
        sequence[size] = (long) number;
        sentMs[size] = sent / US_PER_MS;
        receivedMs[size++] = received / US_PER_MS;
    }

    /// A cell's number; NaN if the cell is empty.
    private double number(CsvRecord row, int column) throws InputException {
        int at = columns[column];
        String cell = at < row.getFieldCount() ? row.getField(at).strip() : "";
        if (Numbers.isEmpty(cell)) {
            return Double.NaN;
        }
        double value = Numbers.parse(cell, '.');
        if (Math.abs(value) <= LATEST_US) {
            return value;
        }
        throw fault(row, column, InputException.quote(cell), "a number, or nothing for a packet that was lost");
    }

    private InputException fault(CsvRecord row, int column, String found, String expected) {
        return new InputException(file, row.getStartingLineNumber(), columns[column] + 1, found, expected);
    }
}
