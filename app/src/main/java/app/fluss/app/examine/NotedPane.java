package app.fluss.app.examine;

import app.fluss.app.model.AnalysedRun;
import app.fluss.app.model.NotedRun;
import app.fluss.app.recorded.CounterView;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Durations;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.Tips;
import app.fluss.app.theme.WrappingRow;
import app.fluss.app.toggle.TogglePanel;
import app.fluss.core.frame.Channel;
import app.fluss.core.measure.Claimed;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Measure;
import app.fluss.core.reading.Impression;
import app.fluss.core.reading.ReadingSeries;
import app.fluss.files.study.StoredPictures;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// A run without a frame log: what it does give, large, and what it cannot tell, with the quickest way to
/// know that.
final class NotedPane extends VBox {
    private final ReadingsView course;
    private final CounterView counter;
    private final Theme theme;
    private final Runnable readings;

    /// @param readings shows a recording reading by reading
    NotedPane(Theme theme, Runnable readings) {
        super(10);
        this.theme = theme;
        this.readings = readings;
        setId("noted");
        course = new ReadingsView(theme);
        counter = new CounterView(theme, _ -> readings.run());
    }

    void show(AnalysedRun run) {
        NotedRun noted = run.noted();
        List<Node> parts = new ArrayList<>();
        parts.add(Boxes.panel(head(run), tiles(run)));
        CounterView.Shown.rate(run).ifPresent(shown -> {
            counter.show(shown);
            VBox.setVgrow(counter, Priority.ALWAYS);
            parts.add(Boxes.panel(
                    Boxes.head(
                            theme,
                            ExamineText.SAID_AND_GOT,
                            counter,
                            Labels.of(ExamineText.DISTINCT_BARS, "muted"),
                            Boxes.spacer(),
                            Buttons.quiet(
                                    ExamineText.READING_BY_READING, ExamineText.READING_BY_READING_TIP, readings)),
                    counter));
        });
        noted.readings().filter(ReadingSeries::isTimed).ifPresent(series -> {
            course.show(noted.readings());
            WrappingRow head =
                    Boxes.head(theme, ExamineText.COUNTER_SAID, course, Labels.of(ExamineText.READINGS_AXES, "muted"));
            VBox panel = Boxes.panel(head, course);
            VBox.setVgrow(course, Priority.ALWAYS);
            parts.add(panel);
        });
        run.toggled()
                .ifPresent(toggled -> parts.add(
                        new TogglePanel(toggled, toggled.differences(run.run().grade()))));
        Impression felt = run.run().taking().impression();
        if (felt.isSaid()) {
            parts.add(Boxes.panel(Labels.heading(ExamineText.HOW_IT_FELT), felt(felt)));
        }
        parts.add(open(noted.open()));
        ScrollPane scroll = Boxes.scrolling(Boxes.scrolled(parts.toArray(Node[]::new)));
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().setAll(scroll);
    }

    private static Figure distinct(AnalysedRun run) {
        return run.pictures()
                .flatMap(StoredPictures::seen)
                .map(seen -> Figure.of(seen.deliveredFps()))
                .orElse(Figure.missing(ExamineText.NO_CLIP_COUNTED));
    }

    private static HBox head(AnalysedRun run) {
        String rests = run.run().grade().rests();
        return Boxes.row(
                Labels.heading(ExamineText.WHAT_THIS_RUN_GIVES),
                Labels.of(ExamineText.GRADE_IT_RESTS_ON.formatted(run.run().grade(), rests), "muted"));
    }

    private static Node tiles(AnalysedRun run) {
        NotedRun noted = run.noted();
        Figure distinct = distinct(run);
        FlowPane tiles = new FlowPane(10, 10);
        Claimed said = noted.claimed();
        boolean several =
                noted.readings().map(series -> series.readings().size() > 1).orElse(false);
        if (said.mean().isKnown()) {
            tiles.getChildren()
                    .add(tile(
                            "noted-mean",
                            Numbers.text(Measure.CLAIMED, said.mean()),
                            ExamineText.S_ON_AVERAGE,
                            noted.readings().filter(ReadingSeries::isTimed).isPresent()
                                    ? ExamineText.WEIGHTED_MEAN
                                    : several ? ExamineText.UNWEIGHTED_MEAN : ExamineText.AS_NOTED));
        }
        if (said.lowest().isKnown() || said.highest().isKnown()) {
            tiles.getChildren()
                    .add(tile(
                            "noted-range",
                            Numbers.text(said.lowest(), 0) + "–" + Numbers.text(said.highest(), 0),
                            ExamineText.S_LOWEST_TO_HIGHEST,
                            ExamineText.LOWEST_TO_HIGHEST));
        }
        if (said.onePercentLow().isKnown()) {
            String by = said.lowConvention().isBlank()
                    ? ExamineText.CONVENTION_UNKNOWN
                    : ExamineText.BY.formatted(said.lowConvention());
            tiles.getChildren()
                    .add(tile(
                            "noted-low",
                            Numbers.text(Measure.CLAIMED_LOW, said.onePercentLow()),
                            ExamineText.S_1_PERCENT_LOW.formatted(by),
                            Measure.CLAIMED_LOW.description().definition()));
        }
        if (said.base().isKnown()) {
            tiles.getChildren()
                    .add(tile(
                            "noted-base",
                            Numbers.text(said.base(), 1),
                            ExamineText.S_GENERATORS_BASE,
                            ExamineText.GENERATOR_BASE_DEFINITION));
        }
        noted.readings()
                .flatMap(ReadingSeries::worst)
                .ifPresent(worst -> tiles.getChildren()
                        .add(tile(
                                "noted-worst",
                                Numbers.text(worst.fps(), 0),
                                ExamineText.S_WORST_STRETCH_FROM.formatted(
                                        Durations.exact(Math.round(worst.toS() - worst.fromS())),
                                        Durations.exact(Math.round(worst.fromS()))),
                                ExamineText.WORST_STRETCH)));
        if (distinct.isKnown()) {
            tiles.getChildren()
                    .add(tile(
                            "noted-distinct",
                            Numbers.text(distinct, 1),
                            ExamineText.DISTINCT_IN_CLIP,
                            ExamineText.DISTINCT_DEFINITION));
        }
        run.latency()
                .measured()
                .map(measured -> measured.figures().median())
                .filter(Figure::isKnown)
                .ifPresent(median -> tiles.getChildren()
                        .add(tile(
                                "noted-latency",
                                Numbers.text(median, 1),
                                ExamineText.MEDIAN_LATENCY,
                                ExamineText.LATENCY_DEFINITION)));
        for (Map.Entry<Channel, Figure> load : noted.loads().entrySet()) {
            tiles.getChildren()
                    .add(tile(
                            "noted-" + load.getKey().header(),
                            Numbers.text(load.getValue(), load.getKey() == Channel.POWER ? 1 : 0),
                            name(load.getKey()),
                            ExamineText.MEAN_NOTED));
        }
        if (tiles.getChildren().isEmpty()) {
            tiles.getChildren().add(Labels.note(ExamineText.NO_NUMBER));
        }
        return tiles;
    }

