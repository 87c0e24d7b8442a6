package app.fluss.app.decide;

import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.ShareBar;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.Tips;
import app.fluss.core.measure.Figure;
import app.fluss.core.verdict.Asked;
import app.fluss.core.verdict.Claim;
import app.fluss.core.verdict.Rule;
import app.fluss.core.verdict.Said;
import app.fluss.core.verdict.Verdict;
import app.fluss.files.table.DataTable;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// The claims of a verdict, one below the other, each on its scale; beside them what a second school says of
/// the same.
final class ClaimRows extends VBox {
    /// Is told where a bound was moved to.
    @FunctionalInterface
    interface Moved {
        void to(Rule rule, double bound);
    }

    private static final double LEAST = 0.7;

    private final Theme theme;
    private Verdict verdict;
    private Optional<Verdict> beside;
    private final Map<Rule, ClaimScale> scales = new EnumMap<>(Rule.class);
    private final Moved moved;
    private final GridPane grid = new GridPane(12, 2);

    /// @param table the claims as they are saved
    ClaimRows(
            Theme theme, Verdict verdict, Optional<Verdict> beside, Moved moved, Supplier<Optional<DataTable>> table) {
        super(6);
        this.theme = theme;
        this.verdict = verdict;
        this.beside = beside;
        this.moved = moved;
        setId("claims");
        getStyleClass().add("panel");
        ColumnConstraints scale = new ColumnConstraints(110, 300, Double.MAX_VALUE);
        scale.setHgrow(Priority.ALWAYS);
        grid.getColumnConstraints().setAll(fixed(168), scale, fixed(118), fixed(104));
        if (beside.isPresent()) {
            grid.getColumnConstraints().add(fixed(112));
        }
        fill();
        Label key = Labels.note(DecideText.CLAIMS_HINT);
        getChildren()
                .setAll(
                        Boxes.row(
                                Labels.heading(DecideText.WHAT_IT_RESTS_ON),
                                Boxes.spacer(),
                                ShareBar.ofTable(DecideText.CLAIMS, table)),
                        grid,
                        key);
    }

    /// Shows how the same claims are judged now; the scales stay, so that one can be dragged on.
    ///
    /// @return whether it could: the schools ask for the same things as before
    boolean update(Verdict now, Optional<Verdict> nowBeside) {
        boolean same = rules(now).equals(rules(verdict))
                && nowBeside.map(ClaimRows::rules).equals(beside.map(ClaimRows::rules));
        if (same) {
            verdict = now;
            beside = nowBeside;
            fill();
        }
        return same;
    }

    private static List<Rule> rules(Verdict of) {
        return of.claims().stream().map(claim -> claim.asked().rule()).toList();
    }

    private void fill() {
        grid.getChildren().removeIf(node -> !scales.containsValue(node));
        int row = 0;
        if (beside.isPresent()) {
            grid.add(Labels.of(verdict.school().title(), "muted", "small"), 3, row);
            grid.add(Labels.of(beside.get().school().title(), "muted", "small"), 4, row);
            row++;
        }
        for (Claim claim : verdict.claims()) {
            add(row++, claim);
        }
        for (Claim claim : beside.map(Verdict::claims).orElse(List.of())) {
            if (verdict.claim(claim.asked().rule()).isEmpty()) {
                addBeside(row++, claim);
            }
        }
    }

    /// A column as wide as so many pixels at the usual size of text, less where there is no room.
    private ColumnConstraints fixed(double px) {
        double wide = px * theme.textScaleProperty().get();
        return new ColumnConstraints(wide * LEAST, wide, wide);
    }

    private void add(int row, Claim claim) {
        Optional<Claim> second =
                beside.flatMap(other -> other.claim(claim.asked().rule()));
        grid.add(name(claim), 0, row);
        Rule rule = claim.asked().rule();
        ClaimScale known = scales.get(rule);
        if (known == null) {
            ClaimScale scale = new ClaimScale(
                    theme, claim, verdict.flipsAt(claim), second.map(Claim::asked), bound -> moved.to(rule, bound));
            scales.put(rule, scale);
            grid.add(scale, 1, row);
        } else {
            known.show(claim, verdict.flipsAt(claim), second.map(Claim::asked));
        }
        grid.add(figure(claim), 2, row);
        grid.add(state(claim), 3, row);
        if (beside.isPresent()) {
            grid.add(second(claim, second), 4, row);
        }
    }

