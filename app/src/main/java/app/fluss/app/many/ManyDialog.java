package app.fluss.app.many;

import app.fluss.app.model.Contents;
import app.fluss.app.model.EvidenceEdits.FileOfRun;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.core.reading.QuickRow;
import app.fluss.files.log.MappingMemory;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.Window;

/// One table for many files: what each is, and of what game, scene and path; all can be set at once.
final class ManyDialog {
    private static final ButtonType ADD = new ButtonType(ManyText.ADD_RUNS, ButtonBar.ButtonData.OK_DONE);
    private static final List<String> HEADS = List.of(
            "", ManyText.FILE, ManyText.WHAT_IT_IS, ManyText.GAME, ManyText.SCENE, ManyText.PATH, ManyText.TAKEN_FOR);

    private final Dialog<ButtonType> dialog;
    private final List<ManyRow> rows = new ArrayList<>();
    private final Label state = Labels.of("", "muted");
    private final Button add;

    ManyDialog(Theme theme, Window owner, List<SeenFile> seen, Contents contents, MappingMemory memory) {
        dialog = Dialogs.make(theme, owner, ManyText.ADD_MANY_FILES);
        List<SeenFile> runs = seen.stream().filter(SeenFile::makesRun).toList();
        GridPane grid = new GridPane(8, 5);
        grid.setId("many-grid");
        for (int c = 0; c < HEADS.size(); c++) {
            grid.add(Labels.of(HEADS.get(c), "muted", "small"), c, 0);
        }
        for (SeenFile file : seen) {
            ManyRow row = new ManyRow(file, rows.size() + 1, runs, contents, memory, this::check);
            rows.add(row);
            for (int c = 0; c < row.nodes().size(); c++) {
                grid.add(row.nodes().get(c), c, rows.size());
            }
        }
        ScrollPane scroll = new ScrollPane(grid);
        scroll.getStyleClass().add("form");
        scroll.setPrefViewportHeight(330);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        state.setId("many-state");
        dialog.getDialogPane()
                .setContent(new VBox(
                        10,
                        Labels.note(ManyText.GUESSED_HINT),
                        Boxes.row(
                                Labels.of(ManyText.FOR_ALL),
                                all("many-game", ManyText.GAME, ManyRow::setGame),
                                all("many-scene", ManyText.SCENE, ManyRow::setScene)),
                        scroll,
                        state));
        dialog.getDialogPane().getButtonTypes().addAll(ADD, ButtonType.CANCEL);
        dialog.getDialogPane().setPrefWidth(1000);
        dialog.getDialogPane().setId("many-dialog");
        add = (Button) dialog.getDialogPane().lookupButton(ADD);
        add.setId("many-add");
        add.setMinWidth(Button.USE_PREF_SIZE);
        ButtonBar.setButtonUniformSize(add, false);
        check();
    }

    private TextField all(String id, String what, BiConsumer<ManyRow, String> set) {
        TextField field = new TextField();
        field.setId(id);
        field.setPromptText(what);
        field.textProperty().subscribe((_, text) -> {
            if (!text.isBlank()) {
                rows.forEach(row -> set.accept(row, text));
            }
        });
        return field;
    }

    private void check() {
        long runs = rows.stream().filter(ManyRow::addsRun).count();
        String problem = rows.stream()
                .map(ManyRow::problem)
                .filter(words -> !words.isEmpty())
                .findFirst()
                .orElse("");
        state.getStyleClass().setAll("label", problem.isEmpty() ? "muted" : "chip-warm");
        state.setText(problem.isEmpty() ? ManyText.FILES_USED.formatted(runs, rows.size()) : problem);
        add.setDisable(runs == 0 || !problem.isEmpty());
        add.setText(runs == 1 ? ManyText.ADD_1_RUN : ManyText.ADD_SO_MANY_RUNS.formatted(runs));
    }

    /// Asks without blocking; `then` gets the runs if the user adds them.
    void ask(Consumer<List<FileOfRun>> then) {
        dialog.resultProperty().subscribe(result -> {
            if (result == ADD) {
                then.accept(rows.stream()
                        .filter(ManyRow::addsRun)
                        .map(row -> row.run(rows))
                        .toList());
            }
        });
        Dialogs.open(dialog);
    }

    /// The scene of a file of which no more is known.
    static String usualScene(Contents contents) {
        return contents.scenes().isEmpty()
                ? QuickRow.SCENE
                : contents.scenes().getFirst().name();
    }
}
