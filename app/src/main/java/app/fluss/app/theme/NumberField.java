package app.fluss.app.importing;

/// Numbers as they are typed: decimal point or comma, blank for "not stated".
final class NumberField {
    private NumberField() {}

    /// The number; NaN if the text is blank or none.
    static double value(String text) {
        try {
            return text.isBlank() ? Double.NaN : Double.parseDouble(text.strip().replace(',', '.'));
        } catch (NumberFormatException e) {
            return Double.NaN;
        }
    }

    static String text(double value) {
        return value == Math.rint(value) ? Long.toString(Math.round(value)) : Double.toString(value);
    }
}
