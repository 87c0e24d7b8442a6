package app.fluss.files.draw;

import app.fluss.core.measure.Described;
import app.fluss.core.measure.Description;
import app.fluss.core.measure.Figure;
import app.fluss.core.verdict.Rule;
import java.text.DecimalFormat;
import java.text.DecimalFormatSymbols;
import java.util.Locale;
import java.util.regex.Pattern;

/// Figures as text for people: on screen in their locale, in reports in the neutral one. Rounding happens
/// here and nowhere before.
///
/// @param locale whose marks are used
public record Numbers(Locale locale) {
    /// Stands where a figure is not available; the reason is said beside it or on asking.
    public static final String MISSING = "–";

    /// Narrower spaces are not in the text face.
    private static final char SPACE = '\u00A0';

    private static final Pattern MINUS_ZERO = Pattern.compile("−[0.,]*");

    /// As reports have them.
    public static final Numbers NEUTRAL = new Numbers(Locale.ROOT);

    /// As the user has them.
    public static Numbers ofUser() {
        return new Numbers(Locale.getDefault(Locale.Category.FORMAT));
    }

    /// A number with so many decimals.
    public String text(double value, int decimals) {
        DecimalFormatSymbols symbols = DecimalFormatSymbols.getInstance(locale);
        symbols.setMinusSign('−');
        if (locale.equals(Locale.ROOT)) {
            symbols.setGroupingSeparator(SPACE);
        }
        DecimalFormat format = new DecimalFormat("#,##0", symbols);
        format.setMinimumFractionDigits(decimals);
        format.setMaximumFractionDigits(decimals);
        String text = format.format(value);
        // A small negative number must not be shown as minus zero.
        return MINUS_ZERO.matcher(text).matches() ? text.substring(1) : text;
    }

    /// From one number to another with so many decimals, in words: a dash between them could be read as a sign.
    public String range(double low, double high, int decimals) {
        return text(low, decimals) + " to " + text(high, decimals);
    }

    /// The same of figures.
    public String range(Figure low, Figure high, int decimals) {
        return text(low, decimals) + " to " + text(high, decimals);
    }

    /// A change with its sign; what is shown as zero has none.
    public String signed(double value, int decimals) {
        String text = text(value, decimals);
        return value > 0 && !text.equals(text(0, decimals)) ? "+" + text : text;
    }

    /// A figure with so many decimals, or a dash.
    public String text(Figure figure, int decimals) {
        return switch (figure) {
            case Figure.Known(double value) -> text(value, decimals);
            case Figure.Missing _ -> MISSING;
        };
    }

    /// A figure as its list says: decimals, and shares in percent.
    public String text(Described measure, Figure figure) {
        Description of = measure.description();
        return of.isShare() ? percent(figure, of.decimals()) : text(figure, of.decimals());
    }

    /// A figure that a rule is held against, without its unit; a share in per cent.
    public String text(Rule rule, double value) {
        return rule.isShare() ? text(value * 100, rule.decimals() - 2) : text(value, rule.decimals());
    }

    /// A share as a percentage with so many decimals, or a dash.
    public String percent(Figure share, int decimals) {
        return text(share.map(value -> value * 100), decimals) + (share.isKnown() ? " %" : "");
    }
}
