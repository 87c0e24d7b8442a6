package app.fluss.files.log;

import app.fluss.core.frame.Channel;
import app.fluss.core.measure.Figure;
import app.fluss.core.reading.PadEntry;
import app.fluss.core.reading.PadMark;
import app.fluss.core.reading.Reading;
import app.fluss.core.reading.ReadingSeries;
import app.fluss.core.reading.TypedReading;
import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/// What a counter said over time: CSV with the header
/// `t_s,claimed_fps[,base_fps][,low_fps,high_fps][,one_percent_low_fps,low_convention][,note]` and a column for each
/// sensor that was noted, further columns allowed. A claimed rate or a range is needed; where a reading was a range,
/// its
/// middle is the claimed rate. A note is a mark.
public final class ReadingsFile {
    private static final String SECOND = "t_s";
    private static final String CLAIMED = "claimed_fps";
    private static final String BASE = "base_fps";
    private static final String LOW = "low_fps";
    private static final String HIGH = "high_fps";
    private static final String NOTE = "note";

    private ReadingsFile() {}

    /// Whether a header is one of readings.
    public static boolean isReadings(List<String> header) {
        return header.contains(CLAIMED);
    }

    /// Reads what the counter said.
    ///
    /// @throws InputException if the file is no such table, its times fall, a range is upside down, or a low lies
    ///     above its mean
    public static ReadingSeries read(Path file) throws IOException, InputException {
        List<Reading> readings = new ArrayList<>();
        List<ReadingSeries.Mark> marks = new ArrayList<>();
        NotedSensors sensors = new NotedSensors();
        SmallTable.Row last = null;
        Figure low = Figure.missing("the readings have no 1 % low");
        String convention = "";
        double before = 0;
        for (SmallTable.Row row : SmallTable.read(file, List.of(CLAIMED))) {
            double second = row.number(SECOND).orNaN();
            if (second < before) {
                throw row.fault(SECOND, "times that rise from row to row");
            }
            before = Double.isNaN(second) ? before : second;
            reading(row, second, readings);
            String note = row.text(NOTE);
            if (!note.isEmpty() && !Double.isNaN(second)) {
                marks.add(new ReadingSeries.Mark(second, note));
            }
            sensors.add(row);
            Figure named = row.number(NotedLow.LOW);
            if (named.isKnown()) {
                low = named;
                convention = row.text(NotedLow.CONVENTION);
                last = row;
            }
        }
        ReadingSeries series = new ReadingSeries(readings, marks, low, convention, sensors.means());
        if (last != null) {
            NotedLow.require(last, series.mean());
        }
        return series;
    }

    private static void reading(SmallTable.Row row, double second, List<Reading> readings) throws InputException {
        double claimed = rate(row, CLAIMED);
        double low = rate(row, LOW);
        double high = rate(row, HIGH);
        boolean single = Double.isNaN(low) && Double.isNaN(high);
        double fps = Double.isNaN(claimed) ? (low + high) / 2 : claimed;
        if (low > high || low > fps || high < fps) {
            throw row.fault(LOW, "a range from low to high with the claimed rate within");
        }
        if (!Double.isNaN(fps)) {
            readings.add(new Reading(second, fps, single ? fps : low, single ? fps : high, rate(row, BASE)));
        }
    }

    private static double rate(SmallTable.Row row, String column) throws InputException {
        double fps = row.number(column).orNaN();
        if (fps > TypedReading.HIGHEST_FPS) {
            throw row.fault(column, "a rate from 0 to %.0f".formatted(TypedReading.HIGHEST_FPS));
        }
        return fps;
    }

    /// Writes what was typed on the pad, marks as notes; a file that is there is replaced.
    public static void writePad(List<PadEntry> entries, Path file) throws IOException {
        try (CsvWriter out = CsvWriter.builder().lineDelimiter(LineDelimiter.LF).build(file)) {
            out.writeRecord(SECOND, CLAIMED, LOW, HIGH, NOTE);
            for (PadEntry entry : entries) {
                String second = Double.toString(entry.atMs() / 1000.0);
                switch (entry) {
                    case PadEntry.Counted(long _, TypedReading.Read read) ->
                        out.writeRecord(second, cell(read.middleFps()), cell(read.lowFps()), cell(read.highFps()), "");
                    case PadEntry.Marked(long _, PadMark mark) -> out.writeRecord(second, "", "", "", mark.title());
                }
            }
        }
    }

    /// Writes readings; a file that is there is replaced.
    public static void write(ReadingSeries series, Path file) throws IOException {
        boolean bases = series.readings().stream().anyMatch(one -> !Double.isNaN(one.baseFps()));
        boolean ranges = series.readings().stream().anyMatch(one -> one.lowFps() != one.highFps());
        List<Channel> sensors = series.loads().keySet().stream().sorted().toList();
        List<String> header = new ArrayList<>(List.of(SECOND, CLAIMED));
        addIf(bases, header, BASE);
        addIf(ranges, header, LOW, HIGH);
        addIf(series.onePercentLow().isKnown(), header, NotedLow.LOW, NotedLow.CONVENTION);
        sensors.forEach(sensor -> header.add(sensor.header()));
        try (CsvWriter out = CsvWriter.builder().lineDelimiter(LineDelimiter.LF).build(file)) {
            out.writeRecord(header);
            for (Reading reading : series.readings()) {
                List<String> row = new ArrayList<>(List.of(cell(reading.second()), cell(reading.fps())));
                addIf(bases, row, cell(reading.baseFps()));
                addIf(ranges, row, cell(reading.lowFps()), cell(reading.highFps()));
                addIf(
                        series.onePercentLow().isKnown(),
                        row,
                        cell(series.onePercentLow().orNaN()),
                        series.lowConvention());
                sensors.forEach(sensor -> row.add(cell(
                        series.loads().getOrDefault(sensor, Figure.missing("")).orNaN())));
                out.writeRecord(row);
            }
        }
    }

    private static void addIf(boolean there, List<String> row, String... cells) {
        if (there) {
            row.addAll(List.of(cells));
        }
    }

    private static String cell(double value) {
        return Double.isNaN(value) ? "" : Double.toString(value);
    }
}
