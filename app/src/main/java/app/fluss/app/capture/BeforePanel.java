package app.fluss.app.capture;

import app.fluss.app.model.Contents;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Labels;
import app.fluss.core.path.Chain;
import app.fluss.core.path.Judgement;
import app.fluss.core.path.Outcome.State;
import app.fluss.core.path.Switch;
import app.fluss.core.plan.PlannedStep.Role;
import app.fluss.files.study.Scene;
import app.fluss.files.study.SheetRow;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// What must be done and seen to before a line is measured: what differs from the last run stands out.
final class BeforePanel extends VBox {
    private static final int SHOWN = 4;

    private final Answers answers;
    private final Runnable preflight;
    private boolean checking;

    /// Takes an answer to a requirement.
    interface Answers {
        void answer(Judgement judgement, Optional<Boolean> met);
    }

    /// @param preflight shows all requirements
    BeforePanel(Answers answers, Runnable preflight) {
        super(6);
        this.answers = answers;
        this.preflight = preflight;
        setId("before");
        getStyleClass().add("panel");
    }

    /// Whether a requirement was just answered here: the button that had the focus is then gone.
    boolean wasChecking() {
        boolean was = checking;
        checking = false;
        return was;
    }

    /// Puts the focus on the next requirement that is open.
    ///
    /// @return whether there is one
    boolean focusCheck() {
        Node next = lookup(".check");
        if (next != null) {
            next.requestFocus();
        }
        return next != null;
    }

    /// Puts the focus on what says that a line is done.
    void focusDone() {
        Node done = lookup("#line-done");
        if (done != null) {
            done.requestFocus();
        }
    }

    private Button check(String text, String tip, Judgement judged, boolean met) {
        Button button = Buttons.quiet(text, tip, () -> {
            checking = true;
            answers.answer(judged, Optional.of(met));
        });
        button.getStyleClass().add("check");
        return button;
    }

    void show(Contents contents, SheetRow row, List<Judgement> judged, Chain last) {
        getChildren().clear();
        Scene scene = contents.scene(row.sceneId());
        switch (row.role()) {
            case BREAK -> getChildren().add(Labels.note(CaptureText.KEEP_WARM));
            case WARM_UP -> getChildren().add(Labels.note(CaptureText.WARM_UP_EXPLAINED));
            case RUN, BRACKET -> {}
        }
        if (row.role() == Role.BREAK) {
            return;
        }
        Switch change = Switch.between(last, contents.path(row.pathId()).chain());
        for (String step : change.steps()) {
            getChildren().add(Labels.wrapped("→ " + step, "changed"));
        }
        if (row.restarts() || change.restartsGame()) {
            getChildren().add(Labels.wrapped(CaptureText.RESTART_GAME, "changed"));
        }
        if (change.steps().isEmpty() && row.role().isMeasured()) {
            getChildren().add(Labels.of(CaptureText.SAME_SETTINGS, "muted"));
        }
        if (change.movesCable()) {
            getChildren().add(Labels.wrapped(CaptureText.POWER_SAFETY, "safety"));
        }
        if (!scene.begins().isEmpty() || !scene.route().isEmpty()) {
            getChildren().add(Labels.wrapped(CaptureText.ROUTE.formatted(scene.begins(), scene.route()), "small"));
        }
        requirements(judged);
    }

    private void requirements(List<Judgement> judged) {
        List<Judgement> open =
                judged.stream().filter(one -> one.state() != State.MET).toList();
        if (judged.isEmpty()) {
            return;
        }
        int met = judged.size() - open.size();
        getChildren()
                .add(Boxes.row(
                        Labels.heading(CaptureText.CHECKED),
                        Labels.of(CaptureText.OF_REQUIREMENTS.formatted(met, judged.size()), "muted")));
        open.stream().limit(SHOWN).forEach(one -> getChildren().add(line(one)));
        if (open.size() > SHOWN) {
            Button more = Buttons.quiet(
                    CaptureText.AND_MORE_IN_PREFLIGHT.formatted(open.size() - SHOWN),
                    CaptureText.AND_MORE_IN_PREFLIGHT_TIP,
                    preflight);
            more.getStyleClass().setAll("link");
            getChildren().add(more);
        }
    }

    private Node line(Judgement judged) {
        boolean unmet = judged.state() == State.NOT_MET;
        Label asks = Labels.wrapped(
                (unmet ? "▲ " : "○ ")
                        + judged.requirement().asks()
                        + (unmet ? " " + judged.outcome().seen() : ""),
                "small");
        HBox.setHgrow(asks, Priority.ALWAYS);
        asks.setMaxWidth(Double.MAX_VALUE);
        HBox line = Boxes.row(asks);
        line.setId("before-" + judged.requirement().id());
        if (judged.ticked()) {
            line.getChildren()
                    .add(Buttons.quiet(
                            CaptureText.TAKE_BACK,
                            CaptureText.TAKE_BACK_TIP,
                            () -> answers.answer(judged, Optional.empty())));
        } else if (!unmet) {
            line.getChildren()
                    .addAll(
                            check("✓", CaptureText.IT_HOLDS_TIP, judged, true),
                            check("✗", CaptureText.NOT_MET_TIP, judged, false));
        }
        return line;
    }

    void offerDone(SheetRow row, Runnable done) {
        Button button = Buttons.primary(
                row.role() == Role.BREAK ? CaptureText.BREAK_IS_OVER : CaptureText.WARM_UP_IS_DONE,
                CaptureText.WARM_UP_IS_DONE_TIP,
                done);
        button.setId("line-done");
        getChildren().add(button);
    }
}
