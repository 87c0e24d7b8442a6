package app.fluss.app.theme;

import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.ButtonBar.ButtonData;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
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
        focus(dialog, field);
        return dialog.showAndWait()
                .filter(ButtonType.OK::equals)
                .map(_ -> field.getText().strip())
                .filter(text -> !text.isEmpty());
    }

    /// Asks whether something that takes much away is to be done.
    ///
    /// @param action word on the button that does it
    public static boolean agreed(Theme theme, Window owner, String title, String words, String action) {
        Dialog<ButtonType> dialog = make(theme, owner, title);
        ButtonType does = new ButtonType(action, ButtonData.OK_DONE);
        dialog.getDialogPane().setContent(Labels.wrapped(words));
        dialog.getDialogPane().setPrefWidth(420);
        dialog.getDialogPane().getButtonTypes().addAll(does, ButtonType.CANCEL);
        return dialog.showAndWait().filter(does::equals).isPresent();
    }

    /// Lets typing go to a field as soon as the dialog is there. The toolkit gives the focus to the default
    /// button after the dialog says that it is shown.
    public static void focus(Dialog<?> dialog, Node field) {
        dialog.setOnShown(_ -> Platform.runLater(() -> {
            field.requestFocus();
            if (field instanceof TextInputControl text) {
                text.selectAll();
            }
        }));
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
