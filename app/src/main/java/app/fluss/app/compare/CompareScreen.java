package app.fluss.app.compare;

import app.fluss.app.blind.BlindResultPanel;
import app.fluss.app.model.Comparison;
import app.fluss.app.model.PathWork;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.ChartView;
import app.fluss.app.theme.CopiedTable;
import app.fluss.app.theme.InTurn;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.ShareBar;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.Tips;
import app.fluss.app.theme.WhenLookedAt;
import app.fluss.app.theme.WrappingRow;
import app.fluss.app.toggle.TogglePanel;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Measure;
import app.fluss.core.plan.EnoughRuns;
import app.fluss.files.chart.RunDots;
import app.fluss.files.compare.Grouping;
import app.fluss.files.compare.StudyComparison.Toggled;
import app.fluss.files.study.Run;
import app.fluss.files.table.DataTable;
import app.fluss.files.table.FigureTables;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/// Compare: groups of runs of a scene against a baseline, whatever makes the groups.
public final class CompareScreen extends VBox {
    private final Workbench workbench;
    private final Theme theme;
    private final Consumer<Optional<Comparison>> shown;
    private final Label title = new Label();
    private final Label simulated = new Label(CompareText.SIMULATED);
    private final GroupBar groups;
    private final VBox body = new VBox(10);
    private final InTurn inTurn = new InTurn(this);
    private final VBox blind = new VBox(10);
    private final TradeMapView tradeMap;
    private final LadderPane ladders;
    private final AttributionPane attribution;
    private final VBox settingsBody;
    private final ScrollPane scroll = new ScrollPane(body);
    private final ToggleButton settings = new ToggleButton(CompareText.SETTINGS);
    private @Nullable Comparison current;

    /// @param shown is told which comparison is on screen
    public CompareScreen(Workbench workbench, Theme theme, Consumer<Optional<Comparison>> shown) {
        super(10);
        this.workbench = workbench;
        this.theme = theme;
        this.shown = shown;
        tradeMap = new TradeMapView(theme, this::show);
        groups = new GroupBar(workbench, theme, this::show);
        setId("compare");
        title.getStyleClass().add("title");
        simulated.getStyleClass().addAll("chip", "chip-warm");
        simulated.setMinWidth(USE_PREF_SIZE);
        Button copy = new Button(CompareText.COPY_TABLE);
        copy.getStyleClass().add("quiet");
        Tips.on(copy, CompareText.COPY_TABLE_TIP);
        copy.setOnAction(_ -> copyTable());
        Region spacer = new Region();
        HBox.setHgrow(spacer, Priority.ALWAYS);
        ladders = new LadderPane(theme);
        attribution = new AttributionPane(theme);
        settingsBody = new VBox(10, attribution, ladders);
        ToggleButton whole = new ToggleButton(CompareText.GROUPS);
        ToggleGroup looks = new ToggleGroup();
        for (ToggleButton button : List.of(whole, settings)) {
            button.getStyleClass().add("quiet");
            button.setMinWidth(USE_PREF_SIZE);
            button.setToggleGroup(looks);
        }
        whole.setId("compare-paths");
        Tips.on(whole, CompareText.GROUPS_TIP);
        settings.setId("compare-settings");
        Tips.on(settings, CompareText.SETTINGS_TIP);
        whole.setSelected(true);
        looks.selectedToggleProperty().subscribe(chosen -> {
            if (chosen == null) {
                whole.setSelected(true);
            }
            showLook();
        });
        WhenLookedAt.fill(this, this::showWork, workbench.pathWorkProperty());
        title.setMinWidth(USE_PREF_SIZE);
        WrappingRow head = new WrappingRow(
                8,
                title,
                simulated,
                whole,
                settings,
                spacer,
                copy,
                ShareBar.saving(theme, CompareText.COMPARISON, ShareBar.table(this::figures)));
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(head, groups, scroll);
        WhenLookedAt.fill(this, () -> show(workbench.comparisonsProperty().get()), workbench.comparisonsProperty());
        workbench.contentsProperty().subscribe(this::showBlind);
        workbench.selectedProperty().subscribe(this::showBlind);
        // Of a scene with nothing to compare there is no news but that of its run.
        WhenLookedAt.fill(this, this::showNone, workbench.analysedProperty());
    }

    private void showWork() {
        PathWork work = workbench.pathWorkProperty().get();
        ladders.show(work);
        attribution.show(work.attribution());
    }

    private void showNone() {
        if (workbench.comparisonsProperty().get().isEmpty()) {
            show(List.<Comparison>of());
        }
    }

    private void showLook() {
        boolean lined = settings.isSelected();
        scroll.setContent(lined ? settingsBody : body);
        groups.setVisible(!lined);
        groups.setManaged(!lined);
    }

    private void show(List<Comparison> comparisons) {
        var run = workbench.selectedProperty().get();
        title.setText(run == null ? "" : workbench.contentsProperty().get().place(run));
        groups.fill(comparisons);
        showLook();
        if (comparisons.isEmpty()) {
            current = null;
            simulated.setVisible(false);
            inTurn.fill(List.of(() -> {
                body.getChildren().setAll(empty());
                body.getChildren().addAll(toggled());
                body.getChildren().add(blind);
            }));
            shown.accept(Optional.empty());
            return;
        }
        show(comparisons.stream()
                .filter(one -> run != null && one.pair().b().contains(run))
                .findFirst()
                .orElse(comparisons.getFirst()));
    }

