package app.fluss.files.share;

import app.fluss.core.measure.Figure;
import app.fluss.core.verdict.Claim;
import app.fluss.core.verdict.Rule;
import app.fluss.core.verdict.Said;
import app.fluss.core.verdict.Settle;
import app.fluss.core.verdict.Verdict;
import app.fluss.files.chart.VerdictSign;
import app.fluss.files.draw.Numbers;
import app.fluss.files.verdict.GameCases;
import java.util.Map;

/// The verdict of a path for a page.
final class ClaimValues {
    private ClaimValues() {}

    static Map<String, Object> path(GameCases.OfPath path, Verdict verdict, boolean chosen) {
        return Page.values(
                "path", Page.name(path.name()),
                "chosen", chosen,
                "sign", Page.sign(verdict.word()),
                "word", verdict.word().title(),
                "sentence", Shown.words(Said.sentence(path.name(), verdict)),
                "grade", Page.grade(verdict.grade()),
                "rests", verdict.grade().map(grade -> grade.rests()).orElse(""),
                "simulated", path.isSimulated(),
                "gain", claimed(verdict, Rule.DELIVERED_GAIN),
                "added", claimed(verdict, Rule.ADDED_LATENCY),
                "scene", verdict.scene().map(Shown::name).orElse(""),
                "claims", verdict.claims().stream().map(ClaimValues::claim).toList(),
                "reserves", verdict.reserves().stream().map(Shown::words).toList(),
                "doubts", verdict.doubts().stream().map(Shown::words).toList(),
                "settle",
                        verdict.wouldSettle().stream()
                                .map(Settle::words)
                                .map(Shown::words)
                                .distinct()
                                .toList(),
                "notes",
                        path.scenes().stream()
                                .flatMap(scene -> scene.notes().stream())
                                .map(Shown::words)
                                .distinct()
                                .toList());
    }

    private static Map<String, Object> claimed(Verdict verdict, Rule rule) {
        return verdict.claim(rule)
                .map(claim -> {
                    Map<String, Object> cell =
                            Page.cell(claim.held().value(), claim.interval(), rule.decimals(), sign(rule));
                    if (claim.held().value().isKnown() && claim.interval().isEmpty()) {
                        cell.put("interval", claim.held().kind().title());
                    }
                    return cell;
                })
                .orElseGet(() -> Page.values("text", "", "interval", "not required", "sort", "", "reason", ""));
    }

    private static String sign(Rule rule) {
        return rule == Rule.ADDED_LATENCY ? "+" : "";
    }

    private static Map<String, Object> claim(Claim claim) {
        Rule rule = claim.asked().rule();
        return Page.values(
                "title", rule.title(),
                "asked",
                        (rule.atLeast() ? "≥ " : "≤ ")
                                + Page.NUMBERS.text(rule, claim.asked().bound())
                                + Said.unit(rule),
                "source", Shown.words(claim.asked().source()),
                "value",
                        claim.held().value() instanceof Figure.Known(double value)
                                ? Page.NUMBERS.text(rule, value) + Said.unit(rule)
                                : Numbers.MISSING,
                "interval",
                        claim.held().value() instanceof Figure.Missing(String why)
                                ? why
                                : claim.interval()
                                        .map(ends -> Page.NUMBERS.text(rule, ends.low()) + " to "
                                                + Page.NUMBERS.text(rule, ends.high()))
                                        .orElse(""),
                "sign", Page.sign(VerdictSign.of(claim.state()).word()),
                "state", claim.state().title(),
                "kind", claim.held().kind().title(),
                "runs",
                        claim.held().runsA() + claim.held().runsB() == 0
                                ? Numbers.MISSING
                                : claim.held().runsA() + " + " + claim.held().runsB(),
                "scene", Shown.name(claim.scene()));
    }
}
