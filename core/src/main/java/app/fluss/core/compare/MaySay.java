package app.fluss.core.compare;

import app.fluss.core.measure.Described;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Measure;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/// What may be said of a comparison, in a sentence or two: what holds, at which grade, and what does not.
public final class MaySay {
    private static final int NAMED = 4;

    private MaySay() {}

    /// The sentence.
    ///
    /// @param a name of the baseline
    /// @param b name of the other side
    public static String of(RunComparison comparison, String a, String b) {
        Difference headline = comparison.headline();
        String title = comparison.primary().title();
        String said;
        if (headline.difference() instanceof Figure.Missing(String why)) {
            return "No statement about the %s is possible: %s.".formatted(title, why);
        } else if (!headline.method().isFromRunToRun()) {
            said = "These runs of %s and %s differ in %s by %s%s; whether the next would is not shown: %s."
                    .formatted(
                            b,
                            a,
                            title,
                            amount(comparison.primary(), headline),
                            times(headline.ratio()),
                            headline.estimate().why().isEmpty()
                                    ? "the interval speaks of these runs only"
                                    : headline.estimate().why());
        } else if (headline.stands()) {
            said = "%s differs from %s in %s by %s, %s%s%s."
                    .formatted(
                            b,
                            a,
                            title,
                            amount(comparison.primary(), headline),
                            headline.method().title(),
                            grade(headline),
                            doubts(comparison, headline));
        } else {
            said = "No difference in %s holds between %s and %s: %s, %s%s."
                    .formatted(
                            title,
                            b,
                            a,
                            amount(comparison.primary(), headline),
                            headline.method().title(),
                            grade(headline));
        }
        String all = said + rest(comparison);
        return Character.toUpperCase(all.charAt(0)) + all.substring(1);
    }

    private static String amount(Described measure, Difference difference) {
        if (difference.ratio() instanceof Figure.Known(double ratio)
                && difference.ratioInterval().isPresent()) {
            Interval ends = difference.ratioInterval().get();
            return String.format(Locale.ROOT, "%.2f× (95 %%: %.2f to %.2f)", ratio, ends.low(), ends.high());
        }
        String format = "%+." + measure.description().decimals() + "f";
        String by = String.format(Locale.ROOT, format, difference.difference().orNaN()) + " " + measure.unit();
        return difference
                .interval()
                .map(ends -> by
                        + String.format(
                                Locale.ROOT, " (95 %%: " + format + " to " + format + ")", ends.low(), ends.high()))
                .orElse(by)
                .strip();
    }

    private static String times(Figure ratio) {
        return ratio instanceof Figure.Known(double value) ? String.format(Locale.ROOT, " (%.2f×)", value) : "";
    }

    private static String grade(Difference difference) {
        List<Grade> grades = new ArrayList<>();
        difference.a().grade().ifPresent(grades::add);
        difference.b().grade().ifPresent(grades::add);
        return grades.stream()
                .reduce(Grade::weaker)
                .map(grade -> ", grade " + grade)
                .orElse("");
    }

    private static String doubts(RunComparison comparison, Difference headline) {
        List<String> doubts = new ArrayList<>();
        if (comparison.primary() == comparison.drift().measure()
                && comparison.drift().explains(headline)) {
            doubts.add("the drift of the baseline can account for it");
        }
        String facts = comparison.confounds().orElse(List.of()).stream()
                .filter(one -> one.kind() == Confound.Kind.BETWEEN)
                .map(Confound::title)
                .limit(NAMED)
                .collect(Collectors.joining(", "));
        if (!facts.isEmpty()) {
            doubts.add("other facts differ too: " + facts);
        }
        return doubts.isEmpty() ? "" : "; but " + String.join(" and ", doubts);
    }

    /// What else holds, and how many figures do not.
    private static String rest(RunComparison comparison) {
        List<String> hold = new ArrayList<>();
        int open = 0;
        for (Map.Entry<Measure, Difference> one : comparison.measures().entrySet()) {
            if (one.getKey() != comparison.primary()
                    && !Double.isNaN(one.getValue().holmP())) {
                if (one.getValue().stands()) {
                    hold.add(one.getKey().title());
                } else {
                    open++;
                }
            }
        }
        String named = hold.stream().limit(NAMED).collect(Collectors.joining(", "));
        String more = hold.size() > NAMED ? " and %d more".formatted(hold.size() - NAMED) : "";
        return (hold.isEmpty() ? "" : " Also: %s%s.".formatted(named, more))
                + (open == 0
                        ? ""
                        : " %d of %d figures %s not hold."
                                .formatted(open, comparison.judged(), open == 1 ? "does" : "do"));
    }
}