    private static String name(Channel channel) {
        return switch (channel) {
            case GPU_LOAD -> ExamineText.GPU_LOAD;
            case SECOND_GPU_LOAD -> ExamineText.SECOND_GPU_LOAD;
            case CPU_LOAD -> ExamineText.CPU_LOAD;
            case VRAM -> ExamineText.MB_OF_CARD_MEMORY;
            case POWER -> "W";
            case GPU_TEMPERATURE -> ExamineText.C_GPU;
            case GPU_CLOCK -> ExamineText.MHZ_GPU;
            default -> channel.header();
        };
    }

    private static VBox tile(String id, String value, String caption, String explanation) {
        Label number = Labels.of(value, "headline");
        number.setId(id);
        number.setMinWidth(USE_PREF_SIZE);
        VBox tile = new VBox(-2, number, Labels.of(caption, "muted"));
        Ems.min(tile, 118);
        tile.getStyleClass().add("noted-tile");
        Tips.on(tile, explanation);
        return tile;
    }

    private static Node felt(Impression felt) {
        GridPane grid = new GridPane(14, 3);
        int row = 0;
        row = scale(grid, row, ExamineText.SMOOTHNESS, felt.smoothness(), ExamineText.SHAKES_5_FLOWS);
        row = scale(grid, row, ExamineText.RESPONSE, felt.response(), ExamineText.RESPONSE_SCALE);
        row = scale(grid, row, ExamineText.ARTEFACTS, felt.artefacts(), ExamineText.ARTEFACTS_SCALE);
        if (!felt.words().isBlank()) {
            Label words = Labels.wrapped("“" + felt.words() + "”");
            words.setId("noted-words");
            grid.add(words, 0, row, 3, 1);
        }
        return grid;
    }

    private static int scale(GridPane grid, int row, String name, int value, String ends) {
        if (value == 0) {
            return row;
        }
        grid.addRow(
                row,
                Labels.of(name, "muted"),
                Labels.of("●".repeat(value) + "○".repeat(Impression.BEST - value) + "  " + value),
                Labels.of(ends, "muted", "small"));
        return row + 1;
    }

    private static VBox open(List<NotedRun.Next> open) {
        GridPane grid = new GridPane(16, 7);
        int row = 0;
        for (NotedRun.Next next : open) {
            Label subject = Labels.of(next.question().subject(), "strong");
            subject.setMinWidth(USE_PREF_SIZE);
            GridPane.setValignment(subject, VPos.TOP);
            Label how = Labels.wrapped(next.way().how());
            Label cost = Labels.of(
                    ExamineText.MIN_GRADE.formatted(
                            next.way().minutes(), next.way().grade()),
                    "muted");
            cost.setMinWidth(USE_PREF_SIZE);
            GridPane.setValignment(cost, VPos.TOP);
            GridPane.setHgrow(how, Priority.ALWAYS);
            grid.addRow(row++, subject, how, cost);
        }
        HBox head = Boxes.row(
                Labels.heading(ExamineText.WHAT_IT_CANNOT_TELL), Labels.of(ExamineText.QUICKEST_WAY, "muted"));
        head.setAlignment(Pos.CENTER_LEFT);
        VBox panel = Boxes.panel(head, grid);
        panel.setId("noted-open");
        return panel;
    }

    /// The figures as tab-separated text.
    static String asText(AnalysedRun run) {
        Claimed said = run.noted().claimed();
        StringBuilder text = new StringBuilder("figure\tvalue\n");
        for (Measure measure :
                List.of(Measure.CLAIMED, Measure.CLAIMED_LOWEST, Measure.CLAIMED_HIGHEST, Measure.CLAIMED_LOW)) {
            text.append(measure.title())
                    .append('\t')
                    .append(Numbers.text(measure, measure.of(run.analysis())))
                    .append('\n');
        }
        return text.append("low by\t").append(said.lowConvention()).append('\n').toString();
    }
}
