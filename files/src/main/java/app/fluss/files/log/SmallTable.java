package app.fluss.files.log;

import app.fluss.core.measure.Figure;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/// A small table with a header, of rates and times that are 0 or more, in any dialect.
final class SmallTable {
    private static final long LARGEST_BYTES = 16L << 20;

    private SmallTable() {}

    /// Reads all rows.
    ///
    /// @param needed columns that must be there
    /// @throws InputException if the file is no such table
    static List<Row> read(Path file, List<String> needed) throws IOException, InputException {
        String wanted = "a table with " + String.join(", ", needed);
        if (Files.size(file) > LARGEST_BYTES) {
            throw new InputException(file, 0, 0, "more than 16 MiB", wanted);
        }
        List<Row> rows = new ArrayList<>();
        DialectTable.read(file, wanted, row -> {
            if (rows.isEmpty() && !row.header().containsAll(needed)) {
                throw new InputException(
                        file, 1, 0, "the columns " + String.join(", ", row.header()), String.join(", ", needed));
            }
            rows.add(new Row(row));
        });
        return rows;
    }

    /// One row.
    record Row(DialectTable.Row cells) {
        /// A number, or why there is none.
        Figure number(String column) throws InputException {
            String cell = text(column);
            if (Numbers.isEmpty(cell)) {
                return Figure.missing("the file has no " + column.replace('_', ' '));
            }
            int at = cells.header().indexOf(column);
            double value = cells.number(at);
            if (!(value >= 0 && value < Double.POSITIVE_INFINITY)) {
                throw cells.fault(at, "a number of 0 or more");
            }
            return Figure.of(value);
        }

        /// A fault in a cell.
        InputException fault(String column, String expected) {
            return cells.fault(cells.header().indexOf(column), expected);
        }

        /// The text of a cell; empty if the column is not there.
        String text(String column) {
            return cells.text(column);
        }
    }
}
