package app.fluss.files.log;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/// Separator, decimal sign and header line of a table, from how its lines look.
///
/// @param separator comma, semicolon or tab
/// @param decimal point or comma
/// @param headerLine 1-based line at which the table begins
/// @param columns cells in a line; 0 if there is no table
record DialectGuess(char separator, char decimal, int headerLine, int columns) {
    private static final int LINES_LOOKED_AT = 400;
    private static final double MOSTLY = 0.9;
    private static final char[] SEPARATORS = {'\t', ';', ','};

    static DialectGuess of(List<String> lines) {
        List<String> looked = lines.subList(0, Math.min(LINES_LOOKED_AT, lines.size()));
        DialectGuess best = new DialectGuess(',', '.', 1, 0);
        double bestScore = 0;
        for (char separator : SEPARATORS) {
            int columns = commonestCount(looked, separator);
            int agreeing = agreeing(looked, separator, columns);
            // More columns win, unless few lines agree on them or the cells still hold another separator: cutting
            // at decimal commas does both.
            double score =
                    columns > 1 ? agreeing * Math.log(columns + 1.0) * wholeShare(looked, separator, columns) : 0;
            if (score > bestScore) {
                bestScore = score;
                best = new DialectGuess(separator, '.', firstLine(looked, separator, columns), columns);
            }
        }
        if (best.columns == 0 || (best.separator == ',' && isOneOfDecimalCommas(looked))) {
            best = singleColumn(looked);
        }
        boolean commas = best.separator != ',' && hasDecimalCommas(looked, best);
        return new DialectGuess(best.separator, commas ? ',' : '.', best.headerLine, best.columns);
    }

    private static int commonestCount(List<String> lines, char separator) {
        Map<Integer, Integer> counts = new HashMap<>();
        for (String line : lines) {
            if (!line.isBlank()) {
                counts.merge(cells(line, separator), 1, Integer::sum);
            }
        }
        return counts.entrySet().stream()
                .max(Map.Entry.<Integer, Integer>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
                .map(Map.Entry::getKey)
                .orElse(0);
    }

    private static int agreeing(List<String> lines, char separator, int columns) {
        return (int)
                lines.stream().filter(line -> cells(line, separator) == columns).count();
    }

    /// Share of the cells that are a number or hold no other separator.
    private static double wholeShare(List<String> lines, char separator, int columns) {
        int cells = 0;
        int whole = 0;
        for (String line : lines) {
            if (cells(line, separator) == columns) {
                for (String cell : line.split(String.valueOf(separator), -1)) {
                    cells++;
                    whole += Numbers.isNumber(cell, ',') || holdsNoSeparator(cell, separator) ? 1 : 0;
                }
            }
        }
        return cells == 0 ? 0 : (double) whole / cells;
    }

    private static boolean holdsNoSeparator(String cell, char but) {
        for (char separator : SEPARATORS) {
            if (separator != but && cell.indexOf(separator) >= 0) {
                return false;
            }
        }
        return true;
    }

    private static int firstLine(List<String> lines, char separator, int columns) {
        for (int i = 0; i < lines.size(); i++) {
            if (cells(lines.get(i), separator) == columns) {
                return i + 1;
            }
        }
        return 1;
    }

    /// Whether nearly every line is a number with a decimal comma, under a heading without one.
    private static boolean isOneOfDecimalCommas(List<String> lines) {
        int filled = 0;
        int numbers = 0;
        for (String line : lines) {
            filled += line.isBlank() ? 0 : 1;
            numbers += line.indexOf(',') >= 0 && Numbers.isNumber(line, ',') ? 1 : 0;
        }
        boolean headed =
                lines.stream().filter(line -> !line.isBlank()).limit(1).noneMatch(line -> line.indexOf(',') >= 0);
        return headed && numbers >= MOSTLY * filled;
    }

    /// A list of numbers, one a line, perhaps under a heading.
    private static DialectGuess singleColumn(List<String> lines) {
        char decimal =
                lines.stream().anyMatch(line -> Numbers.isNumber(line, ',') && line.indexOf(',') >= 0) ? ',' : '.';
        for (int i = 0; i < lines.size(); i++) {
            if (Numbers.isNumber(lines.get(i), decimal)) {
                boolean heading = i > 0 && !lines.get(i - 1).isBlank();
                return new DialectGuess(';', decimal, heading ? i : i + 1, 1);
            }
        }
        return new DialectGuess(',', '.', 1, 0);
    }

    private static boolean hasDecimalCommas(List<String> lines, DialectGuess guess) {
        return lines.stream().skip(guess.headerLine).anyMatch(line -> {
            for (String cell : line.split(String.valueOf(guess.separator), -1)) {
                if (cell.indexOf(',') >= 0 && Numbers.isNumber(cell, ',')) {
                    return true;
                }
            }
            return false;
        });
    }

    /// Cells in a line; separators inside quotation marks do not count.
    private static int cells(String line, char separator) {
        int cells = 1;
        boolean quoted = false;
        for (int i = 0; i < line.length(); i++) {
            char c = line.charAt(i);
            if (c == '"') {
                quoted = !quoted;
            } else if (c == separator && !quoted) {
                cells++;
            }
        }
        return cells;
    }
}
