package app.fluss.app.decide;

import app.fluss.core.verdict.Claim;
import app.fluss.core.verdict.Verdict;
import java.util.Locale;
import javafx.scene.layout.Region;

/// The shape of a verdict, or of a claim: each can be told without its colour. For is a leaf that points up,
/// against one
/// that points down; full where it is settled, open where it is only probable; a ring where nothing is settled.
final class VerdictMark extends Region {
    private VerdictMark(String style) {
        getStyleClass().addAll("verdict-mark", style);
        setAccessibleText("");
    }

    static VerdictMark of(Verdict.Word word) {
        return new VerdictMark("verdict-" + word.name().toLowerCase(Locale.ROOT).replace('_', '-'));
    }

    static VerdictMark of(Claim.State state) {
        return of(
                switch (state) {
                    case HOLDS -> Verdict.Word.USE;
                    case HOLDS_WITH_WARNING -> Verdict.Word.USE_WITH_SETTINGS;
                    case LIKELY -> Verdict.Word.PROBABLY_USE;
                    case OPEN, NO_FIGURE -> Verdict.Word.NOT_SETTLED;
                    case UNLIKELY -> Verdict.Word.PROBABLY_LEAVE_OFF;
                    case FAILS -> Verdict.Word.LEAVE_OFF;
                });
    }
}
