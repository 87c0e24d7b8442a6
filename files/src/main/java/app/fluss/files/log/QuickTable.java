package app.fluss.files.log;

import app.fluss.core.reading.QuickRow;
import app.fluss.core.reading.QuickRow.Column;
import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.reader.FieldMismatchStrategy;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/// A table of runs as it is pasted from a spreadsheet: with a header, in whatever order, or in the order of
/// [QuickRow.Column]. Columns that are none of these go to the notes, so that nothing is lost.
public final class QuickTable {
    /// The most rows that are taken at once: {@value}.
    public static final int MOST_ROWS = 200;

    private static final int LONGEST_CELL = 300;
    private static final int FEWEST_NAMES = 2;

    private static final Map<Column, List<String>> NAMES = Map.of(
            Column.GAME, List.of("game", "title", "spiel", "jeu", "juego", "gioco", "jogo"),
            Column.SCENE, List.of("scene", "route", "level", "place", "szene", "strecke", "scène", "escena"),
            Column.PATH, List.of("path", "mode", "setup", "configuration", "generation", "pfad", "modus"),
            Column.AVERAGE,
                    List.of(
                            "average",
                            "avg",
                            "mean",
                            "rate",
                            "claimed",
                            "durchschnitt",
                            "mittel",
                            "moyenne",
                            "media",
                            ""),
            Column.LOWEST, List.of("lowest", "min", "minimum"),
            Column.HIGHEST, List.of("highest", "max", "maximum"),
            Column.LOW, List.of("1 low", "1 lows", "1 percent low", "one percent low"),
            Column.CONVENTION, List.of("low by", "low convention", "convention"),
            Column.SOURCE, List.of("from", "source"),
            Column.FELT, List.of("latency felt", "felt", "feel", "response"));

    private static final List<Column> ORDER = List.of(Column.values());
    private static final List<String> NOTES = List.of("notes", "note", "comment", "comments", "remarks", "bemerkung");
    private static final List<String> RANGE = List.of("range", "bereich", "plage");
    private static final List<String> TOOLS = List.of("tool", "summary", "a tool", "tool's summary");

    private QuickTable() {}

    /// What was pasted.
    ///
    /// @param rows as they stand in the table, none of them blank
    /// @param cut whether there were more than [#MOST_ROWS]
    public record Pasted(List<QuickRow> rows, boolean cut) {}

    /// Reads what was pasted.
    public static Pasted read(String text) {
        List<List<String>> lines = lines(text);
        if (lines.isEmpty()) {
            return new Pasted(List.of(), false);
        }
        List<String> names = lines.getFirst();
        boolean named = isHeader(names);
        List<QuickRow> rows = new ArrayList<>();
        for (List<String> line : named ? lines.subList(1, lines.size()) : lines) {
            QuickRow row = row(line, named ? names : List.of());
            if (!row.isBlank()) {
                rows.add(row);
            }
        }
        boolean cut = rows.size() > MOST_ROWS;
        return new Pasted(cut ? List.copyOf(rows.subList(0, MOST_ROWS)) : List.copyOf(rows), cut);
    }

    /// Whether a header is one of a table of runs, with a game or a path and a rate.
    public static boolean isHeader(List<String> header) {
        List<Column> known = header.stream()
                .map(QuickTable::column)
                .flatMap(Optional::stream)
                .toList();
        boolean place = known.contains(Column.GAME) || known.contains(Column.PATH);
        boolean rate = known.contains(Column.AVERAGE) || known.contains(Column.LOW);
        return known.size() >= FEWEST_NAMES && (place || rate);
    }

