package app.fluss.app.path;

import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.ShareBar;
import app.fluss.app.theme.Tips;
import app.fluss.core.compare.Interval;
import app.fluss.core.measure.Figure;
import app.fluss.core.vr.RuleRange;
import app.fluss.files.table.DataTable;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// Figures in rows and columns, each with its interval below it.
final class FigureTable extends GridPane {
    private static final double WIDEST_NAMES = 260;

    private final List<List<String>> rows = new ArrayList<>();
    private final List<String> heads;
    private final ShareBar share;
    private int row;

    /// @param heads of the columns; the first is that of the names
    FigureTable(String id, String... heads) {
        this.heads = List.of(heads);
        share = ShareBar.ofTable(id, this::data);
        setId(id);
        setHgap(12);
        setVgap(4);
        for (int column = 0; column < heads.length; column++) {
            ColumnConstraints constraints = new ColumnConstraints();
            if (column == 0) {
                // Names grow a little only: on a wide window figures must not drift away from them.
                constraints.setHgrow(Priority.ALWAYS);
                constraints.setMaxWidth(WIDEST_NAMES);
            }
            constraints.setHalignment(column == 0 ? HPos.LEFT : HPos.RIGHT);
            getColumnConstraints().add(constraints);
            Label head = Labels.of(heads[column], "muted", "small");
            head.setMinWidth(USE_PREF_SIZE);
            add(head, column, 0);
        }
        row = 1;
    }

    /// One cell.
    ///
    /// @param plain what stands in its place in a file, numbers in neutral form
    record Cell(String text, String below, String tip, String plain) {
        Cell(String text, String below, String tip) {
            this(text, below, tip, below.isEmpty() ? text : "%s [%s]".formatted(text, below));
        }

        static Cell of(Figure figure, String text) {
            return new Cell(figure.isKnown() ? text : Numbers.MISSING, "", Numbers.reason(figure), plain(figure, ""));
        }

        static Cell of(Figure figure, int decimals, String unit) {
            String text = Numbers.text(figure, decimals) + unit;
            return new Cell(figure.isKnown() ? text : Numbers.MISSING, "", Numbers.reason(figure), plain(figure, unit));
        }

        private static String plain(Figure figure, String unit) {
            return figure.isKnown() ? app.fluss.files.table.Cell.of(figure) + unit : "";
        }

        private static String plain(double low, double high) {
            return " [%s, %s]".formatted(app.fluss.files.table.Cell.of(low), app.fluss.files.table.Cell.of(high));
        }

        /// The ends of an interval; nothing where they round to the same.
        static String ends(Interval interval, double times, int decimals) {
            return ends(interval.low() * times, interval.high() * times, decimals);
        }

        private static String ends(double low, double high, int decimals) {
            String from = Numbers.text(low, decimals);
            String to = Numbers.text(high, decimals);
            return from.equals(to) ? "" : from + " to " + to;
        }

        /// With its range over the rules of compositors.
        ///
        /// @param times what all are multiplied by for people: 100 for percent
        static Cell of(Figure figure, RuleRange.Span span, double times, String unit, String tip) {
            String below = Double.isNaN(span.low()) ? "" : ends(span.low() * times, span.high() * times, 1);
            return new Cell(
                    Numbers.text(figure.map(value -> value * times), 1) + (figure.isKnown() ? unit : ""),
                    below.isEmpty() ? "" : below + unit,
                    figure.isKnown() ? tip : Numbers.reason(figure),
                    plain(figure.map(value -> value * times), unit)
                            + (below.isEmpty() ? "" : plain(span.low() * times, span.high() * times)));
        }

        /// With its interval.
        ///
        /// @param times what both are multiplied by for people: 100 for percent
        static Cell of(Figure figure, Optional<Interval> interval, double times, int decimals, String unit) {
            String below = interval.map(i -> ends(i, times, decimals)).orElse("");
            return new Cell(
                    figure.isKnown()
                            ? Numbers.text(figure.map(value -> value * times), decimals) + unit
                            : Numbers.MISSING,
                    below,
                    figure.isKnown()
                            ? interval.isEmpty() ? PathText.NO_INTERVAL_TIP : PathText.INTERVAL_TIP
                            : Numbers.reason(figure),
                    plain(figure.map(value -> value * times), unit)
                            + interval.map(i -> plain(i.low() * times, i.high() * times))
                                    .orElse(""));
        }
    }

    /// With intervals in brackets behind their figures.
    private Optional<DataTable> data() {
        return rows.isEmpty() ? Optional.empty() : Optional.of(new DataTable(heads, rows));
    }

    /// Adds a row.
    void row(String name, String about, Cell... cells) {
        Node named = about.isEmpty()
                ? Labels.of(name, "strong")
                : new VBox(-2, Labels.of(name, "strong"), Labels.of(about, "muted", "small"));
        setValignment(named, VPos.TOP);
        add(named, 0, row);
        for (int column = 0; column < cells.length; column++) {
            Cell cell = cells[column];
            Label value = Labels.of(cell.text, "strong");
            value.setMinWidth(USE_PREF_SIZE);
            VBox box = new VBox(-2, value);
            if (!cell.below.isEmpty()) {
                Label below = Labels.of(cell.below, "muted", "small");
                below.setMinWidth(USE_PREF_SIZE);
                box.getChildren().add(below);
            }
            box.setAlignment(Pos.TOP_RIGHT);
            if (!cell.tip.isEmpty()) {
                Tips.on(box, cell.tip);
            }
            add(box, column + 1, row);
        }
        rows.add(texts(about.isEmpty() ? name : "%s, %s".formatted(name, about), cells));
        row++;
        getChildren().remove(share);
        add(share, 0, row, heads.size(), 1);
    }

    private List<String> texts(String name, Cell... cells) {
        List<String> texts = new ArrayList<>(List.of(name));
        for (Cell cell : cells) {
            texts.add(cell.plain);
        }
        while (texts.size() < heads.size()) {
            texts.add("");
        }
        return texts;
    }
}
