package app.fluss.core.verdict;

import app.fluss.core.measure.Figure;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/// Verdicts in words, numbers as in files.
public final class Said {
    private Said() {}

    /// A figure of a rule with its unit.
    public static String number(Rule rule, double value) {
        return plain(rule, value) + unit(rule);
    }

    /// A figure of a rule without its unit; a share in per cent.
    public static String plain(Rule rule, double value) {
        int decimals = rule.isShare() ? rule.decimals() - 2 : rule.decimals();
        String text = String.format(Locale.ROOT, "%." + decimals + "f", rule.isShare() ? value * 100 : value);
        return text.matches("-[0.]*") ? text.substring(1) : text;
    }

    /// The unit as it follows a number.
    public static String unit(Rule rule) {
        if (rule.isShare()) {
            return " %";
        }
        return rule.unit().isEmpty() || rule.unit().startsWith("/") ? rule.unit() : " " + rule.unit();
    }

    /// What is asked: "at least 60.0/s".
    public static String asked(Asked asked) {
        return (asked.rule().atLeast() ? "at least " : "at most ") + number(asked.rule(), asked.bound());
    }

    /// A claim with its figure: "added latency is 12.3 ms, at most 10.0 ms is required".
    public static String claim(Claim claim) {
        String title = claim.asked().rule().title();
        return switch (claim.held().value()) {
            case Figure.Known(double value) ->
                "%s is %s, %s is required".formatted(title, number(claim.asked().rule(), value), asked(claim.asked()));
            case Figure.Missing(String why) -> "%s is unknown: %s".formatted(title, why);
        };
    }

    /// The verdict on a path in one sentence or two.
    public static String sentence(String path, Verdict verdict) {
        return switch (verdict.word()) {
            case USE ->
                "Use %s: everything that “%s” requires holds%s."
                        .formatted(path, verdict.school().title(), warned(verdict));
            case USE_WITH_SETTINGS -> {
                WithSettings known = verdict.settings().orElseThrow();
                yield known.isEstimated()
                        ? "Use %s with other settings: %s. That is estimated from the native frames, not measured: plan a run at it."
                                .formatted(path, known.words())
                        : "Use %s with other settings: %s, measured as %s."
                                .formatted(path, known.words(), known.path());
            }
            case PROBABLY_USE ->
                "Probably use %s: nothing contradicts it%s. %s.".formatted(path, warned(verdict), unsure(verdict));
            case NOT_SETTLED -> "%s is not settled: %s.".formatted(capital(path), open(verdict));
            case PROBABLY_LEAVE_OFF ->
                "Probably leave %s off: %s.".formatted(path, of(verdict, List.of(Claim.State.UNLIKELY)));
            case LEAVE_OFF -> "Leave %s off: %s.".formatted(path, of(verdict, List.of(Claim.State.FAILS)));
        };
    }

    private static String warned(Verdict verdict) {
        String warned = verdict.claims().stream()
                .filter(claim -> claim.state() == Claim.State.HOLDS_WITH_WARNING)
                .map(claim -> claim.asked().rule().title())
                .collect(Collectors.joining(", "));
        return warned.isEmpty() ? "" : ", with a warning: " + warned;
    }

    /// What makes it only probable.
    private static String unsure(Verdict verdict) {
        String unknown = titles(verdict, List.of(Claim.State.NO_FIGURE));
        String likely = titles(verdict, List.of(Claim.State.LIKELY));
        if (unknown.isEmpty()) {
            return "Without an interval that could settle it: " + likely;
        }
        return "Unknown: %s%s".formatted(unknown, likely.isEmpty() ? "" : "; without an interval: " + likely);
    }

    private static String titles(Verdict verdict, List<Claim.State> states) {
        return verdict.claims().stream()
                .filter(claim -> states.contains(claim.state()))
                .map(claim -> claim.asked().rule().title())
                .collect(Collectors.joining(", "));
    }

    private static String open(Verdict verdict) {
        String open = of(verdict, List.of(Claim.State.OPEN, Claim.State.NO_FIGURE));
        if (!open.isEmpty()) {
            return open;
        }
        return verdict.reserves().isEmpty()
                ? "nothing that “%s” requires concerns it"
                        .formatted(verdict.school().title())
                : "something is wrong with a run. "
                        + stripped(verdict.reserves().getFirst());
    }

    private static String stripped(String sentence) {
        return sentence.endsWith(".") ? sentence.substring(0, sentence.length() - 1) : sentence;
    }

    private static String of(Verdict verdict, List<Claim.State> states) {
        return verdict.claims().stream()
                .filter(claim -> states.contains(claim.state()))
                .map(Said::claim)
                .collect(Collectors.joining("; "));
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
