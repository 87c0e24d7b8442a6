package app.fluss.files.log;

import ch.randelshofer.fastdoubleparser.JavaDoubleParser;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/// Cells that hold numbers.
public final class Numbers {
    /// Words that loggers write where they have no figure.
    private static final Set<String> NO_FIGURE =
            Set.of("", "nan", "na", "n/a", "null", "none", "-", "--", "inf", "-inf");

    /// Longest cell that can be a number; longer ones are not tried.
    private static final int LONGEST = 64;

    private static final Pattern POINTS_IN_THOUSANDS = Pattern.compile("[-+]?\\d{1,3}(\\.\\d{3})+(,\\d*)?");
    private static final Pattern COMMAS_IN_THOUSANDS = Pattern.compile("[-+]?\\d{1,3}(,\\d{3})+(\\.\\d*)?");

    private Numbers() {}

    static boolean isNumber(String cell, char decimal) {
        String trimmed = cell.strip();
        return !trimmed.isEmpty() && trimmed.length() <= LONGEST && Double.isFinite(parse(trimmed, decimal));
    }

    /// Whether a cell says that there is no figure.
    public static boolean isEmpty(String cell) {
        return NO_FIGURE.contains(cell.strip().toLowerCase(Locale.ROOT));
    }

    /// The number in a cell; NaN if it is none.
    ///
    /// @param decimal the decimal mark, point or comma
    public static double parse(String cell, char decimal) {
        String trimmed = ungrouped(cell.strip(), decimal);
        if (trimmed.isEmpty() || trimmed.length() > LONGEST || !looksDecimal(trimmed, decimal)) {
            return Double.NaN;
        }
        try {
            return JavaDoubleParser.parseDouble(decimal == ',' ? trimmed.replace(',', '.') : trimmed);
        } catch (NumberFormatException e) {
            return Double.NaN;
        }
    }

    /// 1 for a word that says yes, 0 for one that says no; NaN for any other.
    static double yesOrNo(String cell) {
        return switch (cell.strip().toLowerCase(Locale.ROOT)) {
            case "true", "yes", "ja", "oui", "sí", "sim" -> 1;
            case "false", "no", "nein", "non", "não" -> 0;
            default -> Double.NaN;
        };
    }

    /// The number in a range of bytes; 1 and 0 for yes and no.
    ///
    /// @return the number; NaN if the cell says that there is none
    /// @throws NumberFormatException if it is neither
    static double parse(byte[] bytes, int from, int to, char decimal) {
        String cell = new String(bytes, from, Math.min(to - from, LONGEST + 1), StandardCharsets.UTF_8);
        if (isEmpty(cell)) {
            return Double.NaN;
        }
        double number = parse(cell, decimal);
        double value = Double.isNaN(number) ? yesOrNo(cell) : number;
        if (!Double.isFinite(value)) {
            throw new NumberFormatException(cell);
        }
        return value;
    }

    /// A number without the marks that part its thousands, where they stand as they should.
    private static String ungrouped(String text, char decimal) {
        char mark = decimal == ',' ? '.' : ',';
        if (text.indexOf(mark) < 0 || text.length() > LONGEST) {
            return text;
        }
        Pattern grouped = decimal == ',' ? POINTS_IN_THOUSANDS : COMMAS_IN_THOUSANDS;
        return grouped.matcher(text).matches() ? text.replace(String.valueOf(mark), "") : text;
    }

    /// The library also reads hexadecimal floats and type suffixes, which no log means.
    private static boolean looksDecimal(String text, char decimal) {
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            boolean fits = (c >= '0' && c <= '9') || c == decimal || c == '-' || c == '+' || c == 'e' || c == 'E';
            if (!fits) {
                return false;
            }
        }
        return true;
    }
}
