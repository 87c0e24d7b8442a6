package app.fluss.files.log;

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
import java.util.List;

/// Reads a table row by row, whatever dialect it comes in: commas, semicolons or tabs, a decimal point or comma, a
/// byte-order mark, a preamble above and lines that begin with `#` within.
public final class DialectTable {
    private DialectTable() {}

    /// Takes rows.
    @FunctionalInterface
    public interface Rows {
        /// Takes the next one.
        ///
        /// @throws InputException if it cannot be used
        void take(Row row) throws InputException;
    }

    /// One row.
    ///
    /// @param file the table
    /// @param line 1-based
    /// @param header names of the columns
    /// @param cells as many as there are, perhaps more or fewer than names
    /// @param decimal decimal point or comma
    public record Row(Path file, long line, List<String> header, List<String> cells, char decimal) {
        /// The text of a cell; empty if there is none.
        ///
        /// @param column from 0; below 0 for a column that is not there
        public String text(int column) {
            return column >= 0 && column < cells.size() ? cells.get(column).strip() : "";
        }

        /// The text of a named cell; empty if there is none.
        public String text(String column) {
            return text(header.indexOf(column));
        }

        /// A number; NaN if the cell holds none.
        public double number(int column) {
            return Numbers.parse(text(column), decimal);
        }

        /// A fault in a cell.
        public InputException fault(int column, String expected) {
            String cell = text(column);
            return new InputException(
                    file, line, column + 1, cell.isEmpty() ? "an empty cell" : InputException.quote(cell), expected);
        }
    }

    /// Reads all rows.
    ///
    /// @param wanted what the table should be, in words, for faults
    /// @throws InputException if it is no table, or a row cannot be used
    public static void read(Path file, String wanted, Rows rows) throws IOException, InputException {
        Sample sample = Sample.read(file);
        Dialect dialect = sample.dialect();
        int before = dialect.headerLine() - (dialect.hasHeader() ? 0 : 1);
        try (InputStream in = Files.newInputStream(file)) {
            in.skipNBytes(dialect.byteOrderMark());
            BufferedReader text = new BufferedReader(new InputStreamReader(
                    in, StandardCharsets.UTF_8.newDecoder().onMalformedInput(CodingErrorAction.REPLACE)));
            for (int line = 1; line <= before; line++) {
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
                        rows.take(new Row(
                                file,
                                row.getStartingLineNumber() + before,
                                sample.header(),
                                row.getFields(),
                                dialect.decimal()));
                    }
                }
            }
        } catch (CsvParseException e) {
            throw new InputException(file, 0, 0, "text that is no table: " + e.getMessage(), wanted);
        }
    }
}
