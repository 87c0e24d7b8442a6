package app.fluss.app.quick;

import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.Tips;
import app.fluss.core.reading.QuickRow;
import app.fluss.core.reading.QuickRow.Column;
import app.fluss.files.log.QuickTable;
import app.fluss.files.study.DeliveryPath;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.Window;

/// A table into which runs are typed or pasted, a row each. The last row is always an empty one.
final class QuickDialog {
    private static final ButtonType ADD = new ButtonType(QuickText.ADD_RUNS, ButtonBar.ButtonData.OK_DONE);

    private final Dialog<ButtonType> dialog;
    private final List<DeliveryPath> paths;
    private final boolean single;
    private final GridPane grid = new GridPane(5, 5);
    private final List<QuickRowFields> fields = new ArrayList<>();
    private final Label state = Labels.of("", "muted");
    private final Button add;
    private QuickRows rows = QuickRows.of(List.of());
    private boolean filling;

    /// @param paths those that are known
    /// @param single whether one run is corrected, and none can be added
    QuickDialog(Theme theme, Window owner, List<DeliveryPath> paths, boolean single) {
        this.paths = paths;
        this.single = single;
        dialog = Dialogs.make(theme, owner, single ? QuickText.CORRECT_RUN : QuickText.ENTER_READINGS);
        grid.setId("quick-grid");
        heads();
        ScrollPane scroll = new ScrollPane(grid);
        scroll.setFitToHeight(false);
        scroll.getStyleClass().add("form");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        state.setId("quick-state");
        state.setMinWidth(0);
        HBox foot = Boxes.row(state);
        HBox.setHgrow(state, Priority.ALWAYS);
        VBox content = new VBox(10, scroll, foot);
        if (!single) {
            Button paste =
                    Buttons.quiet(QuickText.PASTE_TABLE, QuickText.PASTE_TABLE_TIP, () -> paste(fields.size() - 1));
            paste.setId("quick-paste");
            foot.getChildren().addAll(Boxes.spacer(), paste);
            content.getChildren().addFirst(Labels.note(QuickText.TABLE_HINT));
            scroll.setPrefViewportHeight(300);
        }
        dialog.getDialogPane().setContent(content);
        dialog.getDialogPane().getButtonTypes().addAll(ADD, ButtonType.CANCEL);
        dialog.getDialogPane().setId("quick-dialog");
        add = (Button) dialog.getDialogPane().lookupButton(ADD);
        add.setId("quick-add");
        add.setMinWidth(Button.USE_PREF_SIZE);
        ButtonBar.setButtonUniformSize(add, false);
        // Enter goes on to the next row; the button is reached by Tab or Ctrl+Enter.
        add.setDefaultButton(single);
        add.getStyleClass().add("primary");
        content.addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
        dialog.setOnShown(_ -> Platform.runLater(fields.getFirst().first()::requestFocus));
    }

    private void heads() {
        int c = 0;
        for (Column column : Column.values()) {
            Label head = Labels.of(column.title(), "muted", "small");
            head.setMinWidth(Label.USE_PREF_SIZE);
            explain(column, head);
            grid.add(head, c++, 0);
            if (column == Column.PATH) {
                grid.add(Labels.of(QuickText.TAKEN_FOR, "muted", "small"), c++, 0);
            }
        }
    }

    private static void explain(Column column, Label head) {
        String words = switch (column) {
            case LOW -> QuickText.LOW_TIP;
            case CONVENTION -> QuickText.LOW_BY_TIP;
            case FELT -> QuickText.FELT_TIP;
            case AVERAGE -> QuickText.RATE_TIP;
            default -> "";
        };
        if (!words.isEmpty()) {
            Tips.on(head, words);
        }
    }

    private void addRow(QuickRow row) {
        QuickRowFields made = new QuickRowFields(fields.size() + 1, paths, this::check);
        fields.add(made);
        made.show(row);
        int c = 0;
        for (Node node : made.nodes()) {
            grid.add(node, c++, fields.size());
        }
    }

    private void fill(int from, List<QuickRow> pasted) {
        filling = true;
        int at = from;
        for (QuickRow row : pasted) {
            if (at < fields.size()) {
                fields.get(at).show(row);
            } else {
                addRow(row);
            }
            at++;
        }
        filling = false;
        check();
    }

    private void check() {
        if (filling) {
            return;
        }
        List<QuickRow> typed = fields.stream().map(QuickRowFields::row).toList();
        rows = QuickRows.of(typed);
        for (int i = 0; i < fields.size(); i++) {
            fields.get(i).carry(rows.whole().get(i));
        }
        int n = rows.read().size();
        state.getStyleClass().setAll("label", rows.problem().isPresent() ? "chip-warm" : "muted");
        state.setText(rows.problem()
                .map(wrong ->
                        QuickText.ROW.formatted(wrong.row() + 1, wrong.column().title(), wrong.why()))
                .orElse(counted(n) + alike()));
        add.setDisable(n == 0 || rows.problem().isPresent());
        add.setText(
                single
                        ? QuickText.CORRECT_THIS_RUN
                        : n <= 1 ? QuickText.ADD_RUN : QuickText.ADD_SO_MANY_RUNS.formatted(n));
        if (!single && (fields.isEmpty() || !typed.getLast().isBlank()) && fields.size() < QuickTable.MOST_ROWS) {
            filling = true;
            addRow(QuickRow.EMPTY);
            filling = false;
            check();
        }
    }

    private static String counted(int runs) {
        return runs == 0 ? QuickText.NOTHING_TYPED_YET : runs == 1 ? QuickText.RUN : QuickText.RUNS.formatted(runs);
    }

    private String alike() {
        return rows.alike(paths)
                .map(two -> QuickText.NEAR_NAME.formatted(two.second(), two.first()))
                .orElse("");
    }

    private void pressed(KeyEvent event) {
        int row = event.getTarget() instanceof Node field ? QuickRowFields.rowOf(field) : -1;
        if (event.getCode() == KeyCode.ENTER && event.isShortcutDown()) {
            add.fire();
            event.consume();
        } else if (event.getCode() == KeyCode.ENTER && row >= 0 && row + 1 < fields.size()) {
            fields.get(row + 1).first().requestFocus();
            event.consume();
        } else if (event.getCode() == KeyCode.V && event.isShortcutDown() && row >= 0 && !single && isTable()) {
            paste(row);
            event.consume();
        }
    }

    private static boolean isTable() {
        String text = Clipboard.getSystemClipboard().getString();
        return text != null && (text.contains("\t") || text.strip().contains("\n"));
    }

    private void paste(int row) {
        String text = Clipboard.getSystemClipboard().getString();
        QuickTable.Pasted pasted = QuickTable.read(text == null ? "" : text);
        fill(row, pasted.rows());
        if (pasted.rows().isEmpty()) {
            state.setText(QuickText.NO_TABLE_COPIED);
        } else if (pasted.cut()) {
            state.setText(QuickText.TOO_MANY_ROWS.formatted(QuickTable.MOST_ROWS));
        }
    }

    /// Asks without blocking; `then` gets the rows if the user adds them.
    ///
    /// @param begin rows to begin with
    void ask(List<QuickRow> begin, Consumer<QuickRows> then) {
        fill(0, begin);
        dialog.resultProperty().subscribe(result -> {
            if (result == ADD) {
                then.accept(rows);
            }
        });
        Dialogs.open(dialog);
    }
}
