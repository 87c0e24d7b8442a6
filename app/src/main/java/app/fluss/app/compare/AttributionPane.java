package app.fluss.app.compare;

import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.ChartView;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.core.attribute.Cells;
import app.fluss.core.attribute.Part;
import app.fluss.files.attribute.PathAttribution;
import app.fluss.files.attribute.PathAttribution.Taken;
import app.fluss.files.chart.WaterfallChart;
import app.fluss.files.draw.Numbers;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;

/// What did what on a path that differs from the native one in several things: the steps to it, what each
/// factor does on the average, what cannot be told apart, and which runs would.
final class AttributionPane extends VBox {
    private final Theme theme;

    AttributionPane(Theme theme) {
        super(10);
        this.theme = theme;
        setId("attribution");
    }

    void show(Optional<PathAttribution> known) {
        getChildren().clear();
        known.ifPresent(taken -> getChildren().setAll(panel(taken)));
    }

    private VBox panel(PathAttribution taken) {
        VBox panel = Boxes.panel(Boxes.row(
                Labels.heading(CompareText.WHAT_EACH_PART_CONTRIBUTES),
                Labels.of(taken.path(), "chip"),
                Labels.of(
                        CompareText.RUNS_OF_COMBINATIONS.formatted(
                                taken.runs().values().stream()
                                        .mapToInt(List::size)
                                        .sum(),
                                taken.runs().size()),
                        "muted",
                        "small")));
        steps(panel, CompareText.DELIVERED_STEPS, taken.rate(), Cells.Scale.RATIO);
        taken.latency()
                .ifPresent(latency -> steps(panel, CompareText.LATENCY_STEP_BY_STEP, latency, Cells.Scale.DIFFERENCE));
        taken.missing()
                .forEach(words -> panel.getChildren().add(finding(CompareText.MISSING_COMBINATIONS.formatted(words))));
        List<Part> effects = taken.rate().effects().parts();
        if (taken.runs().size() <= taken.factors().size() + 1) {
            panel.getChildren().add(Labels.note(CompareText.STEPS_IN_ORDER));
            return panel;
        }
        if (!effects.isEmpty()) {
            panel.getChildren().add(Labels.heading(CompareText.ON_AVERAGE_OVER_OTHERS));
            panel.getChildren()
                    .add(table(effects, taken.latency().map(one -> one.effects().parts())));
        }
        taken.rate()
                .effects()
                .aliases()
                .forEach((name, others) -> panel.getChildren().add(mixed(name, others)));
        return panel;
    }

    private void steps(VBox panel, String title, Taken taken, Cells.Scale scale) {
        if (taken.steps().steps().isEmpty()) {
            return;
        }
        ChartView<WaterfallChart> chart = new ChartView<>(theme, new WaterfallChart(taken.steps(), scale));
        panel.getChildren().addAll(Boxes.head(theme, title, chart), chart);
        if (!taken.steps().why().isEmpty()) {
            panel.getChildren()
                    .add(Labels.note(CompareText.WITHOUT_INTERVALS.formatted(
                            taken.steps().why())));
        }
    }

    private static Node table(List<Part> rates, Optional<List<Part>> latencies) {
        GridPane grid = new GridPane(18, 3);
        int row = 0;
        for (Part part : rates) {
            List<Node> line = new ArrayList<>(List.of(
                    Labels.of(part.name()),
                    Labels.of(WaterfallChart.text(part, Cells.Scale.RATIO, Numbers.ofUser()), "strong")));
            latencies
                    .flatMap(all -> all.stream()
                            .filter(one -> one.name().equals(part.name()))
                            .findFirst())
                    .ifPresent(latency -> line.add(Labels.of(
                            WaterfallChart.text(latency, Cells.Scale.DIFFERENCE, Numbers.ofUser()), "strong")));
            grid.addRow(row++, line.toArray(new Node[0]));
        }
        return grid;
    }

    private static Label mixed(String name, List<String> others) {
        return Labels.note(
                others.isEmpty()
                        ? CompareText.SAME_IN_EVERY_RUN.formatted(name)
                        : CompareText.CHANGED_TOGETHER.formatted(name, String.join(", ", others)));
    }

    private static Label finding(String words) {
        Label label = Labels.wrapped(words, "finding");
        label.setMaxWidth(Double.MAX_VALUE);
        return label;
    }
}
