package app.fluss.files.log;

import app.fluss.core.measure.Figure;
import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;

/// A tool's summary as CSV: the header `duration_s,average_fps,one_percent_low_fps,low_convention` and one row.
/// Further columns are allowed.
public final class SummaryFile {
    private static final String DURATION = "duration_s";
    private static final String AVERAGE = "average_fps";
    private static final String LOW = "one_percent_low_fps";
    private static final String CONVENTION = "low_convention";

    private SummaryFile() {}

    /// Whether a header is one of a summary.
    public static boolean isSummary(List<String> header) {
        return header.contains(AVERAGE);
    }

    /// Reads a summary.
    ///
    /// @throws InputException if the file is none
    public static Summary read(Path file) throws IOException, InputException {
        List<SmallTable.Row> rows = SmallTable.read(file, List.of(AVERAGE));
        if (rows.size() != 1) {
            throw new InputException(file, 2, 0, rows.size() + " rows", "one row: the summary of one run");
        }
        SmallTable.Row row = rows.getFirst();
        return new Summary(row.number(DURATION), row.number(AVERAGE), row.number(LOW), row.text(CONVENTION));
    }

    /// Writes a summary; a file that is there is replaced.
    public static void write(Summary summary, Path file) throws IOException {
        try (CsvWriter out = CsvWriter.builder().lineDelimiter(LineDelimiter.LF).build(file)) {
            out.writeRecord(DURATION, AVERAGE, LOW, CONVENTION);
            out.writeRecord(
                    cell(summary.seconds()),
                    cell(summary.averageFps()),
                    cell(summary.onePercentLowFps()),
                    summary.lowConvention());
        }
    }

    private static String cell(Figure figure) {
        return figure.isKnown() ? String.format(Locale.ROOT, "%.3f", figure.orNaN()) : "";
    }
}
