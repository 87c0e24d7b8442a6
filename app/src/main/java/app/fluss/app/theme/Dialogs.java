package app.fluss.app.theme;

import java.util.Optional;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.TextField;
import javafx.stage.Window;

/// Dialogs that look like the rest.
public final class Dialogs {
    private Dialogs() {}

    /// Asks for a line of text, and waits for the answer.
    ///
    /// @return what was typed, without spaces around it; empty if nothing was, or the user thought better of it
    public static Optional<String> text(Theme theme, Window owner, String title, String now) {
        Dialog<ButtonType> dialog = make(theme, owner, title);
        TextField field = new TextField(now);
        field.setId("text");
        field.setPrefColumnCount(24);
        dialog.getDialogPane().setContent(field);
        dialog.getDialogPane().getButtonTypes().addAll(ButtonType.OK, ButtonType.CANCEL);
        dialog.setOnShown(_ -> field.requestFocus());
        return dialog.showAndWait()
                .filter(ButtonType.OK::equals)
                .map(_ -> field.getText().strip())
                .filter(text -> !text.isEmpty());
    }

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
