package app.fluss.app.theme;

import app.fluss.core.measure.Described;
import app.fluss.core.measure.Figure;
import app.fluss.core.verdict.Rule;

/// Figures as text, in the user's locale.
public final class Numbers {
    /// Stands where a figure is not available; the reason is in the tooltip.
    public static final String MISSING = app.fluss.files.draw.Numbers.MISSING;

    private Numbers() {}

    private static app.fluss.files.draw.Numbers here() {
        return app.fluss.files.draw.Numbers.ofUser();
    }

    /// A number with so many decimals.
    public static String text(double value, int decimals) {
        return here().text(value, decimals);
    }

    /// From one number to another with so many decimals, in words.
    public static String range(double low, double high, int decimals) {
        return here().range(low, high, decimals);
    }

    /// The same of figures.
    public static String range(Figure low, Figure high, int decimals) {
        return here().range(low, high, decimals);
    }

    /// A change with its sign; what is shown as zero has none.
    public static String signed(double value, int decimals) {
        return here().signed(value, decimals);
    }

    /// A figure with so many decimals, or a dash.
    public static String text(Figure figure, int decimals) {
        return here().text(figure, decimals);
    }

    /// A figure as its list says: decimals, and shares in percent.
    public static String text(Described measure, Figure figure) {
        return here().text(measure, figure);
    }

    /// A figure that a rule is held against, without its unit; a share in per cent.
    public static String text(Rule rule, double value) {
        return here().text(rule, value);
    }

    /// A share as a percentage with so many decimals, or a dash.
    public static String percent(Figure share, int decimals) {
        return here().percent(share, decimals);
    }

    /// The reason why a figure is missing, or nothing.
    public static String reason(Figure figure) {
        return figure instanceof Figure.Missing(String reason) ? ThemeText.NOT_AVAILABLE.formatted(reason) : "";
    }
}
