package app.fluss.app.importing;

import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Labels;
import app.fluss.files.study.EvidenceKinds;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.DialogPane;
import javafx.scene.layout.VBox;

/// The run that is selected while latency comes in: it may belong to that, or be a run of its own.
///
/// @param words what run it is
/// @param hasLatency whether it has measured latency already
record SelectedRun(String words, boolean hasLatency) {
    /// Adds to the run that is selected.
    static final ButtonType ADD = new ButtonType(ImportText.ADD_TO_THIS_RUN, ButtonBar.ButtonData.OK_DONE);

    /// Makes a run of its own.
    static final ButtonType OWN = new ButtonType(ImportText.MAKE_RUN, ButtonBar.ButtonData.OTHER);

    static Optional<SelectedRun> of(Workbench workbench) {
        return Optional.ofNullable(workbench.selectedProperty().get())
                .map(run -> new SelectedRun(
                        workbench.contentsProperty().get().describe(run), run.has(EvidenceKinds.LATENCY)));
    }

    /// Puts the question and its answers into a dialog. What is likely meant is its default.
    static void ask(Optional<SelectedRun> selected, VBox content, DialogPane pane) {
        selected.ifPresent(run -> {
            String question = run.hasLatency ? ImportText.REPLACES_LATENCY : ImportText.MEASURED_WITH_RUN;
            content.getChildren().addAll(Labels.of(question, "muted"), Labels.wrapped(run.words, "strong"));
            pane.getButtonTypes().add(ADD);
        });
        pane.getButtonTypes().addAll(OWN, ButtonType.CANCEL);
        boolean own = selected.isEmpty() || selected.get().hasLatency;
        selected.ifPresent(_ -> ((Button) pane.lookupButton(ADD)).setDefaultButton(!own));
        ((Button) pane.lookupButton(OWN)).setDefaultButton(own);
    }
}
