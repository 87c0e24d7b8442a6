package app.fluss.files.log;

import app.fluss.core.measure.Figure;
import app.fluss.core.reading.PadEntry;
import app.fluss.core.reading.PadMark;
import app.fluss.core.reading.TypedReading;
import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import java.io.IOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/// What a counter said over time: CSV with the header `t_s,claimed_fps[,base_fps][,low_fps,high_fps][,note]`, further
/// columns allowed. Where a reading was a range, its middle is the claimed rate.
public final class ReadingsFile {
    private static final String CLAIMED = "claimed_fps";
    private static final String BASE = "base_fps";
    private static final String LOW = "low_fps";
    private static final String HIGH = "high_fps";

    private ReadingsFile() {}

    /// One look at the counter.
    ///
    /// @param second after the start, s
    /// @param claimedFps what it said, /s
    /// @param baseFps what the generator took for its base, /s; NaN if it does not say
    public record Reading(double second, double claimedFps, double baseFps) {}

    /// Whether a header is one of readings.
    public static boolean isReadings(List<String> header) {
        return header.contains(CLAIMED);
    }

    /// Reads what the counter said.
    ///
    /// @throws InputException if the file is no such table
    public static Readings read(Path file) throws IOException, InputException {
        double sum = 0;
        double lowest = Double.POSITIVE_INFINITY;
        double highest = Double.NEGATIVE_INFINITY;
        double baseSum = 0;
        int n = 0;
        int bases = 0;
        for (SmallTable.Row row : SmallTable.read(file, List.of(CLAIMED))) {
            double claimed = row.number(CLAIMED).orNaN();
            double base = row.number(BASE).orNaN();
            if (!Double.isNaN(claimed)) {
                sum += claimed;
                lowest = Math.min(lowest, or(row.number(LOW), claimed));
                highest = Math.max(highest, or(row.number(HIGH), claimed));
                n++;
            }
            if (!Double.isNaN(base)) {
                baseSum += base;
                bases++;
            }
        }
        String none = "the readings are empty";
        return new Readings(
                n,
                Figure.ofFinite(sum / n, none),
                Figure.ofFinite(lowest, none),
                Figure.ofFinite(highest, none),
                Figure.ofFinite(baseSum / bases, "the readings have no base rate"));
    }

    private static double or(Figure figure, double otherwise) {
        return figure.isKnown() ? figure.orNaN() : otherwise;
    }

    /// Writes what was typed on the pad, marks as notes; a file that is there is replaced.
    public static void writePad(List<PadEntry> entries, Path file) throws IOException {
        try (CsvWriter out = CsvWriter.builder().lineDelimiter(LineDelimiter.LF).build(file)) {
            out.writeRecord("t_s", CLAIMED, LOW, HIGH, "note");
            for (PadEntry entry : entries) {
                String second = Double.toString(entry.atMs() / 1000.0);
                switch (entry) {
                    case PadEntry.Counted(long _, TypedReading.Read read) ->
                        out.writeRecord(
                                second,
                                Double.toString(read.middleFps()),
                                Double.toString(read.lowFps()),
                                Double.toString(read.highFps()),
                                "");
                    case PadEntry.Marked(long _, PadMark mark) -> out.writeRecord(second, "", "", "", mark.title());
                }
            }
        }
    }

    /// Writes readings; a file that is there is replaced.
    public static void write(List<Reading> readings, Path file) throws IOException {
        boolean bases = readings.stream().anyMatch(reading -> !Double.isNaN(reading.baseFps));
        try (Writer out = Files.newBufferedWriter(file, StandardCharsets.UTF_8)) {
            out.append("t_s,claimed_fps").append(bases ? ",base_fps\n" : "\n");
            for (Reading reading : readings) {
                out.append(Double.toString(reading.second)).append(',').append(Double.toString(reading.claimedFps));
                if (bases) {
                    out.append(',').append(Double.isNaN(reading.baseFps) ? "" : Double.toString(reading.baseFps));
                }
                out.append('\n');
            }
        }
    }
}
