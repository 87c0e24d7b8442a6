package app.fluss.files.share;

import app.fluss.core.compare.Difference;
import app.fluss.core.compare.Interval;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.verdict.Verdict;
import app.fluss.files.draw.Numbers;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/// Values for the templates of pages.
final class Page {
    static final Numbers NUMBERS = Numbers.NEUTRAL;

    /// Begins the places of signs.
    static final String SIGN = "sign-";

    private Page() {}

    /// Names and values in turn.
    static Map<String, Object> values(Object... namesAndValues) {
        Map<String, Object> values = new LinkedHashMap<>();
        for (int i = 0; i < namesAndValues.length; i += 2) {
            values.put((String) namesAndValues[i], namesAndValues[i + 1]);
        }
        return values;
    }

    /// A name, cut where it is long, with all of it to be shown on asking.
    static Map<String, Object> name(String name) {
        return values("short", Shown.name(name), "full", Shown.words(name));
    }

    /// A figure in a cell: its text, its interval below, and by what the column is sorted.
    static Map<String, Object> cell(Figure figure, Optional<Interval> interval, int decimals, String sign) {
        return switch (figure) {
            case Figure.Known(double value) ->
                values(
                        "text",
                        (sign.equals("+") && value > 0 ? "+" : "") + NUMBERS.text(value, decimals),
                        "interval",
                        interval.map(ends -> interval(ends, decimals)).orElse(""),
                        "sort",
                        Double.toString(value),
                        "reason",
                        "");
            case Figure.Missing(String why) ->
                values("text", Numbers.MISSING, "interval", "", "sort", "", "reason", "Not available: " + why + ".");
        };
    }

    static String interval(Interval ends, int decimals) {
        return NUMBERS.range(ends.low(), ends.high(), decimals);
    }

    /// The figure of one side.
    static Map<String, Object> level(Difference.Side side, int decimals) {
        return cell(side.level().figure(), side.level().interval(), decimals, "");
    }

    static Map<String, Object> ratio(Difference difference) {
        return cell(difference.ratio(), difference.ratioInterval(), 2, "");
    }

    static Map<String, Object> added(Difference difference, boolean estimated) {
        Map<String, Object> cell = cell(difference.difference(), difference.interval(), 1, "+");
        if (estimated) {
            cell.put("interval", "estimated");
        }
        return cell;
    }

    static String grade(Optional<Grade> grade) {
        return grade.map(Grade::toString).orElse(Numbers.MISSING);
    }

    /// The place of a verdict's sign on a page.
    static String sign(Verdict.Word word) {
        return ReportChart.place(SIGN + word.name());
    }
}
