package app.fluss.core.bench;

import java.util.Locale;

/// A scale as people type it: `150 %`, `150` or `1.5`.
public final class TypedScale {
    /// From here on a scale without a percent sign is taken for percent all the same.
    private static final double SURELY_PERCENT = 10;

    private TypedScale() {}

    /// The scale, 1 for 100 %.
    ///
    /// @return NaN if it is none
    public static double of(String typed) {
        String text = typed.toLowerCase(Locale.ROOT)
                .replace("%", "")
                .replace(',', '.')
                .strip();
        double value = FactKey.number(text);
        return typed.contains("%") || value > SURELY_PERCENT ? value / 100 : value;
    }
}
