package app.fluss.app.tune;

import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Tips;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// One setting down, another across. ★ the best, ● within reach, ✕ refused; the words say why.
final class WhatIfGrid extends GridPane {
    WhatIfGrid(String id) {
        setId(id);
        setHgap(5);
        setVgap(5);
    }

    /// A cell.
    ///
    /// @param row from the top, 0-based
    /// @param column from the left, 0-based
    /// @param figure what it gives
    /// @param below what it costs
    /// @param words all of it, in words
    record Cell(int row, int column, String figure, String below, String words, boolean best, boolean refused) {}

    void show(List<String> columns, List<String> rows, List<Cell> cells) {
        getChildren().clear();
        getColumnConstraints().setAll(new ColumnConstraints());
        for (int i = 0; i < columns.size(); i++) {
            ColumnConstraints column = new ColumnConstraints();
            column.setHgrow(Priority.ALWAYS);
            column.setPrefWidth(100);
            getColumnConstraints().add(column);
            add(Labels.of(columns.get(i), "muted"), i + 1, 0);
        }
        for (int i = 0; i < rows.size(); i++) {
            var name = Labels.of(rows.get(i), "strong");
            name.setMinWidth(USE_PREF_SIZE);
            add(name, 0, i + 1);
        }
        for (Cell cell : cells) {
            add(box(cell), cell.column + 1, cell.row + 1);
        }
    }

    private static VBox box(Cell cell) {
        String mark = cell.best ? "★ " : cell.refused ? "✕ " : "● ";
        VBox box = new VBox(-2, Labels.of(mark + cell.figure, "strong"), Labels.of(cell.below, "muted", "small"));
        box.setAlignment(Pos.CENTER_LEFT);
        box.getStyleClass().addAll("tune-cell", cell.best ? "tune-best" : cell.refused ? "tune-refused" : "tune-fair");
        box.setFocusTraversable(true);
        Tips.on(box, cell.words);
        box.setAccessibleText(cell.words);
        return box;
    }
}
