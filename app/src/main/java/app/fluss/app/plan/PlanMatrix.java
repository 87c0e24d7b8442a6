package app.fluss.app.plan;

import app.fluss.app.model.Contents;
import app.fluss.app.model.Coverage;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Tips;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.Game;
import app.fluss.files.study.Planned;
import app.fluss.files.study.Scene;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/// Scenes × paths: runs that count, runs wanted, and the grade at which they compare. In one game the wishes are
/// changed here; over all games it is the coverage of the study.
final class PlanMatrix extends GridPane {
    private static final double HEAD_PX = 118;
    private static final int CELLS_AT_A_TIME = 6;

    private final Workbench workbench;
    private final Map<Planned.Cell, Shown> shown = new HashMap<>();
    private Frame frame = new Frame(List.of(), List.of(), List.of(), false);
    private int rows;

    PlanMatrix(Workbench workbench) {
        this.workbench = workbench;
        setId("matrix");
        setHgap(4);
        setVgap(3);
    }

    /// What stands in its rows and columns.
    ///
    /// @param places names of the scenes with their games
    /// @param isCompact whether it is a coverage to look at
    private record Frame(List<Scene> scenes, List<String> places, List<DeliveryPath> paths, boolean isCompact) {}

    /// What one scene on one path shows.
    ///
    /// @param suggested repeats that the spread calls for, where they are more than are wanted
    private record Shown(Coverage coverage, Optional<Integer> suggested, Node node) {
        boolean isOf(Coverage now, Optional<Integer> called) {
            return coverage.equals(now) && suggested.equals(called);
        }
    }

    /// Shows a game. Cells that stay as they are stay in the window: a wish changes one of many.
    ///
    /// @param needed repeats that the spread calls for, by cell; only where it is known
    void show(Contents contents, Optional<Game> game, Map<Planned.Cell, Integer> needed) {
        parts(contents, game, () -> needed).forEach(Runnable::run);
    }

    /// What shows a game, part by part: its heads, then some rows at a time.
    ///
    /// @param needed repeats that the spread calls for, by cell, as far as it is known by then
    List<Runnable> parts(Contents contents, Optional<Game> game, Supplier<Map<Planned.Cell, Integer>> needed) {
        List<Scene> scenes = Coverage.scenes(contents, game);
        Frame now = new Frame(
                scenes,
                scenes.stream().map(contents::place).toList(),
                Coverage.paths(contents, scenes),
                game.isEmpty());
        List<Runnable> parts = new ArrayList<>(List.of(() -> begin(now)));
        int atATime = Math.max(1, CELLS_AT_A_TIME / Math.max(1, now.paths.size()));
        for (int row = 0; row < scenes.size(); row += atATime) {
            int from = row;
            int to = Math.min(from + atATime, scenes.size());
            parts.add(() -> showRows(contents, needed.get(), from, to));
        }
        return parts;
    }

    private void begin(Frame now) {
        if (!now.equals(frame)) {
            frame = now;
            rows = 0;
            shown.clear();
            getChildren().clear();
            addHeads();
        }
    }

    private void showRows(Contents contents, Map<Planned.Cell, Integer> needed, int from, int to) {
        for (int row = from; row < to; row++) {
            if (row == rows) {
                add(name(row), 0, row + 1);
                rows++;
            }
            for (int column = 0; column < frame.paths.size(); column++) {
                Coverage coverage = Coverage.of(contents, frame.scenes.get(row), frame.paths.get(column));
                show(coverage, needed, column + 1, row + 1);
            }
        }
    }

    private void addHeads() {
        for (int column = 0; column < frame.paths.size(); column++) {
            DeliveryPath path = frame.paths.get(column);
            Node head = frame.isCompact ? upright(path) : head(path);
            GridPane.setValignment(head, VPos.BOTTOM);
            GridPane.setHalignment(head, HPos.CENTER);
            add(head, column + 1, 0);
        }
    }

    private Label name(int row) {
        Scene scene = frame.scenes.get(row);
        String place = frame.places.get(row);
        Label name = Labels.of(frame.isCompact ? place : scene.name(), "small");
        name.setMaxWidth(frame.isCompact ? 190 : 150);
        Tips.on(name, place + ", " + scene.seconds() + " s");
        return name;
    }

