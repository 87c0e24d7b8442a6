package app.fluss.files.log;

import app.fluss.core.work.Progress;
import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.reader.FieldMismatchStrategy;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;

/// Parses a log that uses quotation marks, with a full CSV parser: slower, and rarely needed.
final class QuotedParser {
    private static final int ROWS_BETWEEN_REPORTS = 50_000;

    private final Path file;
    private final int[] targets;
    private final Dialect dialect;
    private final RowStore store;

    QuotedParser(Path file, Columns columns, Dialect dialect, RowStore store) {
        this.file = file;
        this.targets = columns.targets();
        this.dialect = dialect;
        this.store = store;
    }

    /// Parses all rows after the header.
    void parse(long dataStart, long linesBefore, int expectedRows, Progress progress)
            throws IOException, InputException {
        try (InputStream in = Files.newInputStream(file)) {
            in.skipNBytes(dataStart);
            try (CsvReader<CsvRecord> reader = CsvReader.builder()
                    .fieldSeparator(dialect.separator())
                    .skipEmptyLines(true)
                    .extraFieldStrategy(FieldMismatchStrategy.IGNORE)
                    .missingFieldStrategy(FieldMismatchStrategy.IGNORE)
                    .ofCsvRecord(in, StandardCharsets.UTF_8)) {
                for (CsvRecord record : reader) {
                    row(record, linesBefore);
                    if (store.rows % ROWS_BETWEEN_REPORTS == 0) {
                        progress.check(Math.min(1, (double) store.rows / expectedRows));
                    }
                }
            }
        } catch (CsvParseException e) {
            throw new InputException(
                    file,
                    linesBefore + 1,
                    0,
                    "text that is no CSV: " + e.getMessage(),
                    "closed quotation marks (RFC 4180)");
        }
    }

    private void row(CsvRecord record, long linesBefore) throws InputException {
        long line = linesBefore + record.getStartingLineNumber();
        if (record.getFieldCount() < targets.length) {
            throw new InputException(
                    file, line, 0, record.getFieldCount() + " cells", targets.length + " cells as in the header");
        }
        store.reserve();
        for (int column = 0; column < targets.length; column++) {
            byte[] cell = record.getField(column).getBytes(StandardCharsets.UTF_8);
            int target = targets[column];
            if (target >= 0) {
                try {
                    store.numbers[target][store.rows] = Numbers.parse(cell, 0, cell.length, dialect.decimal());
                } catch (NumberFormatException e) {
                    throw new InputException(
                            file,
                            line,
                            column + 1,
                            InputException.quote(record.getField(column)),
                            "a number or an empty cell");
                }
            } else if (target != Columns.SKIP) {
                boolean kind = target == Columns.KIND;
                int code = (kind ? store.kindWords : store.processWords).code(cell, 0, cell.length);
                if (code < 0) {
                    throw new InputException(
                            file, line, column + 1, "too many different words", "a few words, the same in many rows");
                }
                (kind ? store.kinds : store.processes)[store.rows] = (byte) code;
            }
        }
        store.rows++;
    }
}