    /// What only the second school asks; its bound is not moved here.
    private void addBeside(int row, Claim claim) {
        grid.add(name(claim), 0, row);
        Label asked = Labels.wrapped(
                DecideText.ONLY_REQUIRES_THIS.formatted(
                        beside.orElseThrow().school().title(), Said.asked(claim.asked())),
                "muted",
                "small");
        grid.add(asked, 1, row);
        grid.add(figure(claim), 2, row);
        VBox state = new VBox(1, state(claim));
        if (splits() && isAgainst(claim)) {
            state.getChildren().add(Labels.of(DecideText.SPLITS_THEM, "chip", "chip-warm"));
        }
        grid.add(state, 4, row);
    }

    private Node second(Claim claim, Optional<Claim> second) {
        if (second.isEmpty()) {
            VBox none = new VBox(1, Labels.of(DecideText.NOT_REQUIRED, "muted", "small"));
            if (splits() && isAgainst(claim)) {
                none.getChildren().add(Labels.of(DecideText.SPLITS_THEM, "chip", "chip-warm"));
            }
            return none;
        }
        Claim other = second.get();
        HBox state = state(other);
        VBox box = new VBox(1, state, Labels.of(bound(other.asked()), "muted", "small"));
        if (splits() && isAgainst(claim) != isAgainst(other)) {
            box.getChildren().add(Labels.of(DecideText.SPLITS_THEM, "chip", "chip-warm"));
        }
        box.setAlignment(Pos.CENTER_LEFT);
        return box;
    }

    /// Whether the two schools say different things.
    private boolean splits() {
        return beside.filter(other -> other.word().isFor() != verdict.word().isFor()
                        || other.word().isAgainst() != verdict.word().isAgainst())
                .isPresent();
    }

    private static boolean isAgainst(Claim claim) {
        return !claim.state().holds() && claim.state() != Claim.State.LIKELY;
    }

    private static String bound(Asked asked) {
        return (asked.rule().atLeast() ? "≥ " : "≤ ")
                + Numbers.text(asked.rule(), asked.bound())
                + Said.unit(asked.rule());
    }

    private static Node name(Claim claim) {
        Label title = Labels.wrapped(claim.asked().rule().title());
        Label scene = Labels.of(claim.scene(), "muted", "small");
        VBox box = new VBox(0, title, scene);
        box.setAlignment(Pos.CENTER_LEFT);
        Tips.on(
                box,
                DecideText.DECIDED_IN_WITH_TIP.formatted(
                        claim.asked().rule().title(),
                        Said.asked(claim.asked()),
                        claim.asked().source(),
                        claim.scene(),
                        runs(claim)));
        return box;
    }

    private static String runs(Claim claim) {
        int a = claim.held().runsA();
        int b = claim.held().runsB();
        return a + b == 0
                ? DecideText.NO_RUN_BEHIND_IT
                : DecideText.RUNS_ON_BOTH_SIDES.formatted(a, a == 1 ? DecideText.RUN : DecideText.RUNS, b);
    }

    private static Node figure(Claim claim) {
        Rule rule = claim.asked().rule();
        String text = switch (claim.held().value()) {
            case Figure.Known(double value) -> Numbers.text(rule, value) + Said.unit(rule);
            case Figure.Missing _ -> Numbers.MISSING;
        };
        Label value = Labels.of(text, "strong");
        value.setMinWidth(USE_PREF_SIZE);
        Label below = Labels.of(below(claim), "muted", "small");
        VBox box = new VBox(0, value, below);
        box.setAlignment(Pos.CENTER_LEFT);
        if (!claim.held().value().isKnown()) {
            Tips.on(box, Numbers.reason(claim.held().value()));
        }
        return box;
    }

    private static String below(Claim claim) {
        Rule rule = claim.asked().rule();
        return switch (claim.held().value()) {
            case Figure.Missing(String why) -> why;
            case Figure.Known _ ->
                claim.interval()
                        .map(ends ->
                                "%s to %s".formatted(Numbers.text(rule, ends.low()), Numbers.text(rule, ends.high())))
                        .orElse(claim.held().kind().title());
        };
    }

    private static HBox state(Claim claim) {
        Label word = Labels.wrapped(claim.state().title(), "small");
        HBox box = new HBox(6, VerdictMark.of(claim.state()), word);
        box.setAlignment(Pos.CENTER_LEFT);
        Tips.on(box, DecideText.WEAK_FIGURES_TIP.formatted(claim.held().kind().title()));
        return box;
    }
}
