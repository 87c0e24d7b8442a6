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
import javafx.scene.control.Tooltip;
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
                            "What the counter said, and what the eye got",
                            counter,
                            Labels.of("bars: distinct pictures of each second", "muted"),
                            Boxes.spacer(),
                            Buttons.quiet("Reading by reading", "Every reading with its picture (Ctrl+J)", readings)),
                    counter));
        });
        noted.readings().filter(ReadingSeries::isTimed).ifPresent(series -> {
            course.show(noted.readings());
            WrappingRow head = Boxes.head(
                    theme,
                    "What the counter said",
                    course,
                    Labels.of("images/s over time; each reading stands until the next", "muted"));
            VBox panel = Boxes.panel(head, course);
            VBox.setVgrow(course, Priority.ALWAYS);
            parts.add(panel);
        });
        run.toggled()
                .ifPresent(toggled -> parts.add(
                        new TogglePanel(toggled, toggled.differences(run.run().grade()))));
        Impression felt = run.run().taking().impression();
        if (felt.isSaid()) {
            parts.add(Boxes.panel(Labels.heading("How it felt"), felt(felt)));
        }
        parts.add(open(noted.open(run.run().path().chain())));
        ScrollPane scroll = Boxes.scrolling(Boxes.scrolled(parts.toArray(Node[]::new)));
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().setAll(scroll);
    }

    private static Figure distinct(AnalysedRun run) {
        return run.pictures()
                .flatMap(StoredPictures::seen)
                .map(seen -> Figure.of(seen.deliveredFps()))
                .orElse(Figure.missing("no clip of it was counted"));
    }

    private static HBox head(AnalysedRun run) {
        String rests = run.run().grade().rests();
        return Boxes.row(
                Labels.heading("What this run gives"),
                Labels.of("grade %s: it rests on %s".formatted(run.run().grade(), rests), "muted"));
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
                            "/s on average",
                            noted.readings().filter(ReadingSeries::isTimed).isPresent()
                                    ? "Mean of the readings, weighted by how long each stood."
                                    : several ? "Unweighted mean of the readings: they have no times." : "As noted."));
        }
        if (said.lowest().isKnown() || said.highest().isKnown()) {
            tiles.getChildren()
                    .add(tile(
                            "noted-range",
                            Numbers.text(said.lowest(), 0) + "–" + Numbers.text(said.highest(), 0),
                            "/s, lowest to highest",
                            "The lowest and the highest that was seen."));
        }
        if (said.onePercentLow().isKnown()) {
            String by = said.lowConvention().isBlank() ? "convention unknown" : "by " + said.lowConvention();
            tiles.getChildren()
                    .add(tile(
                            "noted-low",
                            Numbers.text(Measure.CLAIMED_LOW, said.onePercentLow()),
                            "/s, 1 % low, " + by,
                            Measure.CLAIMED_LOW.description().definition()));
        }
        if (said.base().isKnown()) {
            tiles.getChildren()
                    .add(tile(
                            "noted-base",
                            Numbers.text(said.base(), 1),
                            "/s, the generator's base",
                            "What a generator took for its base."));
        }
        noted.readings()
                .flatMap(ReadingSeries::worst)
                .ifPresent(worst -> tiles.getChildren()
                        .add(tile(
                                "noted-worst",
                                Numbers.text(worst.fps(), 0),
                                "/s, worst stretch: %s from %s"
                                        .formatted(
                                                Durations.exact(Math.round(worst.toS() - worst.fromS())),
                                                Durations.exact(Math.round(worst.fromS()))),
                                "Where the counter stood lowest.")));
        if (distinct.isKnown()) {
            tiles.getChildren()
                    .add(tile(
                            "noted-distinct",
                            Numbers.text(distinct, 1),
                            "/s told apart in its clip",
                            "Pictures of its clip that are really new, each second."));
        }
        run.latency()
                .measured()
                .map(measured -> measured.figures().median())
                .filter(Figure::isKnown)
                .ifPresent(median -> tiles.getChildren()
                        .add(tile(
                                "noted-latency",
                                Numbers.text(median, 1),
                                "ms from input to light, median",
                                "What was measured of its latency: Latency (Ctrl+L) shows it click by click.")));
        for (Map.Entry<Channel, Figure> load : noted.loads().entrySet()) {
            tiles.getChildren()
                    .add(tile(
                            "noted-" + load.getKey().header(),
                            Numbers.text(load.getValue(), load.getKey() == Channel.POWER ? 1 : 0),
                            name(load.getKey()),
                            "Mean of what was noted."));
        }
        if (tiles.getChildren().isEmpty()) {
            tiles.getChildren().add(Labels.note("No number belongs to this run."));
        }
        return tiles;
    }

    private static String name(Channel channel) {
        return switch (channel) {
            case GPU_LOAD -> "% GPU load";
            case SECOND_GPU_LOAD -> "% load of the second GPU";
            case CPU_LOAD -> "% CPU load";
            case VRAM -> "MB of card memory";
            case POWER -> "W";
            case GPU_TEMPERATURE -> "°C, GPU";
            case GPU_CLOCK -> "MHz, GPU";
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
        Tooltip.install(tile, new Tooltip(explanation));
        return tile;
    }

    private static Node felt(Impression felt) {
        GridPane grid = new GridPane(14, 3);
        int row = 0;
        row = scale(grid, row, "smoothness", felt.smoothness(), "1 shakes, 5 flows");
        row = scale(grid, row, "response", felt.response(), "1 drags, 5 follows the hand");
        row = scale(grid, row, "artefacts", felt.artefacts(), "1 spoil the picture, 5 none seen");
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
                    "%d min · grade %s"
                            .formatted(next.way().minutes(), next.way().grade()),
                    "muted");
            cost.setMinWidth(USE_PREF_SIZE);
            GridPane.setValignment(cost, VPos.TOP);
            GridPane.setHgrow(how, Priority.ALWAYS);
            grid.addRow(row++, subject, how, cost);
        }
        HBox head =
                Boxes.row(Labels.heading("What it cannot tell"), Labels.of("and the quickest way to know", "muted"));
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
