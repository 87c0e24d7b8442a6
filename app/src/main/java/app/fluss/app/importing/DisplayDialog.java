package app.fluss.app.importing;

import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.core.measure.DisplayMode;
import java.util.Optional;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.stage.Window;

/// Asks for the display mode of a run.
public final class DisplayDialog {
    private DisplayDialog() {}

    /// Asks, and waits for the answer.
    ///
    /// @param now the mode stated so far
    /// @return the mode that the user states, if any
    public static Optional<DisplayMode> ask(Theme theme, Window owner, Optional<DisplayMode> now) {
        Dialog<ButtonType> dialog = Dialogs.make(theme, owner, ImportText.DISPLAY_OF_THIS_RUN);
        DisplayFields fields = new DisplayFields(now);
        Label why = Labels.note(ImportText.DISPLAY_NEEDED);
        dialog.getDialogPane().setContent(new VBox(10, why, fields));
        dialog.getDialogPane().setPrefWidth(560);
        Dialogs.does(dialog, ImportText.STATE)
                .disableProperty()
                .bind(fields.validProperty().not());
        return dialog.showAndWait().filter(ButtonType.OK::equals).flatMap(_ -> fields.mode());
    }
}
