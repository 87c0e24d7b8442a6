package app.fluss.app.tune;

import app.fluss.app.importing.DisplayDialog;
import app.fluss.app.model.Contents;
import app.fluss.app.model.Jobs;
import app.fluss.app.model.RunEdits;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Choice;
import app.fluss.app.theme.Columns;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.NumberField;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.ShareBar;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.WrappingRow;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.GenerationWay;
import app.fluss.core.bench.Setup;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.path.Chain;
import app.fluss.core.path.Stage;
import app.fluss.core.path.StageKind;
import app.fluss.core.tune.CapGrid;
import app.fluss.core.tune.TuneBench;
import app.fluss.core.tune.TuneCell;
import app.fluss.core.verdict.Rule;
import app.fluss.core.verdict.School;
import app.fluss.files.study.Run;
import app.fluss.files.table.Cell;
import app.fluss.files.table.DataTable;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/// Every cap with every multiplier, worked out from the native log at hand, ranked by what is wanted
/// of the game.
final class CapPane extends VBox {
    private static final int REPEATS = 3;
    private static final int SHOWN = 6;

    private final Workbench workbench;
    private final Theme theme;
    private final Jobs jobs;
    private final Runnable plan;
    private final Label place = Labels.of("", "chip");
    private final Label rests = Labels.note("");
    private final TextField cost = new TextField();
    private final ChoiceBox<StageKind> generator = Choice.of("tune-generator", TuneText.GENERATOR, StageKind::title);
    private final ChoiceBox<School> school = Choice.of("tune-school", TuneText.SCHOOL, School::title);
    private final TextField mostAdded = new TextField();
    private final TextField leastBase = new TextField();
    private final CapCells cells = new CapCells(this::choose);
    private final VBox ranking = new VBox(7);
    private final Label chosenName = Labels.heading("");
    private final Label chosenWords = Labels.wrapped("", "small");
    private final Button planIt =
            Buttons.primary(TuneText.PLAN_THIS_PATH, TuneText.PLAN_THIS_PATH_TIP, this::planChosen);
    private final Columns body;
    private final Label nothing = Labels.note("");
    private final Button stateDisplay =
            Buttons.primary(TuneText.STATE_ITS_DISPLAY, TuneText.STATE_ITS_DISPLAY_TIP, () -> {});
    private final VBox none = new VBox(10, nothing, stateDisplay);
    private Optional<CapGrid> grid = Optional.empty();
    private @Nullable TuneCell chosen;
    private @Nullable Run used;
    private @Nullable Asked asked;

    /// What a grid was worked out for: the same is not worked out again.
    private record Asked(long runId, TuneBench bench) {}

    /// @param plan goes to the plan
    CapPane(Workbench workbench, Theme theme, Jobs jobs, Runnable plan) {
        super(10);
        this.workbench = workbench;
        this.theme = theme;
        this.jobs = jobs;
        this.plan = plan;
        cost.setId("tune-cost");
        cost.setPrefColumnCount(4);
        cost.setText("1.5");
        planIt.setId("tune-plan");
        generator
                .getItems()
                .setAll(Arrays.stream(StageKind.values())
                        .filter(StageKind::isGenerator)
                        .filter(kind -> kind != StageKind.OTHER_GENERATION)
                        .toList());
        generator.setValue(StageKind.CAPTURE_GENERATION);
        SchoolChoice.follow(workbench, school, one -> !one.isOfHeadsets(), School.SMOOTH_FIRST);
        mostAdded.setId("tune-added");
        leastBase.setId("tune-base");
        for (TextField bound : List.of(mostAdded, leastBase)) {
            bound.setPrefColumnCount(3);
            bound.textProperty().subscribe(() -> rank());
        }
        school.valueProperty().subscribe(this::takeBounds);
        generator.valueProperty().subscribe(() -> work());
        cost.setOnAction(_ -> work());
        cost.focusedProperty().subscribe(focused -> {
            if (!focused) {
                work();
            }
        });
        VBox gridPanel = Boxes.panel(
                new WrappingRow(
                        8,
                        Labels.heading(TuneText.CAP_TIMES_MULTIPLIER),
                        Labels.of(TuneText.CELL_LEGEND, "muted"),
                        Boxes.spacer(),
                        ShareBar.ofTable(TuneText.CAP_AND_MULTIPLIER, () -> grid.map(CapPane::table))),
                Labels.wrapped(TuneText.CELL_ABOUT, "muted", "small"),
                scrolled(cells));
        HBox.setHgrow(gridPanel, Priority.ALWAYS);
        gridPanel.setMinWidth(0);
        VBox side = Boxes.panel(
                chosenName, chosenWords, planIt, Labels.heading(TuneText.WHY_NOT_OTHERS), scrolled(ranking));
        Ems.pref(side, 300);
        Ems.min(side, 260);
        body = new Columns(theme, 380, gridPanel, side);
        VBox.setVgrow(body, Priority.ALWAYS);
        getChildren()
                .setAll(
                        Boxes.row(place, Boxes.spacer(), Labels.of(TuneText.FOR, "muted"), school),
                        new WrappingRow(
                                16,
                                Labels.beside(TuneText.GENERATOR_LABEL, generator, ""),
                                Labels.beside(TuneText.MAKE_TIME, cost, TuneText.MS),
                                Boxes.spacer(),
                                Labels.beside(TuneText.MAY_ADD, mostAdded, TuneText.MS),
                                Labels.beside(TuneText.BASE_AT_LEAST, leastBase, "/s")),
                        rests,
                        body);
        workbench.selectedProperty().subscribe(_ -> work());
    }

