package app.fluss.app.latency;

import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Tips;
import app.fluss.core.latency.LatencyFigures;
import app.fluss.core.latency.UncertaintyBudget;
import app.fluss.core.measure.Figure;
import app.fluss.files.known.AnalysedLatency;
import java.util.ArrayList;
import java.util.List;
import javafx.geometry.HPos;
import javafx.scene.control.Label;
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
            Label heading = Labels.of(LatencyText.UNCERTAINTY_OF_MEAN_MS, "strong");
            GridPane.setMargin(heading, new javafx.geometry.Insets(7, 0, 0, 0));
            add(heading, 0, row++, 2, 1);
            for (UncertaintyBudget.Part part : budget.parts()) {
                add(new Line(part.name(), Numbers.text(part.uncertaintyMs(), 3), part.shape()));
            }
            add(new Line(LatencyText.COMBINED, Numbers.text(budget.combinedMs(), 2), LatencyText.COMBINED_DEFINITION));
            add(new Line(
                    LatencyText.EXPANDED_K_2,
                    "± " + Numbers.text(budget.expandedMs(), 2),
                    LatencyText.EXPANDED_DEFINITION));
        }
    }

    private static List<Line> figures(AnalysedLatency.Measured seen) {
        LatencyFigures of = seen.figures();
        List<Line> lines = new ArrayList<>();
        lines.add(new Line(
                LatencyText.SAMPLES,
                of.n() + (of.isWeak() ? LatencyText.FEW : ""),
                LatencyText.SAMPLES_DEFINITION.formatted(LatencyFigures.FEW)));
        lines.add(new Line(LatencyText.MISSED, Integer.toString(of.missed()), LatencyText.MISSED_DEFINITION));
        lines.add(new Line(
                LatencyText.REJECTED, Long.toString(seen.stored().rejected()), LatencyText.REJECTED_DEFINITION));
        lines.add(line(LatencyText.MEDIAN_MS, of.median(), 2, LatencyText.MIDDLE_SAMPLE));
        lines.add(new Line(
                LatencyText.ITS_INTERVAL,
                of.medianInterval()
                        .map(interval -> Numbers.range(interval.low(), interval.high(), 1))
                        .orElse(Numbers.MISSING),
                LatencyText.MEDIAN_INTERVAL_DEFINITION));
        lines.add(line(LatencyText.MEAN_MS, of.mean(), 2, LatencyText.MEAN_OF_SAMPLES));
        lines.add(new Line(
                LatencyText.ITS_INTERVAL,
                of.meanInterval()
                        .map(interval -> Numbers.range(interval.low(), interval.high(), 1))
                        .orElse(Numbers.MISSING),
                LatencyText.MEAN_INTERVAL_DEFINITION));
        lines.add(line(LatencyText.SD_MS, of.sd(), 2, LatencyText.STANDARD_DEVIATION_N_1));
        lines.add(line(LatencyText.MAD_MS, of.mad(), 2, LatencyText.MEDIAN_ABSOLUTE_DEVIATION));
        lines.add(new Line(
                LatencyText.P5_TO_P95_MS, Numbers.range(of.p5(), of.p95(), 1), LatencyText.MIDDLE_NINE_TENTHS));
        return lines;
    }

    private static Line line(String name, Figure figure, int decimals, String definition) {
        return new Line(name, Numbers.text(figure, decimals), definition + " " + Numbers.reason(figure));
    }

    private void add(Line line) {
        Label name = Labels.of(line.name, "muted");
        Tips.on(name, line.definition);
        Label value = Labels.of(line.value, "strong");
        Tips.on(value, line.definition);
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
