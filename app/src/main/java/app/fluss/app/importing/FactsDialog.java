package app.fluss.app.importing;

import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Labels;
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

    /// Asks for the facts of a run, and waits for the answer.
    ///
    /// @param now the facts so far
    /// @return the facts that the user states, if any
    public static Optional<Map<String, String>> ask(Theme theme, Window owner, Map<String, String> now) {
        return ask(
                theme,
                owner,
                ImportText.FACTS_OF_THIS_RUN,
                ImportText.FACTS_COMPARED.formatted(ImportText.FACTS_HINT),
                now,
                true);
    }

    /// Asks for facts that several runs share, and waits for the answer. Compare can make groups by any of them.
    ///
    /// @param runs how many
    /// @return the facts that the user states, if any
    public static Optional<Map<String, String>> ask(Theme theme, Window owner, int runs) {
        return ask(
                theme,
                owner,
                ImportText.FACTS_OF_RUNS.formatted(runs),
                ImportText.FACTS_AS_TAGS.formatted(ImportText.FACTS_HINT),
                Map.of(),
                false);
    }

    private static Optional<Map<String, String>> ask(
            Theme theme, Window owner, String title, String words, Map<String, String> now, boolean mayBeEmpty) {
        Dialog<ButtonType> dialog = Dialogs.make(theme, owner, title);
        Label why = Labels.note(words);
        TextArea text = new TextArea(Facts.lines(now));
        text.setId("facts");
        text.setAccessibleText(title);
        text.setPrefRowCount(8);
        dialog.getDialogPane().setContent(new VBox(10, why, text));
        dialog.getDialogPane().setPrefWidth(460);
        Dialogs.does(dialog, ImportText.STATE)
                .disableProperty()
                .bind(Bindings.createBooleanBinding(
                        () -> Facts.parse(text.getText())
                                .filter(facts -> mayBeEmpty || !facts.isEmpty())
                                .isEmpty(),
                        text.textProperty()));
        return dialog.showAndWait().filter(ButtonType.OK::equals).flatMap(_ -> Facts.parse(text.getText()));
    }
}
