package app.fluss.app.tune;

import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.WrappingRow;
import app.fluss.core.tune.Ranking;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// What was tried as a grid, and beside it the best with why the others lost.
final class WhatIfBody extends HBox {
    private static final int LOSERS = 6;

    private final WhatIfGrid grid;
    private final Label bestName = Labels.heading("");
    private final Label bestWords = Labels.wrapped("", "small");
    private final VBox losers = new VBox(6);

    /// A cell as it is shown.
    ///
    /// @param row from the top, 0-based
    /// @param column from the left, 0-based
    /// @param name of what was tried
    /// @param figure what it gives
    /// @param below what it costs
    /// @param words all of it, in words
    record Shown(int row, int column, String name, String figure, String below, String words) {}

    /// @param id of the grid
    /// @param note what the cells show
    /// @param foot stands below the losers
    WhatIfBody(String id, String title, String note, Node... foot) {
        super(10);
        grid = new WhatIfGrid(id);
        VBox panel = Boxes.panel(
                new WrappingRow(8, Labels.heading(title), Labels.of(TuneText.BEST_FAIR_REFUSED, "muted")),
                Labels.wrapped(note, "muted", "small"),
                grid);
        HBox.setHgrow(panel, Priority.ALWAYS);
        panel.setMinWidth(0);
        ScrollPane scroll = Boxes.scrolling(Boxes.scrolled(losers));
        VBox.setVgrow(scroll, Priority.ALWAYS);
        VBox side = Boxes.panel(bestName, bestWords, Labels.heading(TuneText.WHY_NOT_OTHERS), scroll);
        side.getChildren().addAll(foot);
        Ems.pref(side, 300);
        Ems.min(side, 260);
        getChildren().setAll(panel, side);
        VBox.setVgrow(this, Priority.ALWAYS);
    }

    /// Shows what was tried.
    ///
    /// @param shown how a cell is shown
    /// @param remedy what would help if nothing suits
    /// @param below why one that suits is not the best
    <C extends Ranking.Candidate> void show(
            List<String> columns,
            List<String> rows,
            Ranking<C> found,
            Function<C, Shown> shown,
            String remedy,
            String below) {
        Optional<C> best = found.best();
        grid.show(
                columns,
                rows,
                found.cells().stream()
                        .map(cell -> cell(shown.apply(cell), cell.refusal(), best.equals(Optional.of(cell))))
                        .toList());
        bestName.setText(best.map(cell -> shown.apply(cell).name).orElse(TuneText.NOTHING_SUITS));
        bestWords.setText(best.map(cell -> shown.apply(cell).words).orElse(remedy));
        losers.getChildren()
                .setAll(found.losers().stream()
                        .limit(LOSERS)
                        .map(cell -> Labels.wrapped(
                                shown.apply(cell).name + ": " + cell.refusal().orElse(below), "small"))
                        .toList());
    }

    private static WhatIfGrid.Cell cell(Shown shown, Optional<String> refusal, boolean best) {
        return new WhatIfGrid.Cell(
                shown.row,
                shown.column,
                shown.figure,
                shown.below,
                shown.words
                        + refusal.map(why -> TuneText.REFUSED_WHAT_IF_BODY.formatted(why))
                                .orElse(""),
                best,
                refusal.isPresent());
    }
}
