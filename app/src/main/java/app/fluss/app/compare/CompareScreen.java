package app.fluss.app.compare;

import app.fluss.app.model.Comparison;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.core.compare.Interval;
import app.fluss.core.compare.MeasureComparison;
import app.fluss.core.latency.LatencyDifference;
import app.fluss.core.latency.LatencyMeasure;
import app.fluss.core.measure.Described;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Measure;
import app.fluss.core.plan.EnoughRuns;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/// Compare: every path of a scene against the native one.
public final class CompareScreen extends VBox {
    private final Workbench workbench;
    private final Theme theme;
    private final Consumer<Optional<Comparison>> shown;
    private final Label title = new Label();
    private final Label simulated = new Label("simulated");
    private final FlowPane paths = new FlowPane(6, 6);
    private final VBox body = new VBox(10);
    private final TradeMap tradeMap;
    private final LadderPane ladders;
    private final ScrollPane scroll = new ScrollPane(body);
    private final ToggleButton settings = new ToggleButton("Settings");
    private @Nullable Comparison current;

    /// @param shown is told which comparison is on screen
    public CompareScreen(Workbench workbench, Theme theme, Consumer<Optional<Comparison>> shown) {
        super(10);
        this.workbench = workbench;
        this.theme = theme;
        this.shown = shown;
        tradeMap = new TradeMap(theme, this::choose);
        setId("compare");
        title.getStyleClass().add("title");
        simulated.getStyleClass().addAll("chip", "chip-warm");
        simulated.setMinWidth(USE_PREF_SIZE);
        Button copy = new Button("Copy table");
        copy.getStyleClass().add("quiet");
        copy.setTooltip(new Tooltip("Copy the comparison as a table (Ctrl+Shift+C)"));
        copy.setOnAction(_ -> copyTable());
        Region spacer = new Region();
        HBox.setHgrow(spacer, Priority.ALWAYS);
        ladders = new LadderPane(theme);
        ToggleButton whole = new ToggleButton("Paths");
        ToggleGroup looks = new ToggleGroup();
        for (ToggleButton button : List.of(whole, settings)) {
            button.getStyleClass().add("quiet");
            button.setMinWidth(USE_PREF_SIZE);
            button.setToggleGroup(looks);
        }
        whole.setId("compare-paths");
        whole.setTooltip(new Tooltip("Every path against native"));
        settings.setId("compare-settings");
        settings.setTooltip(new Tooltip("Runs that differ in one setting, lined up"));
        whole.setSelected(true);
        looks.selectedToggleProperty().subscribe(chosen -> {
            if (chosen == null) {
                whole.setSelected(true);
            }
            showLook();
        });
        workbench.pathWorkProperty().subscribe(ladders::show);
        HBox head = new HBox(8, whole, settings, title, simulated, spacer, copy);
        head.setAlignment(Pos.CENTER_LEFT);
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(head, paths, scroll);
        workbench.comparisonsProperty().subscribe(this::show);
    }

    private void showLook() {
        boolean lined = settings.isSelected();
        scroll.setContent(lined ? ladders : body);
        paths.setVisible(!lined && !workbench.comparisonsProperty().get().isEmpty());
        paths.setManaged(!lined);
    }

    private void show(List<Comparison> comparisons) {
        paths.getChildren().clear();
        var run = workbench.selectedProperty().get();
        title.setText(run == null ? "" : workbench.contentsProperty().get().place(run) + " · against native");
        Label against = new Label("Path");
        against.getStyleClass().add("muted");
        paths.getChildren().add(against);
        ToggleGroup group = new ToggleGroup();
        for (Comparison comparison : comparisons) {
            ToggleButton button = new ToggleButton(comparison.path().name());
            button.getStyleClass().add("quiet");
            button.setToggleGroup(group);
            button.setOnAction(_ -> {
                button.setSelected(true);
                show(comparison);
            });
            paths.getChildren().add(button);
        }
        if (comparisons.isEmpty()) {
            current = null;
            simulated.setVisible(false);
            showLook();
            body.getChildren().setAll(empty());
            shown.accept(Optional.empty());
            return;
        }
        showLook();
        int chosen = IntStream.range(0, comparisons.size())
                .filter(i -> run != null
                        && comparisons.get(i).path().id() == run.path().id())
                .findFirst()
                .orElse(0);
        group.selectToggle(group.getToggles().get(chosen));
        show(comparisons.get(chosen));
    }

    /// Shows a path that was chosen on the map.
    private void choose(Comparison comparison) {
        for (var child : paths.getChildren()) {
            if (child instanceof ToggleButton button) {
                button.setSelected(button.getText().equals(comparison.path().name()));
            }
        }
        show(comparison);
    }

    private static Label empty() {
        Label label =
                new Label("Nothing to compare in this scene yet. It needs a run on the native path and one on another:"
                        + " drop both logs into the window.");
        label.setWrapText(true);
        label.getStyleClass().add("muted");
        return label;
    }