    private Label empty() {
        boolean paths = workbench.comparingProperty().get().by() instanceof Grouping.ByPath;
        return Labels.wrapped(paths ? CompareText.NOTHING_TO_COMPARE : CompareText.NO_TWO_GROUPS, "muted");
    }

    private void show(Comparison comparison) {
        current = comparison;
        groups.mark(comparison);
        simulated.setVisible(comparison.simulated());
        tradeMap.show(workbench.comparisonsProperty().get(), Optional.of(comparison));
        inTurn.fill(List.of(
                () -> body.getChildren().setAll(maySay(comparison)),
                () -> {
                    if (comparison.runs().hasLogs()) {
                        overview(comparison).ifPresent(body.getChildren()::add);
                    }
                },
                () -> body.getChildren().add(new ComparisonTable(theme, comparison)),
                () -> {
                    runs(comparison).ifPresent(body.getChildren()::add);
                    body.getChildren().addAll(toggled());
                    body.getChildren().add(blind);
                }));
        shown.accept(Optional.of(comparison));
    }

    /// What holds, at which grade, and what does not.
    private static VBox maySay(Comparison comparison) {
        Label said = Labels.wrapped(comparison.maySay());
        said.setId("may-say");
        return Boxes.panel(Labels.heading(CompareText.WHAT_MAY_I_SAY), said);
    }

    /// Runs of the scene that were switched in place: each by itself, mixed with no whole run.
    private List<VBox> toggled() {
        List<VBox> panels = new ArrayList<>();
        for (Toggled one : workbench.toggledProperty().get()) {
            panels.add(new VBox(
                    4,
                    Labels.of(
                            "%s, %s"
                                    .formatted(
                                            one.run().path().name(), one.run().name()),
                            "muted"),
                    new TogglePanel(one.comparison(), one.differences())));
        }
        return panels;
    }

    /// Whether paths of the scene were told apart by somebody who did not know which was which.
    private void showBlind() {
        var run = workbench.selectedProperty().get();
        blind.getChildren()
                .setAll(
                        run == null
                                ? List.of()
                                : workbench.contentsProperty().get().people().ended(run.sceneId()).stream()
                                        .map(block -> new BlindResultPanel(workbench, block))
                                        .toList());
        blind.setVisible(!blind.getChildren().isEmpty());
        blind.setManaged(blind.isVisible());
    }

    /// The trade of every group, and what this one is made of.
    private Optional<Pane> overview(Comparison comparison) {
        PathTiles tiles = new PathTiles(comparison, tradeMap.isEmpty());
        if (tradeMap.isEmpty()) {
            return Optional.<Pane>of(tiles).filter(row -> !row.getChildren().isEmpty());
        }
        VBox map = Boxes.panel(
                Boxes.head(
                        theme,
                        comparison.isOfPaths() ? CompareText.PATHS_GIVE_AND_TAKE : CompareText.GROUPS_GIVE_AND_TAKE,
                        tradeMap),
                tradeMap);
        VBox.setVgrow(tradeMap, Priority.ALWAYS);
        tradeMap.setMinHeight(210);
        HBox.setHgrow(map, Priority.ALWAYS);
        map.setMinWidth(0);
        return Optional.of(new HBox(10, map, tiles));
    }

    /// Empty where latency is all that was measured.
    private Optional<VBox> runs(Comparison comparison) {
        RunDots figures = RunDots.of(comparison.runs());
        if (figures.isEmpty()) {
            return Optional.empty();
        }
        ChartView<RunDots> dots = new ChartView<>(theme, figures);
        Label legend = new Label("○ %s   ◆ %s%s"
                .formatted(
                        comparison.baseline(),
                        comparison.name(),
                        comparison.runs().fewestRuns() == 1 ? CompareText.STEADINESS_MARK : ""));
        legend.getStyleClass().add("muted");
        Label enough = new Label(enough(comparison));
        enough.setId("enough");
        enough.setWrapText(true);
        enough.setMinHeight(USE_PREF_SIZE);
        enough.getStyleClass().add("muted");
        VBox panel = new VBox(6, Boxes.head(theme, CompareText.RUN_BY_RUN, dots, legend), dots, enough);
        panel.getStyleClass().add("panel");
        return Optional.of(panel);
    }

    /// Whether there are enough runs, in words.
    private static String enough(Comparison comparison) {
        EnoughRuns enough = comparison.enough();
        Measure measure = enough.measure();
        return switch (enough.needed()) {
            case Figure.Missing(String reason) -> CompareText.ENOUGH_UNKNOWN.formatted(reason);
            case Figure.Known(double needed) ->
                CompareText.RUNS_NEEDED.formatted(
                        measure.title(),
                        Numbers.text(enough.sd(), 2),
                        measure.unit(),
                        Numbers.text(needed, 0),
                        Numbers.percent(Figure.of(EnoughRuns.MATTERS), 0),
                        enough.fewest(),
                        enough.areThere() ? CompareText.ENOUGH : CompareText.TOO_FEW);
        };
    }

    private Optional<DataTable> figures() {
        return Optional.ofNullable(current)
                .map(one -> FigureTables.ofComparison(one.runs().measures(), one.latency(), one.latencyEstimated()));
    }

    /// Lets the user hold runs that were chosen against each other; the screen must be shown.
    ///
    /// @param runs two or more of the scene that is shown
    public void pick(List<Run> runs) {
        groups.pick(Grouping.ByHand.sides(runs));
    }

    /// Copies the comparison as tab-separated text.
    public void copyTable() {
        Comparison comparison = current;
        if (comparison == null) {
            return;
        }
        CopiedTable.put(ComparisonTable.asText(comparison));
    }
}
