package app.fluss.files.share;

import app.fluss.core.compare.Interval;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.verdict.Claim;
import app.fluss.files.table.Cell;
import app.fluss.files.table.DataTable;
import app.fluss.files.verdict.GameVerdicts;
import java.util.List;
import java.util.Locale;

/// Verdicts as open data, a claim a row.
public final class VerdictRows {
    private VerdictRows() {}

    /// Every claim of every path of some games.
    public static DataTable table(List<GameVerdicts> games) {
        DataTable.Builder table = new DataTable.Builder(
                "game",
                "school",
                "path",
                "verdict",
                "scene",
                "verdict_grade",
                "claim",
                "rule",
                "bound",
                "source",
                "value",
                "low",
                "high",
                "unit",
                "state",
                "kind",
                "grade",
                "native_runs",
                "path_runs",
                "reason");
        for (GameVerdicts game : games) {
            game.paths().forEach((path, verdict) -> {
                for (Claim claim : verdict.claims()) {
                    table.row(
                            Shown.words(game.game()),
                            game.school().id(),
                            Shown.words(path),
                            word(verdict.word()),
                            Shown.words(claim.scene()),
                            verdict.grade().map(Grade::toString).orElse(""),
                            word(claim.asked().rule()),
                            claim.asked().rule().atLeast() ? "at_least" : "at_most",
                            Cell.of(claim.asked().bound()),
                            Shown.words(claim.asked().source()),
                            Cell.of(claim.held().value()),
                            Cell.of(claim.interval(), Interval::low),
                            Cell.of(claim.interval(), Interval::high),
                            claim.asked().rule().unit(),
                            word(claim.state()),
                            word(claim.held().kind()),
                            claim.held().grade().map(Grade::toString).orElse(""),
                            Integer.toString(claim.held().runsA()),
                            Integer.toString(claim.held().runsB()),
                            claim.held().value() instanceof Figure.Missing(String why) ? why : "");
                }
            });
        }
        return table.build();
    }

    private static String word(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT);
    }
}
