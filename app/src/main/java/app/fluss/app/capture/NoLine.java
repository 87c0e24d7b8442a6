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
                    Buttons.primary(CaptureText.COMPARE, CaptureText.COMPARE_TIP, compare),
                    Buttons.quiet(CaptureText.GO_TO_PLAN, CaptureText.GO_TO_PLAN_TIP, plan));
            ways.setAlignment(Pos.CENTER);
            getChildren()
                    .addAll(
                            Labels.title(CaptureText.RUN_SHEET_COMPLETE),
                            Labels.note(CaptureText.SHEET_COMPLETE_HINT),
                            ways);
        } else {
            getChildren()
                    .addAll(
                            Labels.title(CaptureText.NO_LINE_IS_PLANNED),
                            Labels.note(CaptureText.NO_LINE_HINT),
                            Buttons.primary(CaptureText.GO_TO_PLAN, CaptureText.GO_TO_PLAN_TIP, plan));
        }
    }
}
