package app.fluss.app.tune;

import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Tips;
import app.fluss.core.measure.Figure;
import app.fluss.core.tune.CapGrid;
import app.fluss.core.tune.TuneCell;
import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// The cap grid: caps down, multipliers across. ★ the best, ● within reach, ▲ with a warning, ◐ wasteful, ✕ refused;
/// the
/// words say why.
final class CapCells extends GridPane {
    private final Consumer<TuneCell> choose;

    /// @param choose is told which cell the user wants
    CapCells(Consumer<TuneCell> choose) {
        this.choose = choose;
        setId("cap-grid");
        setHgap(5);
        setVgap(5);
    }

    void show(List<CapGrid.Ranked> ranked, TuneCell chosen) {
        getChildren().clear();
        getColumnConstraints().clear();
        getColumnConstraints().add(new ColumnConstraints());
        List<Double> caps = ranked.stream()
                .map(one -> one.cell().capFps())
                .distinct()
                .sorted()
                .toList();
        List<Integer> multipliers = ranked.stream()
                .map(one -> one.cell().multiplier())
                .distinct()
                .sorted()
                .toList();
        for (int c = 0; c < multipliers.size(); c++) {
            int m = multipliers.get(c);
            ColumnConstraints column = new ColumnConstraints();
            column.setHgrow(Priority.ALWAYS);
            column.setPercentWidth(88.0 / multipliers.size());
            getColumnConstraints().add(column);
            add(Labels.of(m == 1 ? TuneText.NO_GENERATION : m + "×", "muted"), c + 1, 0);
        }
        for (int row = 0; row < caps.size(); row++) {
            double cap = caps.get(row);
            Label name = Labels.of(Double.isNaN(cap) ? TuneText.NO_CAP : Numbers.text(cap, 0) + " /s", "strong");
            name.setMinWidth(USE_PREF_SIZE);
            add(name, 0, row + 1);
        }
        for (CapGrid.Ranked one : ranked) {
            add(
                    cell(one, one.equals(ranked.getFirst()), one.cell().equals(chosen)),
                    multipliers.indexOf(one.cell().multiplier()) + 1,
                    caps.indexOf(one.cell().capFps()) + 1);
        }
    }

    private VBox cell(CapGrid.Ranked ranked, boolean best, boolean chosen) {
        TuneCell cell = ranked.cell();
        boolean wasteful = cell.isWasteful();
        boolean refused = ranked.refused().isPresent();
        boolean warned = ranked.warned().isPresent();
        String mark = best && !refused ? "★" : refused ? "✕" : warned ? "▲" : wasteful ? "◐" : "●";
        Label rate = Labels.of(mark + " " + Numbers.text(cell.deliveredFps(), 0) + " /s", "strong");
        Label cost = Labels.of(
                TuneText.MS_PERCENT.formatted(Numbers.signed(cell.addedMs(), 1), Numbers.text(cell.load() * 100, 0)),
                "muted",
                "small");
        VBox box = new VBox(-2, rate, cost);
        box.setAlignment(Pos.CENTER_LEFT);
        box.getStyleClass()
                .addAll("tune-cell", best && !refused ? "tune-best" : refused ? "tune-refused" : "tune-fair");
        if (chosen) {
            box.getStyleClass().add("tune-chosen");
        }
        box.setFocusTraversable(true);
        String words = words(ranked);
        Tips.on(box, words);
        box.setAccessibleText(words);
        box.setOnMouseClicked(_ -> choose.accept(cell));
        box.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
                choose.accept(cell);
                event.consume();
            }
        });
        HBox.setHgrow(box, Priority.ALWAYS);
        return box;
    }

    /// What a cell gives, in words.
    static String words(CapGrid.Ranked ranked) {
        TuneCell cell = ranked.cell();
        String said = TuneText.CELL_FIGURES.formatted(
                Numbers.text(cell.baseFps(), 1),
                Double.isNaN(cell.capHeld()) ? "" : TuneText.CAP_KEPT.formatted(Numbers.text(cell.capHeld() * 100, 0)),
                Numbers.text(cell.rates().presented(), 1),
                Numbers.text(cell.deliveredFps(), 1),
                Numbers.text(Math.max(0, cell.surplusFps()), 1),
                Numbers.text(cell.latencyMs(), 1),
                Numbers.text(cell.addedMs(), 1),
                Numbers.text(cell.motionMs(), 1),
                Numbers.percent(Figure.ofFinite(cell.evenShare(), TuneText.NO_REFRESH), 0),
                Numbers.text(cell.load() * 100, 0));
        String warned =
                ranked.warned().map(why -> TuneText.WARNING.formatted(why)).orElse("");
        return ranked.refused()
                .map(why -> TuneText.REFUSED.formatted(said, why))
                .orElse(said + "." + warned);
    }
}