    private static ScrollPane scrolled(VBox box) {
        return scroll(Boxes.scrolled(box));
    }

    private static ScrollPane scrolled(CapCells box) {
        return scroll(Boxes.scrolled(box));
    }

    private static ScrollPane scroll(VBox box) {
        ScrollPane scroll = Boxes.scrolling(box);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        return scroll;
    }

    /// Works the grid out for the selected scene, where this screen is shown.
    void work() {
        if (getScene() == null) {
            return;
        }
        Contents contents = workbench.contentsProperty().get();
        Run selected = workbench.selectedProperty().get();
        Optional<Run> run = selected == null ? Optional.empty() : contents.baselineLog(selected.sceneId());
        double costMs = FactKey.number(cost.getText().replace(',', '.'));
        place.setText(selected == null ? "" : contents.place(selected));
        if (run.isEmpty()) {
            Optional<Run> undisplayed =
                    selected == null ? Optional.empty() : contents.baselineLogWithoutDisplay(selected.sceneId());
            none(undisplayed
                    .map(log -> TuneText.NO_DISPLAY_STATED.formatted(log.path().name(), log.name()))
                    .orElse(TuneText.NO_NATIVE_LOG));
            undisplayed.ifPresent(log -> stateDisplay.setOnAction(_ -> stateDisplay(log)));
            stateDisplay.setVisible(undisplayed.isPresent());
            return;
        }
        if (!(costMs >= 0 && costMs <= 100)) {
            none(TuneText.MAKE_TIME_INVALID);
            return;
        }
        Run from = run.get();
        Setup setup = contents.bench()
                .setup(contents.scene(from.sceneId()).gameId(), Chain.of(generator.getValue()))
                .overlaid(from.setup().recorded());
        TuneBench bench = TuneBench.stated(
                costMs,
                generator.getValue() == StageKind.SECOND_GPU,
                from.display().orElseThrow(),
                setup);
        Asked asking = new Asked(from.id(), bench);
        if (asking.equals(asked) && (grid.isPresent() || jobs.busyProperty().get())) {
            return; // it is there, or on its way
        }
        asked = asking;
        workbench.look(
                TuneText.CALCULATING_CAPS,
                (figures, progress) -> CapGrid.of(figures.of(from).slice(), bench, progress),
                found -> show(found, from, bench));
    }

    private void none(String words) {
        asked = null;
        grid = Optional.empty();
        rests.setText("");
        nothing.setText(words);
        stateDisplay.setVisible(false);
        getChildren().set(3, none);
    }

    private void stateDisplay(Run log) {
        RunEdits edits = workbench.edits().runs();
        DisplayDialog.ask(
                        theme,
                        getScene().getWindow(),
                        workbench.contentsProperty().get().display())
                .ifPresent(mode -> edits.state(log, mode));
    }

    private static DataTable table(CapGrid grid) {
        DataTable.Builder table = new DataTable.Builder(
                "cap_fps",
                "multiplier",
                "presented_fps",
                "delivered_fps",
                "latency_ms",
                "added_ms",
                "motion_ms",
                "cap_held_share",
                "load_share");
        for (TuneCell cell : grid.cells()) {
            table.row(
                    Cell.of(cell.capFps()),
                    Cell.of(cell.multiplier()),
                    Cell.of(cell.rates().presented()),
                    Cell.of(cell.rates().delivered()),
                    Cell.of(cell.latencyMs()),
                    Cell.of(cell.addedMs()),
                    Cell.of(cell.motionMs()),
                    Cell.of(cell.capHeld()),
                    Cell.of(cell.load()));
        }
        return table.build();
    }

