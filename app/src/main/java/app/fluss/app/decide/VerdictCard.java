package app.fluss.app.decide;

import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Tips;
import app.fluss.core.measure.Grade;
import app.fluss.core.verdict.Claim;
import app.fluss.core.verdict.Rule;
import app.fluss.core.verdict.Said;
import app.fluss.core.verdict.Settle;
import app.fluss.core.verdict.Verdict;
import app.fluss.files.verdict.GameCases;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/// One path of a game: its verdict by shape and word, gain, added latency, and its grade by fill.
final class VerdictCard extends Button {
    private static final PseudoClass WINNER = PseudoClass.getPseudoClass("winner");
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    /// @param winner whether it is the path that is used
    /// @param open looks at it
    VerdictCard(GameCases.OfPath path, Verdict verdict, boolean winner, Runnable open) {
        Label name = Labels.of(path.name(), "small", "strong");
        name.setTextOverrun(OverrunStyle.CENTER_ELLIPSIS);
        HBox word = new HBox(
                6, VerdictMark.of(verdict.word()), Labels.of(verdict.word().title(), "small"));
        word.setAlignment(Pos.CENTER_LEFT);
        Label below = Labels.of(below(verdict), "muted", "small");
        VBox content = new VBox(1, name, word, below);
        content.setMouseTransparent(true);
        content.prefWidthProperty().bind(widthProperty().subtract(20));
        setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        setGraphic(content);
        setMaxWidth(Double.MAX_VALUE);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().setAll("verdict-card", "grade-" + grade(verdict, path));
        pseudoClassStateChanged(WINNER, winner);
        setAccessibleText("%s: %s".formatted(path.name(), verdict.word().title()));
        Tips.on(this, tip(path, verdict));
        setOnAction(_ -> open.run());
    }

    /// Shows whether it is the one that is looked at.
    void choose(boolean chosen) {
        pseudoClassStateChanged(CHOSEN, chosen);
    }

    private static String grade(Verdict verdict, GameCases.OfPath path) {
        Grade grade = verdict.grade().orElse(path.grade());
        return grade.name().toLowerCase(Locale.ROOT);
    }

    /// Its figures; what is not settled, and what has none, says what is missing.
    private static String below(Verdict verdict) {
        String figures = figures(verdict);
        boolean lacks = verdict.word() == Verdict.Word.NOT_SETTLED || figures.isEmpty();
        return lacks ? missing(verdict) : figures;
    }

    private static String figures(Verdict verdict) {
        return List.of(
                        Rule.DELIVERED_GAIN,
                        Rule.ADDED_LATENCY,
                        Rule.HOURS,
                        Rule.WITHOUT_NEW_IMAGE,
                        Rule.BELOW_HALF_RATE)
                .stream()
                .flatMap(rule -> verdict.claim(rule).flatMap(VerdictCard::figure).stream())
                .limit(2)
                .collect(Collectors.joining("   "));
    }

    private static Optional<String> figure(Claim claim) {
        double value = claim.held().value().orNaN();
        Rule rule = claim.asked().rule();
        if (Double.isNaN(value)) {
            return Optional.empty();
        }
        String text = Numbers.text(rule, value) + Said.unit(rule);
        return Optional.of(rule == Rule.ADDED_LATENCY && value > 0 ? "+" + text : text);
    }

    /// What an unsettled path lacks.
    private static String missing(Verdict verdict) {
        return verdict.claims().stream()
                .filter(claim -> claim.state() == Claim.State.OPEN || claim.state() == Claim.State.NO_FIGURE)
                .map(claim -> claim.asked().rule().title() + "?")
                .findFirst()
                .orElse(verdict.reserves().isEmpty() ? "" : DecideText.FAULT_OF_RUNS);
    }

    private static String tip(GameCases.OfPath path, Verdict verdict) {
        String settle = verdict.wouldSettle().stream()
                .map(Settle::words)
                .limit(3)
                .map(words -> "\n→ " + words)
                .collect(Collectors.joining());
        return Said.sentence(path.name(), verdict)
                + verdict.grade()
                        .map(grade -> DecideText.GRADE_VERDICT_CARD.formatted(grade))
                        .orElse("")
                + (path.isSimulated() ? DecideText.SIMULATED_VERDICT_CARD : "")
                + settle;
    }
}
