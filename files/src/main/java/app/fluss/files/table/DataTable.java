package app.fluss.files.table;

import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;

/// A table of text. Numbers in it are in neutral form.
///
/// @param header names of the columns
/// @param rows each as long as the header
public record DataTable(List<String> header, List<List<String>> rows) {
    /// Keeps copies.
    ///
    /// @throws IllegalArgumentException if a row is not as long as the header
    public DataTable {
        header = List.copyOf(header);
        rows = rows.stream().map(List::copyOf).toList();
        for (List<String> row : rows) {
            if (row.size() != header.size()) {
                throw new IllegalArgumentException("%d cells under %d names".formatted(row.size(), header.size()));
            }
        }
    }

    /// As CSV (RFC 4180), ready for a spreadsheet: text that it would run as a formula is defused.
    public String csv() {
        return written(',');
    }

    /// For the clipboard: cells parted by tabs.
    public String tabbed() {
        return written('\t');
    }

    private String written(char separator) {
        StringWriter out = new StringWriter();
        try (CsvWriter writer = CsvWriter.builder()
                .fieldSeparator(separator)
                .lineDelimiter(LineDelimiter.LF)
                .build(out)) {
            writer.writeRecord(defused(header));
            rows.forEach(row -> writer.writeRecord(defused(row)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    private static List<String> defused(List<String> cells) {
        return cells.stream().map(Cell::defused).toList();
    }

    /// Gathers rows.
    public static final class Builder {
        private final List<String> header;
        private final List<List<String>> rows = new ArrayList<>();

        /// @param header names of the columns
        public Builder(String... header) {
            this.header = List.of(header);
        }

        /// Adds a row.
        public Builder row(String... cells) {
            rows.add(List.of(cells));
            return this;
        }

        /// What was gathered.
        public DataTable build() {
            return new DataTable(header, rows);
        }
    }
}