    private void show(Optional<CapGrid> found, Run from, TuneBench bench) {
        grid = found;
        used = from;
        chosen = null;
        if (found.isEmpty()) {
            none(TuneText.NO_WORK_LOGGED);
            return;
        }
        getChildren().set(3, body);
        rests.setText(TuneText.GRID_BASIS.formatted(
                from.path().name() + " · " + from.name(),
                from.simulated() ? TuneText.SIMULATED : "",
                Numbers.text(bench.mode().refreshHz(), 0),
                bench.mode().sync().label(),
                bench.inFlight(),
                bench.copyMs() > 0 ? TuneText.COPY_TAKES_MS.formatted(Numbers.text(bench.copyMs(), 1)) : "",
                bench.mode().sync() == SyncMode.FIFO ? TuneText.CAP_PHASE : ""));
        rank();
    }

    /// The bounds of the school, which may be changed here; one that it does not have stays empty.
    private void takeBounds(School chosenSchool) {
        if (chosenSchool != null) {
            take(mostAdded, chosenSchool, Rule.ADDED_LATENCY);
            take(leastBase, chosenSchool, Rule.BASE_RATE);
            rank();
        }
    }

    private static void take(TextField field, School school, Rule rule) {
        field.setText(
                school.asked(rule).map(bound -> NumberField.text(bound.bound())).orElse(""));
        field.setDisable(school.asked(rule).isEmpty());
    }

    /// The school with the bounds that are typed; where one is no number, with its own.
    private School wanted() {
        School wanted = school.getValue();
        wanted = typed(wanted, Rule.ADDED_LATENCY, mostAdded);
        return typed(wanted, Rule.BASE_RATE, leastBase);
    }

    private static School typed(School school, Rule rule, TextField field) {
        double typed = FactKey.number(field.getText().replace(',', '.'));
        return school.asked(rule)
                .filter(bound -> typed != bound.bound() && Double.isFinite(typed))
                .map(bound -> school.with(bound.with(typed, TuneText.SET_IN_TUNE)))
                .orElse(school);
    }

    private void rank() {
        grid.ifPresent(found -> {
            List<CapGrid.Ranked> ranked = found.ranked(wanted());
            CapGrid.Ranked best = ranked.getFirst();
            TuneCell shown = chosen == null ? best.cell() : chosen;
            cells.show(ranked, shown);
            CapGrid.Ranked one = ranked.stream()
                    .filter(candidate -> candidate.cell().equals(shown))
                    .findFirst()
                    .orElse(best);
            chosenName.setText(name(one.cell()));
            chosenWords.setText(CapCells.words(one));
            planIt.setDisable(one.refused().isPresent() || isNothing(one.cell()));
            List<Label> reasons = new ArrayList<>();
            ranked.stream()
                    .skip(1)
                    .limit(SHOWN)
                    .forEach(other -> reasons.add(Labels.wrapped(
                            name(other.cell()) + ": "
                                    + other.refused()
                                            .orElseGet(() -> CapGrid.against(other.cell(), best.cell())
                                                    + other.warned()
                                                            .map(why -> "; " + why)
                                                            .orElse("")),
                            "small")));
            ranking.getChildren().setAll(reasons);
        });
    }

    private static boolean isNothing(TuneCell cell) {
        return cell.multiplier() == 1 && Double.isNaN(cell.capFps());
    }

    private static String name(TuneCell cell) {
        String cap =
                Double.isNaN(cell.capFps()) ? TuneText.NO_CAP : TuneText.CAP.formatted(Numbers.text(cell.capFps(), 0));
        return cell.multiplier() == 1 ? cap : cap + ", " + cell.multiplier() + "×";
    }

    private void choose(TuneCell cell) {
        chosen = cell;
        rank();
    }

    private Chain chain(TuneCell cell) {
        List<Stage> stages = new ArrayList<>();
        if (!Double.isNaN(cell.capFps())) {
            stages.add(
                    new Stage(StageKind.FRAME_CAP, Map.of(FactKey.CAP_FPS, Long.toString(Math.round(cell.capFps())))));
        }
        if (cell.multiplier() > 1) {
            stages.add(new Stage(
                    generator.getValue(),
                    Map.of(
                            FactKey.MULTIPLIER, Integer.toString(cell.multiplier()),
                            FactKey.GENERATION_WAY, GenerationWay.BETWEEN_TWO.word(),
                            FactKey.MADE_MS, cost.getText().strip().replace(',', '.'))));
        }
        return new Chain(stages);
    }

    /// Makes the chosen cell a path and wants runs of it in this scene.
    private void planChosen() {
        Run from = used;
        if (from == null || grid.isEmpty()) {
            return;
        }
        List<CapGrid.Ranked> ranked = grid.get().ranked(wanted());
        Chain chain = chain(Objects.requireNonNullElse(chosen, ranked.getFirst().cell()));
        Contents contents = workbench.contentsProperty().get();
        workbench
                .edits()
                .plan()
                .wantPath(from.sceneId(), contents.freePathName(chain.proposedName()), chain, REPEATS, plan);
    }
}
