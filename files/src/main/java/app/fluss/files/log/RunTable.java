package app.fluss.files.log;

import app.fluss.core.compare.TableComparison;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/// A table of run figures in any dialect: columns `game,path,run`, then one for each measure; an empty cell is a figure
/// that the run does not have.
public final class RunTable {
    private static final List<String> KEYS = List.of("game", "path", "run");
    private static final String WANTED = "a header game,path,run,… and one row a run";
    private static final long LARGEST_BYTES = 64L << 20;

    private RunTable() {}

    /// Reads a table.
    ///
    /// @throws InputException if the file is no such table, or a run stands in it twice
    public static List<TableComparison.Row> read(Path file) throws IOException, InputException {
        if (Files.size(file) > LARGEST_BYTES) {
            throw new InputException(file, 0, 0, "more than 64 MiB", "one row a run");
        }
        List<TableComparison.Row> rows = new ArrayList<>();
        Set<List<String>> seen = new HashSet<>();
        DialectTable.read(file, WANTED, row -> {
            List<String> key = KEYS.stream().map(row::text).toList();
            rows.add(row(row));
            if (!seen.add(key)) {
                throw new InputException(
                        file, row.line(), 0, "the run " + String.join(", ", key) + " a second time", "each run once");
            }
        });
        if (rows.isEmpty()) {
            throw new InputException(file, 0, 0, "no rows", WANTED);
        }
        return rows;
    }

    private static TableComparison.Row row(DialectTable.Row row) throws InputException {
        List<String> header = row.header();
        if (!header.containsAll(KEYS) || header.size() == KEYS.size()) {
            throw new InputException(
                    row.file(),
                    1,
                    0,
                    "the columns " + String.join(", ", header),
                    "game, path, run and at least one measure");
        }
        if (row.cells().size() > header.size()) {
            throw new InputException(
                    row.file(),
                    row.line(),
                    header.size() + 1,
                    row.cells().size() + " cells",
                    header.size() + ", as in the header");
        }
        Map<String, Double> figures = new LinkedHashMap<>();
        for (int column = 0; column < header.size(); column++) {
            String name = header.get(column);
            if (KEYS.contains(name) || Numbers.isEmpty(row.text(column))) {
                continue;
            }
            double value = row.number(column);
            if (!Double.isFinite(value)) {
                throw row.fault(column, "a number or an empty cell");
            }
            figures.put(name, value);
        }
        return new TableComparison.Row(row.text("game"), row.text("path"), row.text("run"), figures);
    }
}
