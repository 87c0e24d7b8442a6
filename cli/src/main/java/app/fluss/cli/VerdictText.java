package app.fluss.cli;

import app.fluss.core.attribute.Part;
import app.fluss.core.measure.Figure;
import app.fluss.core.verdict.Claim;
import app.fluss.core.verdict.Rule;
import app.fluss.core.verdict.Said;
import app.fluss.core.verdict.Settle;
import app.fluss.core.verdict.Verdict;
import app.fluss.files.attribute.PathAttribution;
import app.fluss.files.verdict.GameVerdicts;
import java.util.List;
import java.util.Locale;

/// Verdicts as plain text.
final class VerdictText {
    private VerdictText() {}

    static String of(List<GameVerdicts> games) {
        StringBuilder text = new StringBuilder();
        for (GameVerdicts game : games) {
            text.append("%s, %s (%s): %s%n"
                    .formatted(
                            game.game(),
                            game.school().title(),
                            game.school().whatFor(),
                            game.cases().without().isEmpty()
                                    ? game.primary()
                                            .map(path -> word(game, path) + " " + path)
                                            .orElse("no path that may be used")
                                    : game.cases().without()));
            game.paths().forEach((path, verdict) -> path(text, game, path, verdict));
        }
        return text.toString();
    }

    private static String word(GameVerdicts game, String path) {
        return game.verdict(path).word().title();
    }

    private static void path(StringBuilder text, GameVerdicts game, String path, Verdict verdict) {
        text.append("  %s: %s%s%n"
                .formatted(
                        path,
                        verdict.word().title(),
                        verdict.grade().map(grade -> ", grade " + grade).orElse("")));
        text.append("    %s%n".formatted(Said.sentence(path, verdict)));
        for (Claim claim : verdict.claims()) {
            text.append("    %-34s %s%n".formatted(claim.asked().rule().title(), claim(claim)));
        }
        verdict.settings()
                .ifPresent(known -> text.append("    with: %s (%s)%n"
                        .formatted(
                                known.words(),
                                known.isEstimated()
                                        ? "estimated, until a run at these settings exists"
                                        : known.path())));
        for (String reserve : verdict.reserves()) {
            text.append("    but: %s%n".formatted(reserve));
        }
        for (String doubt : verdict.doubts()) {
            text.append("    but: %s%n".formatted(doubt));
        }
        game.path(path).attribution().ifPresent(taken -> attribution(text, taken));
        for (Settle settle : verdict.wouldSettle()) {
            text.append("    → %s%n".formatted(settle.words()));
        }
    }

    private static void attribution(StringBuilder text, PathAttribution taken) {
        for (Part part : taken.rate().steps().steps()) {
            text.append(String.format(
                    Locale.ROOT,
                    "    = %s: %.2f ×%s%n",
                    part.name(),
                    part.value(),
                    part.interval()
                            .map(ends -> String.format(Locale.ROOT, " [%.2f, %.2f]", ends.low(), ends.high()))
                            .orElse("")));
        }
        taken.missing().forEach(words -> text.append("    = to tell its parts apart: %s%n".formatted(words)));
    }

    private static String claim(Claim claim) {
        Rule rule = claim.asked().rule();
        String value = switch (claim.held().value()) {
            case Figure.Known(double known) ->
                Said.plain(rule, known)
                        + claim.interval()
                                .map(ends -> " [%s, %s]"
                                        .formatted(Said.plain(rule, ends.low()), Said.plain(rule, ends.high())))
                                .orElse("");
            case Figure.Missing _ -> "–";
        };
        return "%s %s: %s (%s)"
                .formatted(
                        rule.atLeast() ? "≥" : "≤",
                        Said.number(rule, claim.asked().bound()),
                        value,
                        claim.state().title());
    }
}
