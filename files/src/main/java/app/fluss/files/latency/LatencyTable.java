package app.fluss.files.latency;

import app.fluss.files.log.DialectTable;
import app.fluss.files.log.InputException;
import java.io.IOException;
import java.nio.file.Path;

/// Reads the numbers of a table of latency, in any dialect.
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
        boolean mayBeEmpty = columns.kind() == LatencyColumns.Kind.LIST;
        DialectTable.read(
                file,
                WANTED,
                row -> rows.take(new Row(
                        row.line(),
                        columns.first() + 1,
                        number(row, columns.first(), false) * columns.msAUnit(),
                        number(row, columns.second(), mayBeEmpty),
                        number(row, columns.third(), mayBeEmpty))));
    }

    private static double number(DialectTable.Row row, int column, boolean mayBeEmpty) throws InputException {
        if (mayBeEmpty && row.text(column).isEmpty()) {
            return Double.NaN;
        }
        double value = row.number(column);
        if (!Double.isFinite(value)) {
            throw row.fault(column, mayBeEmpty ? "a time in ms, or nothing for a missed trial" : "a number");
        }
        return value;
    }
}
