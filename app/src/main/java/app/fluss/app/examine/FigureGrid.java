package app.fluss.app.examine;

import app.fluss.app.theme.Numbers;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Limits;
import app.fluss.core.measure.LowConvention;
import app.fluss.core.measure.Lows;
import app.fluss.core.measure.RefreshLedger;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import javafx.geometry.HPos;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;

/// The figures of a run and of its sections, side by side, each with its definition as a tooltip.
final class FigureGrid extends GridPane {
    FigureGrid() {
        setId("figures");
        setHgap(14);
        setVgap(2.5);
    }

    /// One figure of one stretch, for people.
    private record Cell(String text, String reason) {
        static Cell of(Figure figure, int decimals) {
            return new Cell(Numbers.text(figure, decimals), Numbers.reason(figure));
        }
    }

    /// One row.
    private record Row(String name, String definition, Function<Analysis, Cell> cell) {}

    /// @param names of the stretches, the whole run first
    void show(List<String> names, List<Analysis> stretches, LowConvention convention) {
        getChildren().clear();
        getColumnConstraints().clear();
        ColumnConstraints first = new ColumnConstraints();
        first.setHgrow(Priority.ALWAYS);
        getColumnConstraints().add(first);
        for (int s = 0; s < stretches.size(); s++) {
            ColumnConstraints column = new ColumnConstraints();
            column.setHalignment(HPos.RIGHT);
            getColumnConstraints().add(column);
            if (stretches.size() > 1) {
                Label head = new Label(names.get(s));
                head.getStyleClass().add("muted");
                add(head, s + 1, 0);
            }
        }
        List<Row> rows = rows(convention);
        for (int r = 0; r < rows.size(); r++) {
            Row row = rows.get(r);
            Label name = new Label(row.name);
            name.getStyleClass().add("muted");
            name.setMinWidth(USE_PREF_SIZE);
            name.setTooltip(new Tooltip(row.definition));
            add(name, 0, r + 1);
            for (int s = 0; s < stretches.size(); s++) {
                Cell cell = row.cell.apply(stretches.get(s));
                Label value = new Label(cell.text);
                value.setMinWidth(USE_PREF_SIZE);
                value.getStyleClass().add("strong");
                value.setTooltip(new Tooltip(row.definition + (cell.reason.isEmpty() ? "" : "\n" + cell.reason)));
                add(value, s + 1, r + 1);
            }
        }
    }

    /// The figures as tab-separated text.
    String asText(List<String> names, List<Analysis> stretches, LowConvention convention) {
        StringBuilder text =
                new StringBuilder("figure\t").append(String.join("\t", names)).append('\n');
        for (Row row : rows(convention)) {
            text.append(row.name)
                    .append('\t')
                    .append(stretches.stream()
                            .map(stretch -> row.cell.apply(stretch).text)
                            .collect(Collectors.joining("\t")))
                    .append('\n');
        }
        return text.toString();
    }

    private static List<Row> rows(LowConvention convention) {
        List<Row> rows = new ArrayList<>();
        String how = "Convention: " + name(convention) + ". " + definition(convention);
        rows.add(new Row("1 % low, /s", how, run -> low(run.onePercentLow(), convention)));
        rows.add(new Row("0.1 % low, /s", how, run -> low(run.tenthPercentLow(), convention)));
        rows.add(new Row(
                "median, ms", "Middle frame time.", run -> Cell.of(run.spread().median(), 2)));
        rows.add(new Row(
                "spread, sd, ms",
                "Standard deviation of the frame times, n − 1.",
                run -> Cell.of(run.spread().sd(), 2)));
        rows.add(new Row(
                "p95 − p5, ms",
                "Width of the middle nine tenths of the frame times.",
                run -> Cell.of(run.spread().middleNinety(), 2)));
        rows.add(new Row(
                "p99, ms",
                "99 % quantile of the frame times, type 7.",
                run -> Cell.of(run.spread().p99(), 2)));
        rows.add(new Row(
                "step to step, ms",
                "Mean difference of successive frame times.",
                run -> Cell.of(run.pacing().successiveDifferenceMean(), 2)));
        rows.add(new Row(
                "lag-1",
                "Autocorrelation of successive frame times; near −1 where long and short ones alternate.",
                run -> Cell.of(run.pacing().lag1(), 2)));
        rows.add(new Row(
                "stutters, /min",
                "Frames over twice the median of the 51 around them and more than 4 ms above it.",
                run -> Cell.of(run.stutters().perMinute(), 1)));
        rows.add(new Row(
                "motion error, ms",
                "Mean difference between the step in displayed time and the step in game time.",
                run -> Cell.of(run.motion().meanAbs(), 2)));
        rows.add(new Row(
                "even share",
                "Share of images with the commonest hold.",
                run -> new Cell(Numbers.percent(evenShare(run), 0), Numbers.reason(evenShare(run)))));
        rows.add(new Row(
                "lost",
                "Images that never reached the panel.",
                run -> run.ledger()
                        .map(ledger -> new Cell(Numbers.text(ledger.lost(), 0), ""))
                        .orElseGet(() -> new Cell(Numbers.MISSING, "No refresh rate is stated."))));
        rows.add(new Row("limit", "What held most frames up.", run -> limit(run)));
        return rows;
    }

    private static Cell low(Lows lows, LowConvention convention) {
        Cell cell = Cell.of(lows.by(convention), 1);
        return lows.isWeak() && lows.by(convention).isKnown()
                ? new Cell("~ " + cell.text, "Weak: rests on %d frames.".formatted(lows.tailFrames()))
                : cell;
    }

    private static Figure evenShare(Analysis run) {
        return run.ledger().map(RefreshLedger::evenShare).orElseGet(() -> Figure.missing("no refresh rate is stated"));
    }

    private static Cell limit(Analysis run) {
        return run.limits()
                .most()
                .map(held -> new Cell(
                        name(held),
                        "In %s of the frames."
                                .formatted(Numbers.percent(run.limits().share(held), 0))))
                .orElseGet(() -> new Cell(Numbers.MISSING, ""));
    }

    private static String name(Limits.Held held) {
        return switch (held) {
            case GPU -> "GPU";
            case CPU -> "CPU";
            case CAP -> "cap";
            case MIXED -> "mixed";
            case UNKNOWN -> "unknown";
        };
    }

    static String name(LowConvention convention) {
        return switch (convention) {
            case PERCENTILE -> "percentile";
            case SLOWEST_MEAN -> "slowest mean";
            case TIME_WEIGHTED -> "time-weighted";
        };
    }

    private static String definition(LowConvention convention) {
        return switch (convention) {
            case PERCENTILE -> "1000 / the 99 % (99.9 %) quantile of the frame times.";
            case SLOWEST_MEAN -> "1000 / the mean of the slowest 1 % (0.1 %) of frames.";
            case TIME_WEIGHTED ->
                "1000 / the frame time at which the slowest frames add up to 1 % (0.1 %) of the time.";
        };
    }
}
