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
import java.util.function.Consumer;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Dialog;
import javafx.scene.layout.VBox;
import javafx.stage.Window;

/// Shows what a file of latency measurements gave, and asks whether it belongs to the selected run.
final class LatencyDialog {
    private static final ButtonType ADD = new ButtonType("Add to this run", ButtonBar.ButtonData.OK_DONE);

    private final Dialog<ButtonType> dialog;
    private final CheckBox swap = new CheckBox("The light is on the first channel: swap them");

    /// @param run the selected run, for people
    LatencyDialog(Theme theme, Window owner, Path file, LatencyReading reading, String run) {
        dialog = Dialogs.make(theme, owner, "Add measured latency");
        Measurement measured = reading.measurement();
        LatencyFigures figures = measured.figures();
        VBox content = new VBox(
                8,
                Labels.of(String.valueOf(file.getFileName()), "heading"),
                Labels.of("%s: %d samples, %d missed, %d to look at"
                        .formatted(
                                measured.source().title(),
                                figures.n(),
                                figures.missed(),
                                measured.ambiguous().size())),
                Labels.of(
                        figures.median().isKnown()
                                ? "median %s ms".formatted(Numbers.text(figures.median(), 1))
                                : "no median: no trial was answered",
                        "figure"));
        Findings.of(measured, figures, measured.ambiguous())
                .forEach(finding -> content.getChildren().add(Labels.note(finding.text())));
        if (measured.source() != Measurement.Source.SAMPLES) {
            swap.setId("swap-channels");
            swap.setSelected(measured.light().looksSwapped());
            content.getChildren().add(swap);
        }
        content.getChildren().addAll(Labels.of("It was measured with this run:", "muted"), Labels.of(run, "strong"));
        Ems.pref(content, 470);
        dialog.getDialogPane().setContent(content);
        dialog.getDialogPane().setId("latency-dialog");
        dialog.getDialogPane().getButtonTypes().addAll(ADD, ButtonType.CANCEL);
    }

    /// Asks without blocking.
    ///
    /// @param add is told whether the channels are to be swapped
    void ask(Consumer<Boolean> add) {
        dialog.resultProperty().subscribe(result -> {
            if (result == ADD) {
                add.accept(swap.isSelected());
            }
        });
        dialog.show();
    }
}
