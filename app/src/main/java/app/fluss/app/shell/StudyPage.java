package app.fluss.app.shell;

import app.fluss.app.model.Contents;
import app.fluss.app.model.Coverage;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.WrappingRow;
import app.fluss.core.measure.Grade;
import app.fluss.files.study.Game;
import app.fluss.files.study.Run;
import app.fluss.files.study.Scene;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.HPos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// What a study has, what is missing, and what to do next.
final class StudyPage extends VBox {
    private static final String[] HEADS = {
        ShellText.GAME,
        ShellText.SCENES,
        ShellText.PATHS,
        ShellText.RUNS,
        ShellText.WEAKEST_EVIDENCE,
        ShellText.MISSING_COLUMN,
        ""
    };

    private final Ways ways;
    private final Label name = Labels.title("");
    private final Label counts = Labels.of("", "muted");
    private final Label missing = Labels.wrapped("");
    private final Button next = Buttons.primary("", ShellText.NEXT_STEP_TIP, this::go);
    private final GridPane grid = new GridPane(22, 8);
    private Runnable step = () -> {};

    StudyPage(Ways ways) {
        super(12);
        this.ways = ways;
        setId("study-page");
        next.setId("study-next");
        missing.setId("study-missing");
        name.setMinWidth(USE_PREF_SIZE);
        for (int c = 0; c < HEADS.length; c++) {
            ColumnConstraints column = new ColumnConstraints();
            column.setHgrow(c == 0 ? Priority.SOMETIMES : Priority.NEVER);
            column.setHalignment(c == 0 || c == 4 ? HPos.LEFT : HPos.RIGHT);
            grid.getColumnConstraints().add(column);
        }
        VBox step = Boxes.panel(Labels.heading(ShellText.NEXT_STEP), missing, next);
        VBox games = Boxes.panel(Labels.heading(ShellText.GAMES), grid);
        ScrollPane scroll = Boxes.scrolling(Boxes.scrolled(step, games));
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().setAll(new WrappingRow(10, name, counts), scroll);
    }

    private void go() {
        step.run();
    }

    void show(String study, Contents contents) {
        name.setText(study);
        counts.setText("%s · %s · %s"
                .formatted(
                        counted(contents.games().size(), ShellText.GAME),
                        counted(contents.scenes().size(), ShellText.SCENE),
                        counted(contents.runs().size(), ShellText.RUN)));
        showNext(contents);
        grid.getChildren().clear();
        for (int c = 0; c < HEADS.length; c++) {
            grid.add(Labels.of(HEADS[c], "muted"), c, 0);
        }
        int row = 1;
        for (Game game : contents.games()) {
            row(contents, game, row++);
        }
    }

    private static String counted(int count, String what) {
        return count == 1 ? "1 " + what : "%d %ss".formatted(count, what);
    }

    private void showNext(Contents contents) {
        long planned = contents.planned().openRuns();
        int open = contents.missing(contents.scenes());
        if (planned > 0) {
            next(
                    ShellText.PLANNED.formatted(counted((int) planned, ShellText.RUN)),
                    ShellText.MEASURE,
                    () -> ways.go(Work.CAPTURE));
        } else if (open > 0) {
            next(
                    ShellText.STILL_WANTED.formatted(counted(open, ShellText.RUN)),
                    ShellText.PLAN_SESSION,
                    () -> ways.go(Work.PLAN));
        } else {
            next(ShellText.NOTHING_MISSING, ShellText.COMPARE_PATHS, () -> ways.go(Work.COMPARE));
        }
    }

    private void next(String words, String button, Runnable does) {
        missing.setText(words);
        next.setText(button);
        step = does;
        Platform.runLater(next::requestFocus);
    }

    private void row(Contents contents, Game game, int row) {
        List<Scene> scenes = Coverage.scenes(contents, Optional.of(game));
        List<Run> runs =
                scenes.stream().flatMap(scene -> contents.runs(scene).stream()).toList();
        int open = contents.missing(scenes);
        Label title = Labels.of(game.name(), "strong");
        title.setMinWidth(0);
        Optional<Grade> weakest =
                runs.stream().filter(Run::isKept).map(Run::grade).reduce(Grade::weaker);
        grid.addRow(
                row,
                title,
                Labels.of(Integer.toString(scenes.size())),
                Labels.of(Integer.toString(Coverage.paths(contents, scenes).size())),
                Labels.of(Integer.toString(runs.size())),
                Labels.of(
                        weakest.map(grade -> "%s, %s".formatted(grade, grade.rests()))
                                .orElse(ShellText.NO_RUN_YET),
                        "muted"),
                Labels.of(open == 0 ? "" : Integer.toString(open), "changed"));
        runs.stream()
                .findFirst()
                .ifPresent(first -> grid.add(
                        Buttons.quiet(ShellText.EXAMINE_RUN, ShellText.EXAMINE_RUN_TIP, () -> ways.examine(first)),
                        HEADS.length - 1,
                        row));
    }
}
