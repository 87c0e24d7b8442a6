package app.fluss.app.bench;

import app.fluss.app.model.BenchEdits;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.NumberField;
import app.fluss.app.theme.Theme;
import java.util.Optional;
import javafx.beans.binding.Bindings;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import javafx.stage.Window;

/// Asks for a scene: its game, its name, how long it takes.
final class SceneDialog {
    private static final int LONGEST_S = 3600;

    private SceneDialog() {}

    /// What was answered.
    ///
    /// @param seconds how long the scene takes, 1 or more
    record Answer(String game, String scene, int seconds) {
        void addTo(BenchEdits edits) {
            edits.addScene(game, scene, seconds);
        }
    }

    /// Asks, and waits for the answer.
    ///
    /// @param knownGame the game, if the scene is one more of it; else empty
    static Optional<Answer> ask(Theme theme, Window owner, String knownGame) {
        Dialog<ButtonType> dialog = Dialogs.make(theme, owner, BenchText.ADD_SCENE);
        TextField game = field("scene-game", knownGame, BenchText.TIDEWARDEN);
        TextField scene = field("scene-name", "", BenchText.REED_MARSH_LOOP);
        TextField seconds = field("scene-seconds", "60", "60");
        seconds.setPrefColumnCount(4);
        game.setDisable(!knownGame.isEmpty());
        GridPane grid = new GridPane();
        grid.setHgap(12);
        grid.setVgap(8);
        grid.addRow(0, Labels.of(BenchText.GAME), game);
        grid.addRow(1, Labels.of(BenchText.SCENE), scene);
        grid.addRow(2, Labels.of(BenchText.SECONDS), seconds);
        dialog.getDialogPane().setContent(new VBox(10, Labels.note(BenchText.ROUTE_HINT), grid));
        dialog.getDialogPane().setId("scene-dialog");
        Dialogs.does(dialog, BenchText.ADD_SCENE_NOW)
                .disableProperty()
                .bind(Bindings.createBooleanBinding(
                        () -> game.getText().isBlank()
                                || scene.getText().isBlank()
                                || seconds(seconds.getText()).isEmpty(),
                        game.textProperty(),
                        scene.textProperty(),
                        seconds.textProperty()));
        Dialogs.focus(dialog, knownGame.isEmpty() ? game : scene);
        return dialog.showAndWait()
                .filter(ButtonType.OK::equals)
                .map(_ -> new Answer(
                        game.getText().strip(),
                        scene.getText().strip(),
                        seconds(seconds.getText()).orElseThrow()));
    }

    private static TextField field(String id, String text, String prompt) {
        TextField field = new TextField(text);
        field.setId(id);
        field.setPromptText(prompt);
        return field;
    }

    /// The seconds that a text states, if it states some.
    static Optional<Integer> seconds(String text) {
        double value = NumberField.value(text);
        return value >= 1 && value <= LONGEST_S ? Optional.of((int) Math.round(value)) : Optional.empty();
    }
}
