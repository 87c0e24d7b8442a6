package app.fluss.app.theme;

import app.fluss.core.measure.Described;
import app.fluss.core.measure.Description;
import app.fluss.core.measure.Figure;
import app.fluss.core.verdict.Rule;
import java.text.NumberFormat;

/// Figures as text, in the user's locale. Rounding for people happens here and nowhere before.
public final class Numbers {
    /// Stands where a figure cannot be had; the reason is in the tooltip.
    public static final String MISSING = "–";

    private Numbers() {}

    /// A number with so many decimals.
    public static String text(double value, int decimals) {
        NumberFormat format = NumberFormat.getNumberInstance();
        format.setMinimumFractionDigits(decimals);
        format.setMaximumFractionDigits(decimals);
        String text = format.format(value);
        // A small negative number must not be shown as minus zero.
        return text.matches("-[0.,]*") ? text.substring(1) : text;
    }

    /// A figure with so many decimals, or a dash.
    public static String text(Figure figure, int decimals) {
        return switch (figure) {
            case Figure.Known(double value) -> text(value, decimals);
            case Figure.Missing _ -> MISSING;
        };
    }

    /// A figure as its list says: decimals, and shares in percent.
    public static String text(Described measure, Figure figure) {
        Description of = measure.description();
        return of.isShare() ? percent(figure, of.decimals()) : text(figure, of.decimals());
    }

    /// A figure that a rule is held against, without its unit; a share in per cent.
    public static String text(Rule rule, double value) {
        return rule.isShare() ? text(value * 100, rule.decimals() - 2) : text(value, rule.decimals());
    }

    /// A share as a percentage with so many decimals, or a dash.
    public static String percent(Figure share, int decimals) {
        return text(share.map(value -> value * 100), decimals) + (share.isKnown() ? " %" : "");
    }

    /// The reason why a figure is missing, or nothing.
    public static String reason(Figure figure) {
        return figure instanceof Figure.Missing(String reason) ? "Not available: " + reason + "." : "";
    }
}
