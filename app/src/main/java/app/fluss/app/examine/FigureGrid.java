package app.fluss.app.examine;

import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Tips;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Description;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Limits;
import app.fluss.core.measure.LowConvention;
import app.fluss.core.measure.Lows;
import app.fluss.core.measure.Measure;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import javafx.geometry.HPos;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;

/// The figures of a run and of its sections, side by side, each with its definition as a tooltip.
final class FigureGrid extends GridPane {
    private static final List<Measure> OTHERS = List.of(
            Measure.MEDIAN,
            Measure.SPREAD,
            Measure.MIDDLE_NINETY,
            Measure.P99,
            Measure.SUCCESSIVE,
            Measure.LAG1,
            Measure.STUTTERS,
            Measure.MOTION,
            Measure.EVEN_SHARE,
            Measure.LOST);

    FigureGrid() {
        setId("figures");
        setHgap(14);
        setVgap(2.5);
    }

    /// One figure of one stretch, for people.
    private record Cell(String text, String reason) {}

    /// One row.
    private record Row(String name, String definition, Function<Analysis, Cell> cell) {}

    void clear() {
        getChildren().clear();
    }

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
            Tips.on(name, row.definition);
            add(name, 0, r + 1);
            for (int s = 0; s < stretches.size(); s++) {
                Cell cell = row.cell.apply(stretches.get(s));
                Label value = new Label(cell.text);
                value.setMinWidth(USE_PREF_SIZE);
                value.getStyleClass().add("strong");
                Tips.on(value, row.definition + (cell.reason.isEmpty() ? "" : "\n" + cell.reason));
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

    /// What is shown for each convention of lows.
    private static List<Measure> measures(LowConvention convention) {
        List<Measure> lows = switch (convention) {
            case PERCENTILE ->
                List.of(Measure.DELIVERED_LOW_PERCENTILE, Measure.LOW_PERCENTILE, Measure.TENTH_LOW_PERCENTILE);
            case SLOWEST_MEAN ->
                List.of(Measure.DELIVERED_LOW_SLOWEST_MEAN, Measure.LOW_SLOWEST_MEAN, Measure.TENTH_LOW_SLOWEST_MEAN);
            case TIME_WEIGHTED ->
                List.of(
                        Measure.DELIVERED_LOW_TIME_WEIGHTED,
                        Measure.LOW_TIME_WEIGHTED,
                        Measure.TENTH_LOW_TIME_WEIGHTED);
        };
        List<Measure> all = new ArrayList<>(lows);
        all.addAll(OTHERS);
        return all;
    }

    private static List<Row> rows(LowConvention convention) {
        List<Row> rows = new ArrayList<>();
        for (Measure measure : measures(convention)) {
            Description of = measure.description();
            rows.add(new Row(
                    of.unit().isEmpty() || of.isShare() ? of.title() : of.title() + ", " + of.unit(),
                    of.definition(),
                    run -> cell(measure, run)));
        }
        rows.add(new Row(ExamineText.LIMIT, ExamineText.WHAT_LIMITED_MOST_FRAMES, run -> limit(run)));
        return rows;
    }

    private static Cell cell(Measure measure, Analysis run) {
        Figure figure = measure.of(run);
        Cell cell = new Cell(Numbers.text(measure, figure), Numbers.reason(figure));
        return switch (measure) {
            case LOW_PERCENTILE, LOW_SLOWEST_MEAN, LOW_TIME_WEIGHTED -> marked(cell, figure, run.onePercentLow());
            case DELIVERED_LOW_PERCENTILE, DELIVERED_LOW_SLOWEST_MEAN, DELIVERED_LOW_TIME_WEIGHTED ->
                marked(cell, figure, run.deliveredOnePercentLow());
            case TENTH_LOW_PERCENTILE, TENTH_LOW_SLOWEST_MEAN, TENTH_LOW_TIME_WEIGHTED ->
                marked(cell, figure, run.tenthPercentLow());
            default -> cell;
        };
    }

    private static Cell marked(Cell cell, Figure low, Lows lows) {
        return lows.isWeak() && low.isKnown()
                ? new Cell("~ " + cell.text, ExamineText.WEAK_RESTS_ON_FRAMES.formatted(lows.tailFrames()))
                : cell;
    }

    private static Cell limit(Analysis run) {
        return run.limits()
                .most()
                .map(held -> new Cell(
                        name(held),
                        ExamineText.IN_OF_FRAMES.formatted(
                                Numbers.percent(run.limits().share(held), 0))))
                .orElseGet(() -> new Cell(Numbers.MISSING, ""));
    }

    private static String name(Limits.Held held) {
        return switch (held) {
            case GPU -> ExamineText.GPU;
            case CPU -> ExamineText.CPU;
            case CAP -> ExamineText.CAP;
            case MIXED -> ExamineText.MIXED;
            case UNKNOWN -> ExamineText.UNKNOWN;
        };
    }
}
