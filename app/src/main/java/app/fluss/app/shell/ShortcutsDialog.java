package app.fluss.app.shell;

import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.Window;

/// The list of keys, with a field to find one.
final class ShortcutsDialog {
    /// Keys of single views, which no command of the window has.
    private static final List<Line> OF_VIEWS = List.of(
            new Line("Latency", "← → A X", "trial before, next trial, accept, reject"),
            new Line("Frame-time chart", "+ − ← → Home", "zoom, move, whole run"),
            new Line("Frame-time chart", "M, or drag with Shift", "mark a section"),
            new Line("Readings pad", "0–9, Enter", "type a reading, keep it"),
            new Line("Games and runs", "F2", "rename"));

    private final GridPane grid = new GridPane(22, 7);
    private final List<Line> lines;

    private record Line(String where, String keys, String does) {
        boolean has(String words) {
            return (where + " " + keys + " " + does).toLowerCase(Locale.ROOT).contains(words);
        }
    }

    private ShortcutsDialog(List<Command> commands) {
        lines = new ArrayList<>();
        for (Command command : commands) {
            if (!command.keys().isEmpty()) {
                String where = command.on().map(Work::title).orElse("Everywhere");
                lines.add(new Line(where, command.keys(), command.title()));
            }
        }
        lines.addAll(OF_VIEWS);
    }

    static void show(Theme theme, Window owner, List<Command> commands) {
        ShortcutsDialog shortcuts = new ShortcutsDialog(commands);
        Dialog<ButtonType> dialog = Dialogs.make(theme, owner, "Keyboard shortcuts");
        TextField find = new TextField();
        find.setId("find-key");
        find.setPromptText("Find a shortcut");
        find.textProperty().subscribe(shortcuts::fill);
        var scroll = Boxes.scrolling(shortcuts.grid);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        dialog.getDialogPane().setContent(new VBox(10, find, scroll));
        dialog.getDialogPane().setPrefSize(620, 560);
        dialog.getDialogPane().setId("keys-dialog");
        dialog.getDialogPane().getButtonTypes().add(ButtonType.CLOSE);
        Dialogs.focus(dialog, find);
        Dialogs.open(dialog);
    }

    private void fill(String wanted) {
        grid.getChildren().clear();
        int row = 0;
        String before = "";
        for (Line line : lines) {
            if (line.has(wanted.strip().toLowerCase(Locale.ROOT))) {
                Label where = Labels.of(line.where.equals(before) ? "" : line.where, "muted");
                Label keys = Labels.of(line.keys, "strong");
                keys.setMinWidth(Label.USE_PREF_SIZE);
                grid.addRow(row++, where, keys, Labels.wrapped(line.does));
                before = line.where;
            }
        }
        if (row == 0) {
            grid.add(Labels.note("No shortcut matches."), 0, 0);
        }
    }
}
