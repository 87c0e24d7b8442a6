package app.fluss.core.reading;

/// What was typed as a reading: a number, or a range where the counter jumped.
public sealed interface TypedReading {
    /// A reading.
    ///
    /// @param lowFps lowest seen, /s
    /// @param highFps highest seen, /s; the same for a single number
    record Read(double lowFps, double highFps) implements TypedReading {
        /// The middle of the range, which stands for it in a mean, /s.
        public double middleFps() {
            return (lowFps + highFps) / 2;
        }
    }

    /// No reading.
    ///
    /// @param why what is wrong, in words, with a remedy
    record Refused(String why) implements TypedReading {}

    /// Largest rate that is taken for a reading: {@value}.
    double HIGHEST_FPS = 5000;

    /// Reads what was typed: decimal point or comma, a range with a hyphen or a dash.
    static TypedReading of(String typed) {
        // The counter's own unit is often typed with the number.
        String text = typed.strip().replaceFirst("(?i)\\s*(fps|/s|hz)$", "");
        String[] ends = text.split("[-\u2013\u2014]", -1);
        if (text.isEmpty()) {
            return new Refused("Nothing was typed. Type the number that the counter shows.");
        }
        if (ends.length > 2) {
            return refused(text, "a range has two ends, like 33\u201340");
        }
        double low = number(ends[0]);
        double high = number(ends[ends.length - 1]);
        if (Double.isNaN(low) || Double.isNaN(high)) {
            boolean letter = text.matches("[\\d.,-]*[oOlI][\\doOlI.,-]*");
            return refused(
                    text,
                    letter ? "a letter stands where a digit would" : "digits are expected, like 71 or 33\u201340");
        }
        if (low > high) {
            return refused(text, "the lower end comes first");
        }
        if (!(low >= 0 && high <= HIGHEST_FPS)) {
            return refused(text, "a rate from 0 to 5000 is expected");
        }
        return new Read(low, high);
    }

    private static Refused refused(String text, String why) {
        return new Refused("\u201c%s\u201d is no reading: %s. Correct it and press Enter.".formatted(text, why));
    }

    private static double number(String text) {
        String digits = text.strip().replace(',', '.');
        return digits.matches("\\d{1,6}(\\.\\d{1,6})?") ? Double.parseDouble(digits) : Double.NaN;
    }
}
