package app.fluss.app.shell;

import app.fluss.app.importing.DisplayDialog;
import app.fluss.app.importing.FactsDialog;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Theme;
import app.fluss.files.study.Outcome;
import app.fluss.files.study.Run;
import java.util.Map;
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
        if (run != null) {
            Map<String, String> now = workbench.contentsProperty().get().facts().getOrDefault(run.id(), Map.of());
            FactsDialog.ask(theme, owner.get(), now)
                    .ifPresent(facts -> workbench.change("Stating facts", study -> study.setFacts(run, facts)));
        }
    }

    /// States the display mode that the run was measured on.
    void stateDisplay() {
        Run run = workbench.selectedProperty().get();
        if (run != null) {
            DisplayDialog.ask(theme, owner.get(), run.display())
                    .ifPresent(mode -> workbench.change("Stating the display", study -> study.setDisplay(run, mode)));
        }
    }

    /// Removes the run; this can be undone.
    void remove() {
        Run run = workbench.selectedProperty().get();
        if (run != null) {
            workbench.change("Removing a run", study -> study.removeRun(run));
        }
    }

    /// Says whether the run counts; the user is asked why if it does not.
    void setOutcome(Outcome outcome) {
        Run run = workbench.selectedProperty().get();
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
        reason.ifPresent(why -> workbench.change("Marking a run", study -> study.setOutcome(run, outcome, why)));
    }
}
