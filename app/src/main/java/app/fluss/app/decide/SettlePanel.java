package app.fluss.app.decide;

import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Labels;
import app.fluss.core.verdict.Settle;
import app.fluss.core.verdict.Verdict;
import app.fluss.core.verdict.WithSettings;
import app.fluss.files.study.Planned;
import app.fluss.files.verdict.GameCases;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;

/// What would settle a verdict, and one step to the plan.
final class SettlePanel extends VBox {
    private static final int REPEATS = 3;

    private final Workbench workbench;
    private final GameCases.OfPath path;
    private final Verdict verdict;
    private final DecideScreen.Ways ways;

    SettlePanel(Workbench workbench, GameCases.OfPath path, Verdict verdict, DecideScreen.Ways ways) {
        super(6);
        this.workbench = workbench;
        this.path = path;
        this.verdict = verdict;
        this.ways = ways;
        getStyleClass().add("panel");
        setId("settle");
        getChildren().add(Labels.heading(DecideText.WHAT_WOULD_SETTLE_IT));
        if (verdict.wouldSettle().isEmpty()) {
            getChildren().add(Labels.note(DecideText.NOTHING_OPEN));
        }
        verdict.wouldSettle()
                .forEach(one -> getChildren()
                        .add(Labels.wrapped((one.scene().isEmpty() ? "" : one.scene() + ": ") + one.words(), "small")));
        Map<Planned.Cell, Integer> wishes = wishes();
        Button plan = Buttons.primary(DecideText.PLAN_TO_SETTLE, DecideText.PLAN_TO_SETTLE_TIP, () -> plan(wishes));
        plan.setId("plan-settle");
        if (!wishes.isEmpty()) {
            getChildren().add(Boxes.row(plan));
        }
        verdict.settings().filter(WithSettings::isEstimated).ifPresent(known -> {
            Button measure = Buttons.quiet(
                    DecideText.PLAN_RUNS_AT.formatted(known.words()), DecideText.PLAN_RUNS_AT_TIP, () -> plan(known));
            measure.setId("plan-settings");
            getChildren().add(Boxes.row(measure));
        });
    }

    /// So many runs a side as the claims of a scene ask for, at the most; never fewer than are wanted already.
    private Map<Planned.Cell, Integer> wishes() {
        Planned planned = workbench.contentsProperty().get().planned();
        Map<Planned.Cell, Integer> wishes = new HashMap<>();
        for (GameCases.OfScene scene : path.scenes()) {
            int runs = verdict.wouldSettle().stream()
                    .filter(one -> one.scene().equals(scene.known().scene()))
                    .mapToInt(Settle::runs)
                    .max()
                    .orElse(0);
            if (runs > 0) {
                for (long id : new long[] {
                    path.path().id(), scene.natives().getFirst().path().id()
                }) {
                    int wanted = planned.wanted(scene.scene().id(), id);
                    wishes.put(new Planned.Cell(scene.scene().id(), id), Math.max(wanted, runs));
                }
            }
        }
        return wishes;
    }

    private void plan(Map<Planned.Cell, Integer> wishes) {
        workbench.edits().plan().want(wishes);
        ways.plan();
    }

    private void plan(WithSettings known) {
        Optional<GameCases.OfScene> heaviest = path.scenes().stream()
                .max((a, b) -> a.scene().weight().compareTo(b.scene().weight()));
        workbench
                .edits()
                .plan()
                .wantPath(
                        heaviest.orElseThrow().scene().id(),
                        workbench
                                .contentsProperty()
                                .get()
                                .freePathName(known.chain().proposedName()),
                        known.chain(),
                        REPEATS,
                        ways::plan);
    }
}
