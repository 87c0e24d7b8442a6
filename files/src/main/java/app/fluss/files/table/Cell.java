package app.fluss.files.table;

import app.fluss.core.measure.Figure;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/// What stands in a cell of a file: numbers in neutral form, whole and unrounded, nothing where there is
/// none.
public final class Cell {
    private static final String RUN_AS_FORMULA = "=+-@\t\r";

    private Cell() {}

    /// A number, as the shortest text that is read back as the same number; nothing for NaN.
    public static String of(double value) {
        if (!Double.isFinite(value)) {
            return "";
        }
        long whole = (long) value;
        return whole == value && Math.abs(whole) < 1L << 53 ? Long.toString(whole) : Double.toString(value);
    }

    /// A figure; nothing where it is missing.
    public static String of(Figure figure) {
        return of(figure.orNaN());
    }

    /// A number of something that may not be there.
    public static <T> String of(Optional<T> from, ToDoubleFunction<T> number) {
        return from.map(one -> of(number.applyAsDouble(one))).orElse("");
    }

    /// Text that a spreadsheet would run as a formula, with an apostrophe before it; numbers and other
    /// text as they are.
    static String defused(String text) {
        return !text.isEmpty() && RUN_AS_FORMULA.indexOf(text.charAt(0)) >= 0 && !isNumber(text) ? "'" + text : text;
    }

    private static boolean isNumber(String text) {
        return text.matches("[-+]?\\d+(\\.\\d+)?([eE][-+]?\\d+)?");
    }
}
