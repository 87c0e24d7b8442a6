package app.fluss.app.decide;

import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Palette;
import app.fluss.app.theme.Palette.Role;
import app.fluss.app.theme.Theme;
import app.fluss.core.compare.Interval;
import app.fluss.core.compare.Overall;
import app.fluss.core.measure.Grade;
import app.fluss.files.verdict.GainOverGames;
import app.fluss.files.verdict.GameVerdicts;
import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Insets;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.text.TextAlignment;
import org.jspecify.annotations.Nullable;

/// The gain of every path over all games: weaker grades drawn weaker, what cannot be compared listed with the
/// reason,
/// the geometric mean below.
final class GainChart extends VBox {
    private static final double GAME_PX = 150;
    private static final double NAME_PX = 250;
    private static final double LINE_PX = 19;
    private static final double AXIS_PX = 22;
    private static final double ROOM_PX = 34;

    private final Theme theme;
    private final ListView<GainOverGames.OfGame> games = new ListView<>();
    private final VBox means = new VBox(3);
    private GainOverGames shown = GainOverGames.of(List.of());

    GainChart(Theme theme) {
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
                        Labels.note(
                                "Delivered rate over the native one, in the heaviest scene of each game. ◆ from run to run, ◇ without such an interval, dashed below grade B."),
                        new Axis(),
                        games,
                        Boxes.panel(Labels.heading("Over the games that have both sides"), means));
    }

    private List<Label> means() {
        List<Label> lines = new ArrayList<>();
        shown.overall().forEach((path, overall) -> lines.add(Labels.wrapped(words(path, overall), "small")));
        if (lines.isEmpty()) {
            lines.add(Labels.note("No path was measured in two games: a mean over games needs that."));
        }
        return lines;
    }

    private static String words(String path, Overall overall) {
        return "%s: %s ×%s, geometric mean over %d games%s."
                .formatted(
                        path,
                        Numbers.text(overall.ratio(), 2),
                        overall.ratioInterval()
                                .map(ends -> " [%s, %s]"
                                        .formatted(Numbers.text(ends.low(), 2), Numbers.text(ends.high(), 2)))
                                .orElse(""),
                        overall.over().size(),
                        overall.leftOut().isEmpty() ? "" : "; left out: " + String.join(", ", overall.leftOut()));
    }

    /// Where a gain stands between the names at both sides.
    private double x(double gain, double width) {
        double left = scale(GAME_PX);
        double right = width - scale(NAME_PX);
        double low = Math.log(shown.low()) - 0.03;
        double high = Math.log(shown.high()) + 0.03;
        return left + (Math.log(gain) - low) / (high - low) * (right - left);
    }

    private double scale(double px) {
        return px * theme.textScaleProperty().get();
    }

    private final class Axis extends CanvasView {
        Axis() {
            super(theme, "Scale of the gain");
            setMinHeight(AXIS_PX);
            setPrefHeight(AXIS_PX);
            setPadding(new Insets(0));
        }

        @Override
        protected void draw(GraphicsContext g, Palette palette, double width, double height) {
            g.setFill(palette.get(Role.MUTED));
            g.setTextAlign(TextAlignment.CENTER);
            g.setTextBaseline(VPos.CENTER);
            for (double gain : new double[] {0.5, 0.75, 1, 1.25, 1.5, 2, 2.5, 3, 4, 5, 6}) {
                if (gain >= shown.low() * 0.97 && gain <= shown.high() * 1.03) {
                    g.fillText(Numbers.text(gain, gain * 4 % 2 == 0 ? 1 : 2) + " ×", x(gain, width), height / 2);
                }
            }
        }
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
            VBox row = new VBox(1, new Gains(game));
            game.without().forEach((why, paths) -> {
                String which = paths.isEmpty() ? why : "%s: %s".formatted(String.join("; ", paths), why);
                Label label = Labels.of("not compared: " + which, "muted", "small");
                label.setTooltip(new Tooltip(which));
                label.setPadding(new Insets(0, 0, 0, GAME_PX));
                label.setMaxWidth(Double.MAX_VALUE);
                row.getChildren().add(label);
            });
            row.prefWidthProperty().bind(games.widthProperty().subtract(ROOM_PX));
            return row;
        }
    }

    /// The gains of one game, a line for each path.
    private final class Gains extends CanvasView {
        private final GainOverGames.OfGame game;

        Gains(GainOverGames.OfGame game) {
            super(theme, "Gains in " + game.game());
            this.game = game;
            textScaled();
        }

        @Override
        protected void textScaled() {
            double high = scaled(LINE_PX)
                    * Math.max(1, game == null ? 1 : game.paths().size());
            setMinHeight(high);
            setPrefHeight(high);
        }

        @Override
        protected void draw(GraphicsContext g, Palette palette, double width, double height) {
            double line = scaled(LINE_PX);
            g.setTextBaseline(VPos.CENTER);
            g.setTextAlign(TextAlignment.LEFT);
            g.setFill(palette.get(Role.INK));
            g.fillText(game.game(), 2, line / 2, scale(GAME_PX) - 12);
            double one = x(1, width);
            g.setStroke(palette.get(Role.LINE));
            g.strokeLine(one, 0, one, height);
            double y = line / 2;
            for (GainOverGames.OfPath path : game.paths()) {
                path(g, palette, path, width, y);
                y += line;
            }
        }

        private void path(GraphicsContext g, Palette palette, GainOverGames.OfPath path, double width, double y) {
            Grade grade = path.gain().grade().orElse(Grade.E);
            g.setGlobalAlpha(grade.hasLog() ? 1 : 0.6);
            double at = x(path.value(), width);
            g.setStroke(palette.get(path.value() >= 1 ? Role.WATER : Role.WARM));
            g.setFill(palette.get(path.value() >= 1 ? Role.WATER : Role.WARM));
            g.setLineWidth(1.6);
            path.interval().ifPresent(ends -> interval(g, ends, grade, width, y));
            double[] xs = {at, at + 5, at, at - 5};
            double[] ys = {y - 5, y, y + 5, y};
            if (path.gain().kind().canSettle()) {
                g.fillPolygon(xs, ys, 4);
            } else {
                g.setLineWidth(1.4);
                g.strokePolygon(xs, ys, 4);
            }
            g.setFill(palette.get(Role.INK));
            g.fillText(
                    "%s ×  %s  (%s%s)"
                            .formatted(
                                    Numbers.text(path.value(), 2),
                                    path.path(),
                                    grade,
                                    path.simulated() ? ", simulated" : ""),
                    width - scale(NAME_PX) + 12,
                    y,
                    scale(NAME_PX) - 16);
            g.setGlobalAlpha(1);
        }

        private void interval(GraphicsContext g, Interval ends, Grade grade, double width, double y) {
            if (!grade.hasLog()) {
                g.setLineDashes(3, 3);
            }
            g.strokeLine(x(ends.low(), width), y, x(ends.high(), width), y);
            g.setLineDashes();
        }
    }
}
