package app.fluss.app.capture;

import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Labels;
import javafx.geometry.Pos;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// What Capture shows where no line of the run sheet is open, with the way on.
final class NoLine extends VBox {
    /// @param measured whether lines were
    /// @param plan goes to the plan
    /// @param compare goes on to what was measured
    NoLine(boolean measured, Runnable plan, Runnable compare) {
        super(12);
        getStyleClass().add("empty");
        VBox.setVgrow(this, Priority.ALWAYS);
        if (measured) {
            HBox ways = Boxes.row(
                    Buttons.primary("Compare", "Ctrl+5", compare), Buttons.quiet("Go to Plan", "Ctrl+2", plan));
            ways.setAlignment(Pos.CENTER);
            getChildren()
                    .addAll(
                            Labels.title("Run sheet complete"),
                            Labels.note("Compare shows each path against native; Plan shows what is still missing."),
                            ways);
        } else {
            getChildren()
                    .addAll(
                            Labels.title("No line is planned"),
                            Labels.note("Plan sets what is measured next, and in what order. Planned lines are"
                                    + " measured here, one after another."),
                            Buttons.primary("Go to Plan", "Ctrl+2", plan));
        }
    }
}
