package app.fluss.files.latency;

import app.fluss.core.latency.Signal;
import app.fluss.files.log.InputException;
import ch.randelshofer.fastdoubleparser.JavaDoubleParser;
import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;

/// A raw sensor trace as CSV: `t_us,input,light`, samples at even times.
final class TraceFile {
    static final List<String> HEADER = List.of("t_us", "input", "light");

    private static final int MOST_SAMPLES = 60_000_000;
    private static final int FEWEST_SAMPLES = 100;
    /// Columns of the brightness of a clip's pictures.
    static final List<String> CLIP_HEADER = List.of("t_us", "input_luma", "light_luma");

    private static final double SENSOR_LOWEST_HZ = 500;
    private static final double CAMERA_LOWEST_HZ = 20;
    private static final double HIGHEST_HZ = 110_000;
    private static final double GAP = 2.5;

    private final Path file;
    private final int[] columns;
    private final double lowestHz;
    private float[] input = new float[1 << 16];
    private float[] light = new float[1 << 16];
    private int size;
    private double firstUs;
    private double lastUs;
    private double longestUs;
    private long longestLine;

    private TraceFile(Path file, List<String> header, List<String> wanted, double lowestHz) {
        this.file = file;
        this.lowestHz = lowestHz;
        this.columns = wanted.stream().mapToInt(header::indexOf).toArray();
    }

    /// Reads the trace of a sensor.
    ///
    /// @throws InputException if it cannot be used: it says where and why
    static LatencySource.Trace read(Path file) throws IOException, InputException {
        TraceFile trace = read(file, HEADER, SENSOR_LOWEST_HZ);
        return new LatencySource.Trace(trace.samples(trace.input), trace.samples(trace.light));
    }

    /// Reads the brightness of a clip's pictures.
    ///
    /// @throws InputException if it cannot be used: it says where and why
    static LatencySource.Camera readClip(Path file) throws IOException, InputException {
        TraceFile trace = read(file, CLIP_HEADER, CAMERA_LOWEST_HZ);
        return new LatencySource.Camera(trace.samples(trace.input), trace.samples(trace.light));
    }

    private static TraceFile read(Path file, List<String> wanted, double lowestHz) throws IOException, InputException {
        try (CsvReader<CsvRecord> reader = CsvReader.builder().ofCsvRecord(file)) {
            TraceFile trace = null;
            for (CsvRecord row : reader) {
                if (trace == null) {
                    trace = new TraceFile(
                            file, row.getFields().stream().map(String::strip).toList(), wanted, lowestHz);
                } else {
                    trace.add(row);
                }
            }
            if (trace == null || trace.size < FEWEST_SAMPLES) {
                throw new InputException(
                        file, 0, 0, (trace == null ? 0 : trace.size) + " samples", "at least " + FEWEST_SAMPLES);
            }
            trace.requireEven();
            return trace;
        } catch (CsvParseException e) {
            throw new InputException(file, 0, 0, "text that is no CSV: " + e.getMessage(), String.join(",", wanted));
        }
    }

    private void add(CsvRecord row) throws InputException {
        if (size == MOST_SAMPLES) {
            throw new InputException(
                    file, row.getStartingLineNumber(), 0, "more than 60 million samples", "fewer: cut the trace");
        }
        double us = number(row, 0);
        if (size > 0) {
            if (!(us > lastUs)) {
                throw new InputException(
                        file,
                        row.getStartingLineNumber(),
                        columns[0] + 1,
                        "a time that does not grow",
                        "times that grow: the clock may have wrapped or two traces may be in one file");
            }
            if (us - lastUs > longestUs) {
                longestUs = us - lastUs;
                longestLine = row.getStartingLineNumber();
            }
        } else {
            firstUs = us;
        }
        lastUs = us;
        if (size == input.length) {
            input = Arrays.copyOf(input, size + (size >> 1));
            light = Arrays.copyOf(light, size + (size >> 1));
        }
        input[size] = (float) number(row, 1);
        light[size] = (float) number(row, 2);
        size++;
    }

    private double number(CsvRecord row, int column) throws InputException {
        int at = columns[column];
        String cell = at < row.getFieldCount() ? row.getField(at).strip() : "";
        try {
            double value = JavaDoubleParser.parseDouble(cell);
            if (Double.isFinite(value)) {
                return value;
            }
        } catch (NumberFormatException e) {
            // Told below, as what is not finite is.
        }
        throw new InputException(
                file,
                row.getStartingLineNumber(),
                at + 1,
                cell.isEmpty()
                        ? "an empty cell"
                        : "\"" + (cell.length() > 30 ? cell.substring(0, 30) + "…" : cell) + "\"",
                "a number");
    }

    private double rateHz() {
        return 1e6 * (size - 1) / (lastUs - firstUs);
    }

    private void requireEven() throws InputException {
        double rateHz = rateHz();
        double stepUs = 1e6 / rateHz;
        if (!(rateHz >= lowestHz && rateHz <= HIGHEST_HZ)) {
            throw new InputException(
                    file,
                    0,
                    1,
                    "about %.0f samples a second".formatted(rateHz),
                    "%.0f to 100000: are the times in microseconds?".formatted(2 * lowestHz));
        }
        if (longestUs > GAP * stepUs) {
            throw new InputException(
                    file,
                    longestLine,
                    1,
                    "a gap of %.2f ms".formatted(longestUs / 1000),
                    "samples at even times: the logger lost some, record again");
        }
    }

    private Signal samples(float[] values) {
        return Signal.of(values, size, rateHz());
    }
}
