package app.fluss.app.theme;

/// Numbers as they are typed: decimal point or comma, blank for "not stated".
public final class NumberField {
    private NumberField() {}

    /// The number; NaN if the text is blank or none.
    public static double value(String text) {
        try {
            return text.isBlank() ? Double.NaN : Double.parseDouble(text.strip().replace(',', '.'));
        } catch (NumberFormatException e) {
            return Double.NaN;
        }
    }

    /// The number as it is typed.
    public static String text(double value) {
        return value == Math.rint(value) ? Long.toString(Math.round(value)) : Double.toString(value);
    }
}
