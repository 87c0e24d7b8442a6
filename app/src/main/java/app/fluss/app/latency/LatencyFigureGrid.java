package app.fluss.app.latency;

import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.core.latency.LatencyFigures;
import app.fluss.core.latency.UncertaintyBudget;
import app.fluss.core.measure.Figure;
import app.fluss.files.known.AnalysedLatency;
import java.util.ArrayList;
import java.util.List;
import javafx.geometry.HPos;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;

/// The figures of the samples, and what their mean is uncertain by, part by part.
final class LatencyFigureGrid extends GridPane {
    private int row;

    LatencyFigureGrid() {
        setId("latency-figures");
        setHgap(12);
        setVgap(1);
        ColumnConstraints names = new ColumnConstraints();
        names.setHgrow(Priority.ALWAYS);
        ColumnConstraints values = new ColumnConstraints();
        values.setHalignment(HPos.RIGHT);
        getColumnConstraints().setAll(names, values);
    }

    /// One line.
    private record Line(String name, String value, String definition) {}

    void show(AnalysedLatency.Measured seen) {
        getChildren().clear();
        row = 0;
        figures(seen).forEach(this::add);
        UncertaintyBudget budget = seen.budget();
        if (!budget.parts().isEmpty() && seen.figures().n() > 1) {
            Label heading = Labels.of("Uncertainty of the mean, ms", "strong");
            GridPane.setMargin(heading, new javafx.geometry.Insets(7, 0, 0, 0));
            add(heading, 0, row++, 2, 1);
            for (UncertaintyBudget.Part part : budget.parts()) {
                add(new Line(part.name(), Numbers.text(part.uncertaintyMs(), 3), part.shape()));
            }
            add(new Line(
                    "combined",
                    Numbers.text(budget.combinedMs(), 2),
                    "Independent parts add in quadrature (JCGM 100)."));
            add(new Line(
                    "expanded, k = 2",
                    "± " + Numbers.text(budget.expandedMs(), 2),
                    "Covers about 95 % if the mean is normally distributed."));
        }
    }

    private static List<Line> figures(AnalysedLatency.Measured seen) {
        LatencyFigures of = seen.figures();
        List<Line> lines = new ArrayList<>();
        lines.add(new Line(
                "samples",
                of.n() + (of.isWeak() ? " (few)" : ""),
                "Answered trials that nobody rejected. Below %d they are weak.".formatted(LatencyFigures.FEW)));
        lines.add(new Line(
                "missed", Integer.toString(of.missed()), "Trials without light in time: counted, never dropped."));
        lines.add(new Line(
                "rejected",
                Long.toString(seen.stored().rejected()),
                "Trials that you rejected. Ctrl+Z restores them."));
        lines.add(line("median, ms", of.median(), 2, "Middle sample."));
        lines.add(new Line(
                "its interval",
                of.medianInterval()
                        .map(interval -> Numbers.range(interval.low(), interval.high(), 1))
                        .orElse(Numbers.MISSING),
                "95 %, from order statistics; needs 6 samples."));
        lines.add(line("mean, ms", of.mean(), 2, "Mean of the samples."));
        lines.add(new Line(
                "its interval",
                of.meanInterval()
                        .map(interval -> Numbers.range(interval.low(), interval.high(), 1))
                        .orElse(Numbers.MISSING),
                "95 % by Student's t. Of samples in coarse steps it says more than that of the median."));
        lines.add(line("sd, ms", of.sd(), 2, "Standard deviation, n − 1."));
        lines.add(line("MAD, ms", of.mad(), 2, "Median absolute deviation, unscaled."));
        lines.add(new Line("p5 to p95, ms", Numbers.range(of.p5(), of.p95(), 1), "The middle nine tenths."));
        return lines;
    }

    private static Line line(String name, Figure figure, int decimals, String definition) {
        return new Line(name, Numbers.text(figure, decimals), definition + " " + Numbers.reason(figure));
    }

    private void add(Line line) {
        Label name = Labels.of(line.name, "muted");
        name.setTooltip(new Tooltip(line.definition));
        Label value = Labels.of(line.value, "strong");
        value.setTooltip(new Tooltip(line.definition));
        value.setMinWidth(USE_PREF_SIZE);
        add(name, 0, row);
        add(value, 1, row++);
    }

    /// The lines as tab-separated text.
    static String asText(AnalysedLatency.Measured seen) {
        StringBuilder text = new StringBuilder("figure\tvalue\n");
        figures(seen)
                .forEach(line ->
                        text.append(line.name).append('\t').append(line.value).append('\n'));
        seen.budget()
                .parts()
                .forEach(part -> text.append("u, ")
                        .append(part.name())
                        .append(", ms\t")
                        .append(Numbers.text(part.uncertaintyMs(), 3))
                        .append('\n'));
        return text.toString();
    }
}