    private void show(Comparison comparison) {
        current = comparison;
        simulated.setVisible(comparison.simulated());
        body.getChildren().setAll(table(comparison), runs(comparison));
        if (comparison.runs().grade().hasLog()) {
            body.getChildren().addFirst(overview(comparison));
        }
        tradeMap.show(workbench.comparisonsProperty().get(), Optional.of(comparison));
        shown.accept(Optional.of(comparison));
    }

    /// The trade of every path, and what this one is made of.
    private HBox overview(Comparison comparison) {
        VBox map = Boxes.panel(Labels.heading("What each path gives and takes"), tradeMap);
        VBox.setVgrow(tradeMap, Priority.ALWAYS);
        tradeMap.setMinHeight(210);
        HBox.setHgrow(map, Priority.ALWAYS);
        map.setMinWidth(0);
        return new HBox(10, map, new PathTiles(comparison));
    }

    private VBox runs(Comparison comparison) {
        Label heading = new Label("Run by run");
        heading.getStyleClass().add("heading");
        Label legend = new Label("○ native   ◆ " + comparison.path().name());
        legend.getStyleClass().add("muted");
        Label enough = new Label(enough(comparison));
        enough.setId("enough");
        enough.setWrapText(true);
        enough.setMinHeight(USE_PREF_SIZE);
        enough.getStyleClass().add("muted");
        VBox panel = new VBox(6, new HBox(12, heading, legend), new RunDots(theme, comparison.runs()), enough);
        panel.getStyleClass().add("panel");
        return panel;
    }

    /// Whether there are enough runs, in words.
    private static String enough(Comparison comparison) {
        Measure measure = comparison.runs().grade().hasLog() ? Measure.DELIVERED : Measure.CLAIMED;
        EnoughRuns enough = EnoughRuns.of(comparison.runs(), measure);
        return switch (enough.needed()) {
            case Figure.Missing(String reason) -> "How many runs are enough is not known: %s.".formatted(reason);
            case Figure.Known(double needed) ->
                "The %s differs by %s %s from run to run (sd): %s a side tell %s of it apart with 80 %% power; there are %d, which is %s."
                        .formatted(
                                measure.title(),
                                Numbers.text(enough.sd(), 2),
                                measure.unit(),
                                Numbers.text(needed, 0),
                                Numbers.percent(Figure.of(EnoughRuns.MATTERS), 0),
                                enough.fewest(),
                                enough.areThere() ? "enough" : "too few");
        };
    }

    private VBox table(Comparison comparison) {
        GridPane grid = new GridPane();
        grid.setId("comparison");
        grid.setHgap(16);
        grid.setVgap(3);
        for (int c = 0; c < 7; c++) {
            ColumnConstraints column = new ColumnConstraints();
            boolean strip = c == 4;
            column.setHgrow(strip ? Priority.ALWAYS : Priority.NEVER);
            column.setHalignment(c == 0 || strip ? HPos.LEFT : HPos.RIGHT);
            column.setMinWidth(strip ? 120 : USE_PREF_SIZE);
            grid.getColumnConstraints().add(column);
        }
        String[] heads = {
            "", "native", comparison.path().name(), "difference", "95 % interval of the difference", "ratio", "95 %"
        };
        for (int c = 0; c < heads.length; c++) {
            Label head = new Label(heads[c]);
            head.getStyleClass().add("muted");
            grid.add(head, c, 0);
        }
        int row = 1;
        if (comparison.latency().shiftMs().isKnown()) {
            latencyRow(grid, row++, comparison);
        }
        for (Measure measure : Measure.COMPARED) {
            MeasureComparison compared = comparison.runs().measure(measure);
            // Without logs most figures are missing on both sides, for a reason that the finding gives once.
            if (comparison.runs().grade().hasLog()
                    || compared.a().isKnown()
                    || compared.b().isKnown()) {
                row(grid, row++, compared);
            }
        }
        boolean within = comparison.runs().measures().values().stream()
                .anyMatch(m -> m.method() == MeasureComparison.Method.WITHIN_RUN);
        int a = comparison.runs().a().size();
        int b = comparison.runs().b().size();
        Label basis = new Label(
                "%d native %s against %d on the path; intervals: %s. Each bar has its own scale around 0; a full one leaves 0 out."
                        .formatted(
                                a,
                                a == 1 ? "run" : "runs",
                                b,
                                within
                                        ? "moving-block bootstrap within one run"
                                        : "Welch on run figures, ratios through logarithms"));
        basis.getStyleClass().add("muted");
        basis.setWrapText(true);
        basis.setMinHeight(USE_PREF_SIZE);
        basis.setId("basis");
        VBox panel = new VBox(8, grid, basis);
        panel.getStyleClass().add("panel");
        return panel;
    }

