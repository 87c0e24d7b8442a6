package app.fluss.files.log;

import app.fluss.core.measure.Figure;
import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/// A small CSV table with a header, of rates and times that are 0 or more.
final class SmallTable {
    private static final long LARGEST_BYTES = 16L << 20;

    private SmallTable() {}

    /// Reads all rows.
    ///
    /// @param needed columns that must be there
    /// @throws InputException if the file is no such table
    static List<Row> read(Path file, List<String> needed) throws IOException, InputException {
        if (Files.size(file) > LARGEST_BYTES) {
            throw new InputException(file, 0, 0, "more than 16 MiB", "a table with " + String.join(", ", needed));
        }
        List<Row> rows = new ArrayList<>();
        try (CsvReader<NamedCsvRecord> reader = CsvReader.builder().ofNamedCsvRecord(file)) {
            for (NamedCsvRecord row : reader) {
                if (rows.isEmpty() && !row.getHeader().containsAll(needed)) {
                    throw new InputException(
                            file, 1, 0, "the columns " + String.join(", ", row.getHeader()), String.join(", ", needed));
                }
                rows.add(new Row(file, row));
            }
        } catch (CsvParseException e) {
            throw new InputException(
                    file, 0, 0, "text that is no CSV: " + e.getMessage(), "a table with " + String.join(", ", needed));
        }
        return rows;
    }

    /// One row.
    record Row(Path file, NamedCsvRecord cells) {
        /// A number, or why there is none.
        Figure number(String column) throws InputException {
            String cell = text(column);
            if (Numbers.isEmpty(cell)) {
                return Figure.missing("the file has no " + column.replace('_', ' '));
            }
            double value = Numbers.parse(cell, '.');
            if (!(value >= 0 && value < Double.POSITIVE_INFINITY)) {
                throw new InputException(
                        file,
                        cells.getStartingLineNumber(),
                        cells.getHeader().indexOf(column) + 1,
                        InputException.quote(cell),
                        "a number of 0 or more");
            }
            return Figure.of(value);
        }

        /// The text of a cell; empty if the column is not there.
        String text(String column) {
            return cells.findField(column).orElse("").strip();
        }
    }
}