    private static List<List<String>> lines(String text) {
        char separator = text.indexOf('\t') >= 0 ? '\t' : text.indexOf(';') >= 0 ? ';' : ',';
        List<List<String>> lines = new ArrayList<>();
        try (CsvReader<CsvRecord> reader = CsvReader.builder()
                .fieldSeparator(separator)
                .skipEmptyLines(true)
                .extraFieldStrategy(FieldMismatchStrategy.IGNORE)
                .missingFieldStrategy(FieldMismatchStrategy.IGNORE)
                .ofCsvRecord(text.startsWith("\uFEFF") ? text.substring(1) : text)) {
            for (CsvRecord row : reader) {
                lines.add(row.getFields().stream().map(QuickTable::cell).toList());
                if (lines.size() > MOST_ROWS + 1) {
                    break;
                }
            }
        } catch (CsvParseException | java.io.IOException e) {
            // Quotes that belong to no cell: then each line is split as it stands.
            lines.clear();
            text.lines()
                    .filter(line -> !line.isBlank())
                    .limit(MOST_ROWS + 2L)
                    .forEach(line -> lines.add(List.of(line.split(String.valueOf(separator), -1)).stream()
                            .map(QuickTable::cell)
                            .toList()));
        }
        return lines;
    }

    private static String cell(String text) {
        String stripped = text.strip().replaceAll("\\s+", " ");
        return stripped.length() > LONGEST_CELL ? stripped.substring(0, LONGEST_CELL) : stripped;
    }

    private static Optional<Column> column(String name) {
        String plain = plain(name);
        if (NOTES.contains(plain)) {
            return Optional.of(Column.NOTES);
        } else if (name.isBlank()) {
            return Optional.empty();
        }
        return NAMES.entrySet().stream()
                .filter(entry -> entry.getValue().contains(plain))
                .map(Map.Entry::getKey)
                .findFirst();
    }

    /// A name without its unit: "Avg (fps)" and "avg_fps" are "avg".
    private static String plain(String name) {
        String words = name.toLowerCase(Locale.ROOT)
                .replaceAll("[_%()\\[\\]:/-]+", " ")
                .strip()
                .replaceAll("\\s+", " ");
        String without = words.replaceAll("\\b(fps|images?|per s(econd)?|s)\\b", " ")
                .strip()
                .replaceAll("\\s+", " ");
        return without.isEmpty() ? words : without;
    }

    private static QuickRow row(List<String> line, List<String> names) {
        Map<Column, String> cells = new EnumMap<>(Column.class);
        List<String> more = new ArrayList<>();
        for (int c = 0; c < line.size(); c++) {
            String cell = line.get(c);
            if (cell.isEmpty()) {
                continue;
            }
            Optional<Column> column = names.isEmpty()
                    ? c < ORDER.size() ? Optional.of(ORDER.get(c)) : Optional.empty()
                    : c < names.size() ? column(names.get(c)) : Optional.empty();
            if (column.isPresent() && !cells.containsKey(column.get())) {
                cells.put(column.get(), cell);
            } else if (c < names.size() && RANGE.contains(plain(names.get(c)))) {
                String[] ends = cell.split("\\s*[-\u2013\u2014]\\s*", 2);
                cells.putIfAbsent(Column.LOWEST, ends[0]);
                cells.putIfAbsent(Column.HIGHEST, ends[ends.length - 1]);
            } else {
                more.add(c < names.size() && !names.get(c).isBlank() ? names.get(c) + ": " + cell : cell);
            }
        }
        String source = cells.getOrDefault(Column.SOURCE, "");
        boolean ofTool = TOOLS.contains(source.toLowerCase(Locale.ROOT));
        if (!source.isEmpty() && !ofTool && !source.equalsIgnoreCase("overlay")) {
            more.add("from: " + source);
        }
        if (cells.containsKey(Column.NOTES)) {
            more.addFirst(cells.getOrDefault(Column.NOTES, ""));
        }
        return new QuickRow(
                cells.getOrDefault(Column.GAME, ""),
                cells.getOrDefault(Column.SCENE, ""),
                cells.getOrDefault(Column.PATH, ""),
                cells.getOrDefault(Column.AVERAGE, ""),
                cells.getOrDefault(Column.LOWEST, ""),
                cells.getOrDefault(Column.HIGHEST, ""),
                cells.getOrDefault(Column.LOW, ""),
                cells.getOrDefault(Column.CONVENTION, ""),
                ofTool,
                cells.getOrDefault(Column.FELT, ""),
                String.join("; ", more));
    }
}
