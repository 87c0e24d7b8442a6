package app.fluss.app.theme;

import javafx.scene.control.Dialog;
import javafx.stage.Window;

/// Dialogs that look like the rest.
public final class Dialogs {
    private Dialogs() {}

    /// A dialog with a title, dressed in the palette in use.
    public static <T> Dialog<T> make(Theme theme, Window owner, String title) {
        Dialog<T> dialog = new Dialog<>();
        dialog.initOwner(owner);
        dialog.setTitle(title);
        dialog.setResizable(true);
        dialog.getDialogPane().getStylesheets().setAll(owner.getScene().getStylesheets());
        dialog.getDialogPane().setStyle(theme.style());
        return dialog;
    }
}