    private void row(GridPane grid, int row, MeasureComparison compared) {
        Measure measure = compared.measure();
        Label name = new Label(measure.title());
        name.setMinWidth(USE_PREF_SIZE);
        Label unit = new Label(measure.unit());
        unit.getStyleClass().add("muted");
        HBox first = new HBox(5, name, unit);
        first.setAlignment(Pos.CENTER_LEFT);
        grid.add(first, 0, row);
        cell(grid, 1, row, measure, compared.a());
        cell(grid, 2, row, measure, compared.b());
        Label difference = cell(grid, 3, row, measure, compared.difference());
        difference.setId("difference-" + measure.name());
        if (compared.isClear()) {
            difference.getStyleClass().add("strong");
        }
        grid.add(
                new IntervalStrip(
                        theme, measure.title(), compared.difference(), compared.interval(), measure.moreIsBetter()),
                4,
                row);
        grid.add(new Label(PathTiles.times(compared.ratio())), 5, row);
        String ends = compared.ratioInterval()
                .map(i -> Numbers.text(i.low(), 2) + " – " + Numbers.text(i.high(), 2))
                .orElse(Numbers.MISSING);
        Label interval = new Label(ends);
        interval.getStyleClass().add("muted");
        interval.setMinWidth(USE_PREF_SIZE);
        interval.setTooltip(new Tooltip(
                compared.method() == MeasureComparison.Method.NONE
                        ? "There is no interval for this figure within one run; three runs a side give one."
                        : "Method: " + compared.method().label()));
        grid.add(interval, 6, row);
    }

    private void latencyRow(GridPane grid, int row, Comparison comparison) {
        LatencyDifference latency = comparison.latency();
        HBox first = Boxes.row(Labels.of("added latency"), Labels.of("ms", "muted"));
        grid.add(first, 0, row);
        if (!comparison.latencyEstimated()) {
            grid.add(Labels.of("%d clicks".formatted(latency.samplesA()), "muted"), 1, row);
            grid.add(Labels.of("%d clicks".formatted(latency.samplesB()), "muted"), 2, row);
        }
        Label shift = cell(grid, 3, row, LatencyMeasure.MEDIAN, latency.shiftMs());
        shift.setId("difference-latency");
        shift.setTooltip(new Tooltip(
                comparison.latencyEstimated()
                        ? "Estimated: the means of both paths' stages, for latency was not measured on both sides."
                        : "Hodges-Lehmann shift of the samples, with its interval."));
        grid.add(new IntervalStrip(theme, "latency", latency.shiftMs(), latency.interval(), false), 4, row);
        String ends = latency.interval()
                .map(i -> Numbers.text(i.low(), 1) + " – " + Numbers.text(i.high(), 1))
                .orElse(comparison.latencyEstimated() ? "estimated" : Numbers.MISSING);
        grid.add(Labels.of(ends, "muted"), 5, row, 2, 1);
    }

    private static Label cell(GridPane grid, int column, int row, Described measure, Figure figure) {
        Label label = new Label(Numbers.text(measure, figure));
        label.setMinWidth(USE_PREF_SIZE);
        String reason = Numbers.reason(figure);
        if (!reason.isEmpty()) {
            label.setTooltip(new Tooltip(reason));
        }
        grid.add(label, column, row);
        return label;
    }

    /// Copies the comparison as tab-separated text.
    public void copyTable() {
        Comparison comparison = current;
        if (comparison == null) {
            return;
        }
        StringBuilder text = new StringBuilder("figure\tunit\tnative\tpath\tdifference\tlow\thigh\tratio\n");
        LatencyDifference latency = comparison.latency();
        text.append(String.join(
                        "\t",
                        comparison.latencyEstimated() ? "added latency, estimated" : "added latency",
                        "ms",
                        Numbers.MISSING,
                        Numbers.MISSING,
                        Numbers.text(latency.shiftMs(), 4),
                        end(latency.interval().map(Interval::low)),
                        end(latency.interval().map(Interval::high)),
                        Numbers.MISSING))
                .append('\n');
        for (Measure measure : Measure.COMPARED) {
            MeasureComparison compared = comparison.runs().measure(measure);
            text.append(String.join(
                            "\t",
                            measure.title(),
                            measure.unit(),
                            Numbers.text(compared.a(), 4),
                            Numbers.text(compared.b(), 4),
                            Numbers.text(compared.difference(), 4),
                            end(compared.interval().map(Interval::low)),
                            end(compared.interval().map(Interval::high)),
                            Numbers.text(compared.ratio(), 4)))
                    .append('\n');
        }
        ClipboardContent content = new ClipboardContent();
        content.putString(text.toString());
        Clipboard.getSystemClipboard().setContent(content);
    }

    private static String end(Optional<Double> value) {
        return value.map(v -> Numbers.text(v, 4)).orElse(Numbers.MISSING);
    }
}
