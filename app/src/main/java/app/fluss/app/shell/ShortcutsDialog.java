package app.fluss.app.shell;

import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Theme;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.stage.Window;

/// The list of keys.
final class ShortcutsDialog {
    private static final String[][] KEYS = {
        {"Ctrl+O", "open a log or a study"},
        {"Ctrl+E", "enter readings from an overlay or a tool"},
        {"Ctrl+M", "what can I measure with what I have?"},
        {"Ctrl+R", "simulate a measurement"},
        {"Ctrl+1 … Ctrl+7", "Bench, Plan, Capture, Examine, Compare, Decide, Tune"},
        {"Ctrl+Space, Ctrl+Enter", "in Capture: start the scene, keep the run"},
        {"Ctrl+P", "in Capture: go to the readings pad"},
        {"Ctrl+T", "in Capture: the path was switched on or off just now"},
        {"Ctrl+L, Ctrl+G, Ctrl+P, Ctrl+K", "in Examine: latency, path, pictures, counter"},
        {"← → A X", "in the latency of a run: trial before, next trial, accept, reject"},
        {"Ctrl+F", "find a game, path or run"},
        {"Ctrl+Z, Ctrl+Y", "undo, redo"},
        {"Ctrl+Delete", "in Examine and Compare: remove the selected run (can be undone)"},
        {"Ctrl+Shift+C", "copy the figures or the comparison"},
        {"Ctrl+Shift+R", "report: preview, save, print"},
        {"Ctrl+D", "light or dark"},
        {"Ctrl++, Ctrl+−, Ctrl+0", "larger, smaller, usual text"},
        {"+ − ← →, Home", "in the frame-time band: zoom, pan, whole run"},
        {"M, or Shift and drag", "in the frame-time band: mark a section"},
        {"Esc", "stop what is running, put a message away"},
        {"F1", "this list"}
    };

    private ShortcutsDialog() {}

    static void show(Theme theme, Window owner) {
        Dialog<ButtonType> dialog = Dialogs.make(theme, owner, "Keys");
        GridPane grid = new GridPane();
        grid.setHgap(22);
        grid.setVgap(7);
        for (int i = 0; i < KEYS.length; i++) {
            Label key = new Label(KEYS[i][0]);
            key.getStyleClass().add("strong");
            grid.add(key, 0, i);
            grid.add(new Label(KEYS[i][1]), 1, i);
        }
        dialog.getDialogPane().setContent(grid);
        dialog.getDialogPane().getButtonTypes().add(ButtonType.CLOSE);
        dialog.show();
    }
}
