package app.fluss.app.importing;

import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Theme;
import java.util.Map;
import java.util.Optional;
import javafx.beans.binding.Bindings;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.layout.VBox;
import javafx.stage.Window;

/// Asks for the facts of a run: what was set and what ran, so that a comparison can tell what else differs.
public final class FactsDialog {
    private FactsDialog() {}

    /// Asks, and waits for the answer.
    ///
    /// @param now the facts so far
    /// @return the facts that the user states, if any
    public static Optional<Map<String, String>> ask(Theme theme, Window owner, Map<String, String> now) {
        Dialog<ButtonType> dialog = Dialogs.make(theme, owner, "Facts of this run");
        Label why =
                new Label("One a line or with semicolons between: render_scale = 100 %; upscaler = own; driver = 5.1."
                        + " Facts that differ between two paths are named in their comparison.");
        why.setWrapText(true);
        why.getStyleClass().add("muted");
        TextArea text = new TextArea(Facts.lines(now));
        text.setId("facts");
        text.setPrefRowCount(8);
        dialog.getDialogPane().setContent(new VBox(10, why, text));
        dialog.getDialogPane().setPrefWidth(460);
        dialog.getDialogPane().getButtonTypes().addAll(ButtonType.OK, ButtonType.CANCEL);
        dialog.getDialogPane()
                .lookupButton(ButtonType.OK)
                .disableProperty()
                .bind(Bindings.createBooleanBinding(
                        () -> Facts.parse(text.getText()).isEmpty(), text.textProperty()));
        return dialog.showAndWait().filter(ButtonType.OK::equals).flatMap(_ -> Facts.parse(text.getText()));
    }
}
