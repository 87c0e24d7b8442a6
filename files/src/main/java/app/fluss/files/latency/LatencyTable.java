package app.fluss.files.latency;

import app.fluss.files.log.Dialect;
import app.fluss.files.log.InputException;
import app.fluss.files.log.Sample;
import ch.randelshofer.fastdoubleparser.JavaDoubleParser;
import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.reader.FieldMismatchStrategy;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;

/// Reads the numbers of a table of latency, whatever separates its cells: commas, semicolons or tabs, with a decimal
/// point or comma, with a preamble above and lines that begin with `#` within.
final class LatencyTable {
    private static final String WANTED =
            "trial,input_ms,photon_ms or t_us,input,light, separated by comma, semicolon or tab";

    private LatencyTable() {}

    /// The numbers of a row; NaN for an empty cell.
    ///
    /// @param line 1-based
    /// @param firstColumn place of the first number, 1-based
    record Row(long line, int firstColumn, double first, double second, double third) {}

    /// Takes rows.
    @FunctionalInterface
    interface Rows {
        /// Takes the next one.
        void take(Row row) throws InputException;
    }

    static void read(Path file, LatencyColumns columns, Rows rows) throws IOException, InputException {
        Dialect dialect = Sample.read(file).dialect();
        try (InputStream in = Files.newInputStream(file)) {
            in.skipNBytes(dialect.byteOrderMark());
            BufferedReader text = new BufferedReader(new InputStreamReader(
                    in, StandardCharsets.UTF_8.newDecoder().onMalformedInput(CodingErrorAction.REPLACE)));
            for (int line = 1; line <= dialect.headerLine(); line++) {
                text.readLine();
            }
            try (CsvReader<CsvRecord> reader = CsvReader.builder()
                    .fieldSeparator(dialect.separator())
                    .skipEmptyLines(true)
                    .extraFieldStrategy(FieldMismatchStrategy.IGNORE)
                    .missingFieldStrategy(FieldMismatchStrategy.IGNORE)
                    .ofCsvRecord(text)) {
                for (CsvRecord row : reader) {
                    if (!row.getField(0).startsWith("#")) {
                        rows.take(row(file, columns, dialect, row));
                    }
                }
            }
        } catch (CsvParseException e) {
            throw new InputException(file, 0, 0, "text that is no table: " + e.getMessage(), WANTED);
        }
    }

    private static Row row(Path file, LatencyColumns columns, Dialect dialect, CsvRecord row) throws InputException {
        long line = row.getStartingLineNumber() + dialect.headerLine();
        boolean mayBeEmpty = columns.kind() == LatencyColumns.Kind.LIST;
        return new Row(
                line,
                columns.first() + 1,
                number(file, dialect, row, line, columns.first(), false) * columns.msAUnit(),
                number(file, dialect, row, line, columns.second(), mayBeEmpty),
                number(file, dialect, row, line, columns.third(), mayBeEmpty));
    }

    private static double number(Path file, Dialect dialect, CsvRecord row, long line, int column, boolean mayBeEmpty)
            throws InputException {
        String cell = column < row.getFieldCount() ? row.getField(column).strip() : "";
        if (cell.isEmpty() && mayBeEmpty) {
            return Double.NaN;
        }
        try {
            double value = JavaDoubleParser.parseDouble(dialect.decimal() == ',' ? cell.replace(',', '.') : cell);
            if (Double.isFinite(value)) {
                return value;
            }
        } catch (NumberFormatException e) {
            // Told below, as what is not finite is.
        }
        throw new InputException(
                file,
                line,
                column + 1,
                cell.isEmpty()
                        ? "an empty cell"
                        : "\"" + (cell.length() > 30 ? cell.substring(0, 30) + "…" : cell) + "\"",
                mayBeEmpty ? "a time in ms, or nothing for a missed trial" : "a number");
    }
}
