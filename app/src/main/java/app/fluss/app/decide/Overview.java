package app.fluss.app.decide;

import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.ShareBar;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.WrappingRow;
import app.fluss.core.verdict.Verdict;
import app.fluss.files.share.VerdictRows;
import app.fluss.files.verdict.GameCases;
import app.fluss.files.verdict.GameVerdicts;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/// The study at a glance: games down, paths across, a card for each, alike ones in the same order.
final class Overview extends VBox {
    private static final double GAME_PX = 150;
    private static final double CARD_PX = 182;
    private static final double ROOM_PX = 40;

    private final BiConsumer<GameVerdicts, String> open;
    private final Filters filters = new Filters(this::fill);
    private final ListView<GameVerdicts> games = new ListView<>();
    private final GainsPane gains;
    private final ToggleButton verdicts = new ToggleButton(DecideText.VERDICTS);
    private final ToggleButton chart = new ToggleButton(DecideText.GAIN);
    private final VBox body = new VBox(4);
    private final Label none = Labels.note("");
    private List<GameVerdicts> all = List.of();
    private List<PathKind> kinds = List.of();

    /// @param open looks at a game, and at a path of it; an empty name for the one that is used
    /// @param schools opens the schools
    Overview(Theme theme, BiConsumer<GameVerdicts, String> open, Runnable schools) {
        super(10);
        this.open = open;
        gains = new GainsPane(theme);
        setId("decide-overview");
        ToggleGroup looks = new ToggleGroup();
        for (ToggleButton button : List.of(verdicts, chart)) {
            button.getStyleClass().add("quiet");
            button.setMinWidth(USE_PREF_SIZE);
            button.setToggleGroup(looks);
        }
        chart.setId("decide-gains");
        verdicts.setSelected(true);
        looks.selectedToggleProperty().subscribe((_, chosen) -> {
            if (chosen == null) {
                verdicts.setSelected(true);
            }
            fill();
        });
        Button edit = Buttons.quiet(DecideText.SCHOOLS, DecideText.SCHOOLS_TIP, schools);
        edit.setId("decide-schools");
        games.setId("decide-games");
        games.getStyleClass().add("verdict-list");
        games.setCellFactory(_ -> new Row());
        games.setFocusTraversable(false);
        VBox.setVgrow(games, Priority.ALWAYS);
        VBox.setVgrow(body, Priority.ALWAYS);
        Label title = Labels.title(DecideText.WHAT_TO_USE);
        title.setMinWidth(USE_PREF_SIZE);
        WrappingRow titled = new WrappingRow(
                8,
                title,
                verdicts,
                chart,
                Boxes.spacer(),
                ShareBar.ofTable(DecideText.VERDICTS, () -> Optional.of(VerdictRows.table(filters.of(all)))),
                edit);
        setMinWidth(0);
        getChildren().setAll(titled, filters, body);
    }

    void show(List<GameVerdicts> games) {
        all = games;
        Set<PathKind> found = new LinkedHashSet<>();
        for (GameVerdicts game : games) {
            game.cases().paths().stream()
                    .filter(path -> game.paths().containsKey(path.name()))
                    .map(PathKind::of)
                    .forEach(found::add);
        }
        kinds = List.copyOf(found);
        filters.offer(kinds);
        fill();
    }

    private void fill() {
        List<GameVerdicts> shown = filters.of(all);
        if (chart.isSelected()) {
            gains.show(shown);
            body.getChildren().setAll(gains);
            return;
        }
        if (shown.isEmpty()) {
            none.setText(all.isEmpty() ? DecideText.NOTHING_TO_DECIDE : DecideText.NO_GAME_MATCHES);
            Hyperlink clear = new Hyperlink(DecideText.SHOW_ALL);
            clear.setOnAction(_ -> filters.clear());
            clear.setVisible(filters.isActive());
            body.getChildren().setAll(none, clear);
            return;
        }
        games.getItems().setAll(shown);
        body.getChildren().setAll(legend(), games);
    }

    /// The paths of a game that are shown, alike ones side by side, in the same order in every game.
    private List<GameCases.OfPath> paths(GameVerdicts game) {
        return game.cases().paths().stream()
                .filter(path -> filters.shows(game, path))
                .sorted(Comparator.comparingInt(path -> kinds.indexOf(PathKind.of(path))))
                .toList();
    }

    private static <R extends Region> R sized(R region, double px) {
        Ems.fix(region, px);
        region.setMaxWidth(Region.USE_PREF_SIZE);
        return region;
    }

    private static Node legend() {
        FlowPane legend = new FlowPane(12, 2);
        for (Verdict.Word word : Verdict.Word.values()) {
            HBox one = new HBox(5, VerdictMark.of(word), Labels.of(word.title(), "muted", "small"));
            one.setAlignment(Pos.CENTER_LEFT);
            legend.getChildren().add(one);
        }
        legend.getChildren().add(Labels.of(DecideText.CELL_LEGEND, "muted", "small"));
        return legend;
    }

    /// One game.
    private final class Row extends ListCell<GameVerdicts> {
        Row() {
            setText(null);
            setPadding(new Insets(3, 0, 3, 8));
        }

        @Override
        protected void updateItem(@Nullable GameVerdicts game, boolean empty) {
            super.updateItem(game, empty);
            setGraphic(empty || game == null ? null : row(game));
        }

        private Node row(GameVerdicts game) {
            Button name = Buttons.quiet(
                    game.game(), DecideText.LOOK_AT_TIP.formatted(game.game()), () -> open.accept(game, ""));
            name.setMaxWidth(Double.MAX_VALUE);
            name.setMinWidth(0);
            name.setAlignment(Pos.CENTER_LEFT);
            name.getStyleClass().setAll("button", "game-name");
            VBox left = sized(new VBox(name, Labels.of(game.school().title(), "muted", "small")), GAME_PX);
            if (game.paths().isEmpty()) {
                Label why = Labels.wrapped(
                        game.cases().without().isEmpty()
                                ? DecideText.JUDGES_NONE.formatted(game.school().title())
                                : capital(game.cases().without()) + ".",
                        "muted",
                        "small");
                HBox.setHgrow(why, Priority.ALWAYS);
                return new HBox(6, left, why);
            }
            FlowPane cards = new FlowPane(5, 5);
            cards.prefWrapLengthProperty().bind(games.widthProperty().subtract(GAME_PX + ROOM_PX));
            for (GameCases.OfPath path : paths(game)) {
                boolean winner = game.primary().filter(path.name()::equals).isPresent();
                cards.getChildren()
                        .add(sized(
                                new VerdictCard(
                                        path, game.verdict(path.name()), winner, () -> open.accept(game, path.name())),
                                CARD_PX));
            }
            return new HBox(6, left, cards);
        }
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    /// How many verdicts say what, for the order of work.
    static String count(List<GameVerdicts> games) {
        long open = games.stream()
                .flatMap(game -> game.paths().values().stream())
                .filter(verdict -> verdict.word() == Verdict.Word.NOT_SETTLED)
                .count();
        return open == 0 ? "" : DecideText.OPEN.formatted(open);
    }
}
