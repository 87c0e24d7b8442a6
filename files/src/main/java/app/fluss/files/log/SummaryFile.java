package app.fluss.files.log;

import app.fluss.core.frame.Channel;
import app.fluss.core.measure.Claimed;
import app.fluss.core.measure.Figure;
import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/// A tool's summary as CSV: the header
/// `duration_s,average_fps[,lowest_fps,highest_fps],one_percent_low_fps,low_convention` and one row, with a column for
/// each sensor that it names. Further columns are allowed.
public final class SummaryFile {
    private static final String DURATION = "duration_s";
    private static final String AVERAGE = "average_fps";
    private static final String LOWEST = "lowest_fps";
    private static final String HIGHEST = "highest_fps";

    private SummaryFile() {}

    /// Whether a header is one of a summary.
    public static boolean isSummary(List<String> header) {
        return header.contains(AVERAGE);
    }

    /// Reads a summary.
    ///
    /// @throws InputException if the file is none, or its low or its lowest rate lies above its average
    public static Summary read(Path file) throws IOException, InputException {
        List<SmallTable.Row> rows = SmallTable.read(file, List.of(AVERAGE));
        if (rows.size() != 1) {
            throw new InputException(file, 2, 0, rows.size() + " rows", "one row: the summary of one run");
        }
        SmallTable.Row row = rows.getFirst();
        Figure average = row.number(AVERAGE);
        NotedLow.require(row, average);
        Figure lowest = row.number(LOWEST);
        Figure highest = row.number(HIGHEST);
        if (lowest.orNaN() > average.orNaN()) {
            throw row.fault(LOWEST, "a lowest rate that is not above the average");
        }
        if (highest.orNaN() < average.orNaN()) {
            throw row.fault(HIGHEST, "a highest rate that is not below the average");
        }
        NotedSensors sensors = new NotedSensors();
        sensors.add(row);
        return Summary.of(
                row.number(DURATION),
                average,
                lowest,
                highest,
                row.number(NotedLow.LOW),
                row.text(NotedLow.CONVENTION),
                sensors.means());
    }

    /// Writes a summary; a file that is there is replaced.
    public static void write(Summary summary, Path file) throws IOException {
        Claimed said = summary.claimed();
        List<Channel> sensors = summary.loads().keySet().stream().sorted().toList();
        List<String> header =
                new ArrayList<>(List.of(DURATION, AVERAGE, LOWEST, HIGHEST, NotedLow.LOW, NotedLow.CONVENTION));
        List<String> row = new ArrayList<>(List.of(
                cell(summary.seconds()),
                cell(said.mean()),
                cell(said.lowest()),
                cell(said.highest()),
                cell(said.onePercentLow()),
                said.lowConvention()));
        for (Channel sensor : sensors) {
            header.add(sensor.header());
            row.add(cell(summary.loads().getOrDefault(sensor, Figure.missing(""))));
        }
        try (CsvWriter out = CsvWriter.builder().lineDelimiter(LineDelimiter.LF).build(file)) {
            out.writeRecord(header);
            out.writeRecord(row);
        }
    }

    private static String cell(Figure figure) {
        return figure.isKnown() ? String.format(Locale.ROOT, "%.3f", figure.orNaN()) : "";
    }
}
