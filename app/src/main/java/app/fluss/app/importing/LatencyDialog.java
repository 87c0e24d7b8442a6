package app.fluss.app.importing;

import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.core.finding.Findings;
import app.fluss.core.latency.LatencyFigures;
import app.fluss.core.latency.Measurement;
import app.fluss.files.latency.LatencyReading;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.ButtonType;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Dialog;
import javafx.scene.layout.VBox;
import javafx.stage.Window;

/// Shows what a file of latency measurements gave, and asks whether it belongs to the selected run or is one of its
/// own.
final class LatencyDialog {
    private final Dialog<ButtonType> dialog;
    private final CheckBox swap = new CheckBox(ImportText.SWAP_CHANNELS);

    /// @param run the selected run; empty if none is
    LatencyDialog(Theme theme, Window owner, Path file, LatencyReading reading, Optional<SelectedRun> run) {
        dialog = Dialogs.make(theme, owner, ImportText.ADD_MEASURED_LATENCY);
        Measurement measured = reading.measurement();
        LatencyFigures figures = measured.figures();
        VBox content = new VBox(
                8,
                Labels.of(String.valueOf(file.getFileName()), "heading"),
                Labels.of(ImportText.LATENCY_READ.formatted(
                        measured.source().title(),
                        figures.n(),
                        figures.missed(),
                        measured.ambiguous().size())),
                Labels.of(
                        figures.median().isKnown()
                                ? ImportText.MEDIAN_MS.formatted(Numbers.text(figures.median(), 1))
                                : ImportText.NO_MEDIAN,
                        "figure"));
        Findings.of(measured, figures, measured.ambiguous())
                .forEach(finding -> content.getChildren().add(Labels.note(finding.text())));
        if (measured.source() != Measurement.Source.SAMPLES) {
            swap.setId("swap-channels");
            swap.setSelected(measured.light().looksSwapped());
            content.getChildren().add(swap);
        }
        Ems.pref(content, 470);
        dialog.getDialogPane().setContent(content);
        dialog.getDialogPane().setId("latency-dialog");
        SelectedRun.ask(run, content, dialog.getDialogPane());
    }

    /// Asks without blocking.
    ///
    /// @param add adds it to the selected run; is told whether the channels are to be swapped
    /// @param own makes a run of its own of it, likewise
    void ask(Consumer<Boolean> add, Consumer<Boolean> own) {
        dialog.resultProperty().subscribe(result -> {
            if (result == SelectedRun.ADD) {
                add.accept(swap.isSelected());
            } else if (result == SelectedRun.OWN) {
                own.accept(swap.isSelected());
            }
        });
        Dialogs.open(dialog);
    }
}
