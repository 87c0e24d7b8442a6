package app.fluss.app.shell;

import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.Window;
import org.jspecify.annotations.Nullable;

/// Everything that can be done, found by typing a part of what it is called.
final class CommandPalette {
    private final List<Command> commands;
    private final ListView<Command> list = new ListView<>();
    private final TextField find = new TextField();

    private CommandPalette(List<Command> commands) {
        this.commands = commands;
    }

    /// Lets the user choose, and does what was chosen once the dialog is closed.
    static void ask(Theme theme, Window owner, List<Command> commands) {
        CommandPalette palette = new CommandPalette(commands);
        Dialog<ButtonType> dialog = Dialogs.make(theme, owner, ShellText.COMMANDS);
        palette.fill(dialog);
        dialog.showAndWait()
                .filter(ButtonType.OK::equals)
                .flatMap(_ -> palette.chosen())
                .ifPresent(command -> command.action().run());
    }

    private void fill(Dialog<ButtonType> dialog) {
        find.setId("palette-find");
        find.setPromptText(ShellText.PALETTE_PROMPT);
        find.setAccessibleText(ShellText.PALETTE_TITLE);
        list.setId("palette-list");
        list.setCellFactory(_ -> new CommandCell());
        list.setPlaceholder(Labels.note(ShellText.NOTHING_MATCHES));
        find.textProperty().subscribe(this::narrow);
        find.addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            int step = event.getCode() == KeyCode.DOWN ? 1 : event.getCode() == KeyCode.UP ? -1 : 0;
            if (step != 0) {
                int to = Math.clamp(
                        list.getSelectionModel().getSelectedIndex() + step,
                        0,
                        list.getItems().size());
                list.getSelectionModel().select(Math.min(to, list.getItems().size() - 1));
                list.scrollTo(Math.max(0, to - 4));
                event.consume();
            }
        });
        list.setOnMouseClicked(event -> {
            if (event.getButton() == MouseButton.PRIMARY) {
                dialog.setResult(ButtonType.OK);
            }
        });
        VBox.setVgrow(list, Priority.ALWAYS);
        dialog.getDialogPane().setContent(new VBox(8, find, list));
        dialog.getDialogPane().setPrefSize(560, 460);
        dialog.getDialogPane().setId("palette");
        Dialogs.does(dialog, ShellText.DO_IT);
        Dialogs.focus(dialog, find);
    }

    private Optional<Command> chosen() {
        return Optional.ofNullable(list.getSelectionModel().getSelectedItem());
    }

    private void narrow(String typed) {
        List<String> words = Arrays.stream(typed.toLowerCase(Locale.ROOT).split("\\s+"))
                .filter(word -> !word.isEmpty())
                .toList();
        list.getItems()
                .setAll(commands.stream()
                        .filter(command -> {
                            String title = command.wholeTitle().toLowerCase(Locale.ROOT);
                            return words.stream().allMatch(title::contains);
                        })
                        .toList());
        list.getSelectionModel().selectFirst();
    }

    private static final class CommandCell extends ListCell<Command> {
        @Override
        protected void updateItem(@Nullable Command command, boolean empty) {
            super.updateItem(command, empty);
            if (empty || command == null) {
                setGraphic(null);
                return;
            }
            Label title = Labels.of(command.wholeTitle());
            title.setMinWidth(0);
            Label keys = Labels.of(command.keys(), "muted");
            keys.setMinWidth(USE_PREF_SIZE);
            setPrefWidth(0);
            setGraphic(Boxes.row(title, Boxes.spacer(), keys));
            setAccessibleText(command.wholeTitle());
        }
    }
}