    private void show(Coverage coverage, Map<Planned.Cell, Integer> needed, int column, int row) {
        Planned.Cell at =
                new Planned.Cell(coverage.scene().id(), coverage.path().id());
        Optional<Integer> suggested = Optional.ofNullable(needed.get(at)).filter(runs -> runs > coverage.wanted());
        Shown before = shown.get(at);
        if (before != null && before.isOf(coverage, suggested)) {
            return;
        }
        Node node = frame.isCompact ? glance(coverage) : cell(coverage, suggested);
        GridPane.setHalignment(node, HPos.CENTER);
        GridPane.setConstraints(node, column, row);
        if (before == null) {
            getChildren().add(node);
        } else {
            // In its place among the others, for the focus goes from one to the next.
            getChildren().set(getChildren().indexOf(before.node), node);
        }
        shown.put(at, new Shown(coverage, suggested, node));
    }

    private static Label head(DeliveryPath path) {
        Label name = Labels.wrapped(path.name(), "small", "strong");
        name.setMaxWidth(HEAD_PX);
        Ems.pref(name, HEAD_PX);
        name.setAlignment(Pos.CENTER);
        return name;
    }

    private static Node upright(DeliveryPath path) {
        Label name = Labels.of(path.name(), "small");
        name.setRotate(-90);
        name.setMaxWidth(HEAD_PX);
        Tips.on(name, path.name());
        return new Group(name);
    }

    private static Node glance(Coverage coverage) {
        Label cell = Labels.of(coverage.isInUse() ? text(coverage) : "·", "cell-glance");
        cell.setAlignment(Pos.CENTER);
        Tips.on(cell, words(coverage));
        cell.getStyleClass().add(style(coverage));
        return cell;
    }

    private Node cell(Coverage coverage, Optional<Integer> suggested) {
        String id = coverage.scene().id() + "-" + coverage.path().id();
        Button less = Buttons.quiet("−", PlanText.ONE_RUN_FEWER_TIP, () -> want(coverage, coverage.wanted() - 1));
        Button more = Buttons.quiet("+", PlanText.ONE_RUN_MORE_TIP, () -> want(coverage, coverage.wanted() + 1));
        less.setDisable(coverage.wanted() == 0);
        less.setId("less-" + id);
        more.setId("more-" + id);
        Label count = Labels.of(text(coverage), "strong", "cell-count");
        count.setId("count-" + id);
        count.setAlignment(Pos.CENTER);
        Tips.on(count, words(coverage));
        HBox line = Boxes.row(less, count, more);
        line.setSpacing(2);
        line.setAlignment(Pos.CENTER);
        VBox cell = new VBox(1, line);
        cell.setAlignment(Pos.CENTER);
        cell.getStyleClass().addAll("cell", style(coverage));
        suggested.ifPresent(runs -> {
            Button take = Buttons.quiet(PlanText.NEEDS.formatted(runs), PlanText.NEEDS_TIP, () -> want(coverage, runs));
            take.getStyleClass().setAll("link");
            cell.getChildren().add(take);
        });
        return cell;
    }

    private static String text(Coverage coverage) {
        String grade = coverage.grade().map(best -> " " + best.name()).orElse("");
        return coverage.wanted() == 0
                ? (coverage.kept() == 0 ? "–" : coverage.kept() + grade)
                : coverage.kept() + "/" + coverage.wanted() + grade;
    }

    private static String words(Coverage coverage) {
        return PlanText.ON_WANTED.formatted(
                coverage.scene().name(),
                coverage.path().name(),
                coverage.kept(),
                coverage.kept() == 1 ? PlanText.RUN_COUNTS : PlanText.RUNS_COUNT,
                coverage.wanted(),
                coverage.grade()
                        .map(grade -> PlanText.GRADE_RESTS_ON.formatted(grade, grade.rests()))
                        .orElse(""));
    }

    private static String style(Coverage coverage) {
        if (!coverage.isInUse()) {
            return "cell-none";
        }
        return coverage.missing() > 0 ? "cell-open" : "cell-done";
    }

    private void want(Coverage coverage, int repeats) {
        Planned.Cell cell =
                new Planned.Cell(coverage.scene().id(), coverage.path().id());
        workbench.edits().plan().want(Map.of(cell, Math.max(0, repeats)));
    }
}
