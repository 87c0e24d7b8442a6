package app.fluss.app.shell;

import app.fluss.app.importing.DisplayDialog;
import app.fluss.app.importing.FactsDialog;
import app.fluss.app.model.RunEdits;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Theme;
import app.fluss.files.study.Outcome;
import app.fluss.files.study.Run;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.stage.Window;

/// What can be done with the selected run from anywhere in the window. Nothing happens where none is
/// selected.
final class RunActions {
    private final Workbench workbench;
    private final Theme theme;
    private final Supplier<Window> owner;

    RunActions(Workbench workbench, Theme theme, Supplier<Window> owner) {
        this.workbench = workbench;
        this.theme = theme;
        this.owner = owner;
    }

    /// States recorded facts of the run anew.
    void stateFacts() {
        Run run = workbench.selectedProperty().get();
        RunEdits edits = workbench.edits().runs();
        if (run != null) {
            FactsDialog.ask(theme, owner.get(), run.setup().recorded().named())
                    .ifPresent(facts -> edits.state(run, facts));
        }
    }

    /// Takes over what the bench states now, where the run itself does not say otherwise.
    void takeBench() {
        Run run = workbench.selectedProperty().get();
        if (run != null) {
            workbench
                    .edits()
                    .runs()
                    .takeBench(run, workbench.contentsProperty().get().benchNow(run));
        }
    }

    /// States the display mode that the run was measured on.
    void stateDisplay() {
        Run run = workbench.selectedProperty().get();
        RunEdits edits = workbench.edits().runs();
        if (run != null) {
            DisplayDialog.ask(theme, owner.get(), run.display()).ifPresent(mode -> edits.state(run, mode));
        }
    }

    /// Removes the run; this can be undone.
    void remove() {
        Run run = workbench.selectedProperty().get();
        if (run != null) {
            workbench.edits().runs().remove(run);
        }
    }

    /// Says whether the run counts; the user is asked why if it does not.
    void setOutcome(Outcome outcome) {
        Run run = workbench.selectedProperty().get();
        RunEdits edits = workbench.edits().runs();
        if (run == null) {
            return;
        }
        Optional<String> reason = outcome == Outcome.KEPT
                ? Optional.of("")
                : Dialogs.text(
                        theme,
                        owner.get(),
                        "Why does this run not count?",
                        run.taking().reason());
        reason.ifPresent(why -> edits.setOutcome(run, outcome, why));
    }
}
