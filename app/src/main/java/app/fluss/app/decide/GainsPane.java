package app.fluss.app.decide;

import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.ChartView;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Shareable;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.Tips;
import app.fluss.core.compare.Overall;
import app.fluss.files.chart.GainChart;
import app.fluss.files.draw.Picture;
import app.fluss.files.table.DataTable;
import app.fluss.files.verdict.GainOverGames;
import app.fluss.files.verdict.GameVerdicts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/// The gain of every path over all games: weaker grades drawn weaker, what cannot be compared listed with
/// the reason, the geometric mean below.
final class GainsPane extends VBox {
    private static final double GAME_PX = 150;
    private static final double ROOM_PX = 34;
    private static final double WIDTH = 900;

    private final Theme theme;
    private final ListView<GainOverGames.OfGame> games = new ListView<>();
    private final VBox means = new VBox(3);
    private GainOverGames shown = GainOverGames.of(List.of());

    GainsPane(Theme theme) {
        super(6);
        this.theme = theme;
        setId("gain-chart");
        games.getStyleClass().add("verdict-list");
        games.setCellFactory(_ -> new Row());
        games.setFocusTraversable(false);
        VBox.setVgrow(games, Priority.ALWAYS);
        VBox.setVgrow(this, Priority.ALWAYS);
    }

    void show(List<GameVerdicts> verdicts) {
        shown = GainOverGames.of(verdicts.stream().map(GameVerdicts::cases).toList());
        games.getItems().setAll(shown.games());
        means.getChildren().setAll(means());
        getChildren()
                .setAll(
                        Boxes.head(theme, DecideText.GAIN_OVER_GAMES, whole()),
                        Labels.note(DecideText.GAIN_DEFINITION),
                        new ChartView<>(theme, new GainChart(shown, List.of(), true)),
                        games,
                        Boxes.panel(Labels.heading(DecideText.OVER_GAMES), means));
    }

    /// All games in one picture, as high as they need, and as a table.
    private Shareable whole() {
        GainChart chart = new GainChart(shown, shown.games(), true);
        return new Shareable() {
            @Override
            public Optional<Picture> picture() {
                return chart.data().rows().isEmpty() ? Optional.empty() : Optional.of(chart.picture(WIDTH));
            }

            @Override
            public Optional<DataTable> data() {
                return Optional.of(chart.data());
            }
        };
    }

    private List<Label> means() {
        List<Label> lines = new ArrayList<>();
        shown.overall().forEach((path, overall) -> lines.add(Labels.wrapped(words(path, overall), "small")));
        if (lines.isEmpty()) {
            lines.add(Labels.note(DecideText.NO_MEAN_OVER_GAMES));
        }
        return lines;
    }

    private static String words(String path, Overall overall) {
        return DecideText.MEAN_OVER_GAMES.formatted(
                path,
                Numbers.text(overall.ratio(), 2),
                overall.ratioInterval()
                        .map(ends -> " [%s, %s]".formatted(Numbers.text(ends.low(), 2), Numbers.text(ends.high(), 2)))
                        .orElse(""),
                overall.over().size(),
                overall.leftOut().isEmpty() ? "" : DecideText.LEFT_OUT.formatted(String.join(", ", overall.leftOut())));
    }

    private final class Row extends ListCell<GainOverGames.OfGame> {
        Row() {
            setText(null);
            setPadding(new Insets(2, 0, 2, 0));
        }

        @Override
        protected void updateItem(GainOverGames.@Nullable OfGame game, boolean empty) {
            super.updateItem(game, empty);
            setGraphic(empty || game == null ? null : row(game));
        }

        private VBox row(GainOverGames.OfGame game) {
            VBox row = new VBox(1, new ChartView<>(theme, new GainChart(shown, List.of(game), false)));
            game.without().forEach((why, paths) -> {
                String which = paths.isEmpty() ? why : "%s: %s".formatted(String.join("; ", paths), why);
                Label label = Labels.of(DecideText.NOT_COMPARED.formatted(which), "muted", "small");
                Tips.on(label, which);
                label.setPadding(new Insets(0, 0, 0, GAME_PX));
                label.setMaxWidth(Double.MAX_VALUE);
                row.getChildren().add(label);
            });
            row.prefWidthProperty().bind(games.widthProperty().subtract(ROOM_PX));
            return row;
        }
    }
}
