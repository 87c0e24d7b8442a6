package app.fluss.files.log;

import app.fluss.core.compare.TableComparison;
import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// A table of run figures as CSV: columns `game,path,run`, then one for each measure; an empty cell is a figure
/// that the run does not have.
public final class RunTable {
    private static final List<String> KEYS = List.of("game", "path", "run");
    private static final long LARGEST_BYTES = 64L << 20;

    private RunTable() {}

    /// Reads a table.
    ///
    /// @throws InputException if the file is no such table
    public static List<TableComparison.Row> read(Path file) throws IOException, InputException {
        if (Files.size(file) > LARGEST_BYTES) {
            throw new InputException(file, 0, 0, "more than 64 MiB", "one row a run");
        }
        List<TableComparison.Row> rows = new ArrayList<>();
        try (CsvReader<NamedCsvRecord> reader =
                CsvReader.builder().skipEmptyLines(true).ofNamedCsvRecord(file)) {
            for (NamedCsvRecord row : reader) {
                rows.add(row(file, row));
            }
        } catch (CsvParseException e) {
            throw new InputException(file, 0, 0, "text that is no such table: " + e.getMessage(), "CSV, RFC 4180");
        }
        if (rows.isEmpty()) {
            throw new InputException(file, 0, 0, "no rows", "a header game,path,run,… and one row a run");
        }
        return rows;
    }

    private static TableComparison.Row row(Path file, NamedCsvRecord row) throws InputException {
        List<String> header = row.getHeader();
        if (!header.containsAll(KEYS) || header.size() == KEYS.size()) {
            throw new InputException(
                    file, 1, 0, "the columns " + String.join(", ", header), "game, path, run and at least one measure");
        }
        Map<String, Double> figures = new LinkedHashMap<>();
        for (int column = 0; column < header.size(); column++) {
            String name = header.get(column);
            String cell = row.getField(column);
            if (KEYS.contains(name) || Numbers.isEmpty(cell)) {
                continue;
            }
            double value = Numbers.parse(cell, '.');
            if (Double.isNaN(value)) {
                throw new InputException(
                        file,
                        row.getStartingLineNumber(),
                        column + 1,
                        InputException.quote(cell),
                        "a number or an empty cell");
            }
            figures.put(name, value);
        }
        return new TableComparison.Row(row.getField("game"), row.getField("path"), row.getField("run"), figures);
    }
}
