package app.fluss.app.plan;

import app.fluss.app.blind.BlindList;
import app.fluss.app.model.Contents;
import app.fluss.app.model.Coverage;
import app.fluss.app.model.Open;
import app.fluss.app.model.Reports;
import app.fluss.app.model.SpreadSeen;
import app.fluss.app.model.Workbench;
import app.fluss.app.share.SystemPrinting;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Choice;
import app.fluss.app.theme.Durations;
import app.fluss.app.theme.FileChoice;
import app.fluss.app.theme.InTurn;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.Tips;
import app.fluss.app.theme.WrappingRow;
import app.fluss.core.plan.PlanSettings;
import app.fluss.core.plan.Planner;
import app.fluss.core.plan.PowerCurve;
import app.fluss.core.plan.RepeatsWanted;
import app.fluss.core.plan.Wish;
import app.fluss.files.bench.RunSheetPage;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.Game;
import app.fluss.files.study.Planned;
import app.fluss.files.study.Run;
import app.fluss.files.study.Scene;
import app.fluss.files.study.SheetRow;
import app.fluss.files.work.WholeFiles;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.beans.binding.Bindings;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;

/// Plan: what is measured, how often, in what order, and how long it takes.
public final class PlanScreen extends VBox {
    private static final double GAME_PX = 250;
    private static final double ALL_PX = 400;

    private final Workbench workbench;
    private final Consumer<String> problems;
    private final ChoiceBox<Optional<Game>> games =
            Choice.of("plan-game", PlanText.GAME, game -> game.map(Game::name).orElse(PlanText.ALL_GAMES));
    private final MenuButton addPath = new MenuButton(PlanText.PATH);
    private final PlanMatrix matrix;
    private final PlanFields fields;
    private final SheetList sheet;
    private final VBox sheetPanel;
    private final Label sheetTitle = Labels.heading(PlanText.RUN_SHEET);
    private final HBox first = Boxes.row();
    private final Button plan;
    private final Button print;
    private final Button save;
    private final PowerView power;
    private final HBox offer = Boxes.row();
    private final BlindList blind;
    private final VBox matrixPanel;
    private final InTurn inTurn = new InTurn(this);
    private boolean filling;
    private SpreadSeen seen = SpreadSeen.NONE;
    private LookedAt lookedAt = new LookedAt(List.of(), 0);

    /// @param problems is told, in words, what went wrong
    /// @param measure goes on to measuring
    /// @param play goes on to the blind block
    public PlanScreen(Workbench workbench, Theme theme, Consumer<String> problems, Runnable measure, Runnable play) {
        super(12);
        this.workbench = workbench;
        this.problems = problems;
        setId("plan");
        matrix = new PlanMatrix(workbench);
        fields = new PlanFields(workbench);
        sheet = new SheetList(workbench);
        addPath.setId("plan-add-path");
        addPath.getStyleClass().add("quiet");
        addPath.setMinWidth(USE_PREF_SIZE);
        Tips.on(addPath, PlanText.ADD_PATH_TIP);
        games.valueProperty().subscribe((_, _) -> {
            if (!filling) {
                show();
            }
        });
        Button apart = Buttons.quiet(PlanText.TAKE_APART, PlanText.TAKE_APART_TIP, () -> takeApart(theme));
        apart.setId("plan-apart");
        blind = new BlindList(workbench, theme, problems, play);
        ToggleButton how = new ToggleButton(PlanText.HOW);
        how.getStyleClass().add("quiet");
        how.setId("plan-how");
        how.setMinWidth(USE_PREF_SIZE);
        Tips.on(how, PlanText.HOW_TIP);
        plan = Buttons.primary(PlanText.PLAN_SESSION, PlanText.PLAN_SESSION_TIP, this::plan);
        plan.setId("plan-session");
        print = Buttons.quiet(PlanText.PRINT, PlanText.PRINT_TIP, this::print);
        save = Buttons.quiet(PlanText.SAVE_AS, PlanText.SAVE_AS_TIP, this::keep);
        power = new PowerView(theme);
        VBox howPanel = Boxes.panel(
                fields,
                Boxes.head(theme, PlanText.POWER_QUESTION, power),
                Labels.note(PlanText.POWER_EXPLAINED),
                power,
                offer);
        howPanel.visibleProperty().bind(how.selectedProperty());
        howPanel.managedProperty().bind(how.selectedProperty());
        MatrixScroll scrolled = new MatrixScroll(matrix);
        scrolled.maxHeightProperty()
                .bind(Bindings.createDoubleBinding(() -> game().isPresent() ? GAME_PX : ALL_PX, games.valueProperty()));
        matrixPanel = Boxes.panel(scrolled, first);
        matrixPanel.setMinHeight(Region.USE_PREF_SIZE);
        sheetPanel = Boxes.panel(
                Boxes.row(
                        sheetTitle,
                        Boxes.spacer(),
                        print,
                        save,
                        Buttons.quiet(PlanText.MEASURE, PlanText.MEASURE_TIP, measure)),
                sheet);
        VBox.setVgrow(sheet, Priority.ALWAYS);
        VBox.setVgrow(sheetPanel, Priority.ALWAYS);
        Label title = Labels.title(PlanText.PLAN);
        title.setMinWidth(USE_PREF_SIZE);
        getChildren()
                .addAll(
                        new WrappingRow(
                                8, title, games, addPath, Boxes.spacer(), apart, blind.adding(this::game), how, plan),
                        howPanel);
        workbench.contentsProperty().subscribe(this::fill);
        // Nothing is worked out for a screen that nobody looks at; what a look at it brings comes in pieces.
        sceneProperty()
                .subscribe(() -> Platform.runLater(
                        () -> fill(workbench.contentsProperty().get())));
        workbench.selectedProperty().subscribe(run -> {
            if (run != null && getScene() != null) {
                games.setValue(proposed(workbench.contentsProperty().get()));
            }
        });
    }

    private void takeApart(Theme theme) {
        Contents contents = workbench.contentsProperty().get();
        List<Scene> scenes = Coverage.scenes(contents, game());
        List<DeliveryPath> packages = TakeApartDialog.packages(contents.bench().paths());
        if (scenes.isEmpty() || packages.isEmpty()) {
            problems.accept(PlanText.NOTHING_TO_TAKE_APART);
            return;
        }
        new TakeApartDialog(workbench, theme, getScene().getWindow(), scenes, packages).ask();
    }

    /// What the spread was looked at for.
    private record LookedAt(List<Run> runs, double matters) {}

    private void fill(Contents contents) {
        if (getScene() == null) {
            return;
        }
        Optional<Game> before = games.getValue();
        List<Optional<Game>> choices =
                new ArrayList<>(contents.games().stream().map(Optional::of).toList());
        choices.addFirst(Optional.empty());
        if (!games.getItems().equals(choices)) {
            filling = true; // what is chosen is shown once, below
            games.getItems().setAll(choices);
            boolean stays = before != null && before.isPresent() && choices.contains(before);
            games.setValue(stays ? before : proposed(contents));
            filling = false;
        }
        fields.show(contents.planned().settings());
        show();
    }

    /// The game of the run that is looked at, else the first.
    private Optional<Game> proposed(Contents contents) {
        return Optional.ofNullable(workbench.selectedProperty().get())
                .flatMap(run -> contents.scenes().stream()
                        .filter(scene -> scene.id() == run.sceneId())
                        .findFirst())
                .map(contents::game)
                .or(() -> contents.games().stream().findFirst());
    }

    private Optional<Game> game() {
        return Optional.ofNullable(games.getValue()).flatMap(chosen -> chosen);
    }

    private void show() {
        Contents contents = workbench.contentsProperty().get();
        List<Scene> scenes = Coverage.scenes(contents, game());
        look(contents, scenes);
        List<Runnable> parts = new ArrayList<>();
        parts.add(() -> showHead(contents, scenes));
        parts.addAll(matrix.parts(contents, game(), () -> seen.needed()));
        parts.add(() -> showBegin(contents));
        parts.add(() -> showSheet(contents, scenes));
        inTurn.fill(parts);
    }

    private void showHead(Contents contents, List<Scene> scenes) {
        Set<Long> shown =
                Coverage.paths(contents, scenes).stream().map(DeliveryPath::id).collect(Collectors.toSet());
        addPath.getItems()
                .setAll(contents.bench().paths().stream()
                        .filter(path -> !shown.contains(path.id()))
                        .map(path -> item(path, scenes))
                        .toList());
        addPath.setDisable(game().isEmpty() || addPath.getItems().isEmpty());
        plan.setDisable(contents.missing(scenes) == 0 || contents.attempt().isPresent());
        if (!getChildren().contains(matrixPanel)) {
            getChildren().add(matrixPanel);
        }
    }

    private void showSheet(Contents contents, List<Scene> scenes) {
        Planned planned = contents.planned();
        sheetTitle.setText(
                planned.open().isEmpty()
                        ? PlanText.RUN_SHEET
                        : PlanText.RUN_SHEET_RUNS.formatted(planned.openRuns(), Durations.words(planned.openS())));
        sheet.show(contents, contents.missing(scenes));
        blind.show(contents, game());
        print.setDisable(planned.open().isEmpty());
        save.setDisable(planned.open().isEmpty());
        if (!getChildren().contains(sheetPanel)) {
            getChildren().addAll(blind, sheetPanel);
        }
    }

    /// Where nothing is wanted yet, or too little for an interval, the obvious next step.
    private void showBegin(Contents contents) {
        List<Scene> scenes = Coverage.scenes(contents, game());
        boolean nothing = Coverage.paths(contents, scenes).isEmpty();
        List<Planned.Cell> cells = Coverage.few(contents, scenes).stream()
                .map(coverage ->
                        new Planned.Cell(coverage.scene().id(), coverage.path().id()))
                .toList();
        first.setVisible(nothing || !cells.isEmpty());
        first.setManaged(first.isVisible());
        if (cells.isEmpty()) {
            first.getChildren().setAll(Labels.note(PlanText.PLAN_NEEDS));
            return;
        }
        Button want = Buttons.quiet(
                nothing ? PlanText.THREE_OF_EACH : PlanText.UP_TO_THREE,
                PlanText.UP_TO_THREE_TIP,
                () -> want(cells, RepeatsWanted.TO_BEGIN_WITH));
        want.setId("want-all");
        String words = nothing
                ? PlanText.NO_RUN_PLANNED
                : PlanText.TOO_FEW_PLANNED.formatted(
                        cells.size() == 1 ? PlanText.ONE_PATH_HAS : PlanText.PATHS_HAVE.formatted(cells.size()));
        first.getChildren().setAll(Labels.of(words, "muted"), want);
    }

    private MenuItem item(DeliveryPath path, List<Scene> scenes) {
        MenuItem item = new MenuItem(path.name());
        item.setOnAction(_ -> want(List.of(path), scenes));
        return item;
    }

    private void want(List<DeliveryPath> paths, List<Scene> scenes) {
        want(paths, scenes, RepeatsWanted.TO_BEGIN_WITH);
    }

    private void want(List<DeliveryPath> paths, List<Scene> scenes, int runs) {
        want(
                scenes.stream()
                        .flatMap(scene -> paths.stream().map(path -> new Planned.Cell(scene.id(), path.id())))
                        .toList(),
                runs);
    }

    private void want(List<Planned.Cell> cells, int runs) {
        Map<Planned.Cell, Integer> wanted = new HashMap<>();
        cells.forEach(cell -> wanted.put(cell, runs));
        workbench.edits().plan().want(wanted);
    }

    /// Looks how many repeats the spread calls for, once for the runs that are shown.
    private void look(Contents contents, List<Scene> scenes) {
        List<Run> runs = contents.runs().stream()
                .filter(run -> run.isCompared()
                        && game().isPresent()
                        && scenes.stream().anyMatch(scene -> scene.id() == run.sceneId()))
                .toList();
        double matters = contents.planned().settings().rateMatters();
        LookedAt now = new LookedAt(runs, matters);
        if (now.equals(lookedAt)) {
            return;
        }
        lookedAt = now;
        seen = SpreadSeen.NONE;
        workbench.look(
                PlanText.CALCULATING_SPREAD, (figures, progress) -> SpreadSeen.of(runs, figures, matters), found -> {
                    if (now.equals(lookedAt)) {
                        seen = found;
                        power.show(found.curve(), matters);
                        offer(matters, scenes);
                        if (!found.needed().isEmpty()) {
                            matrix.show(workbench.contentsProperty().get(), game(), found.needed());
                        }
                    }
                });
    }

    /// Offers the number of runs that finds the difference that matters.
    private void offer(double matters, List<Scene> scenes) {
        offer.getChildren().clear();
        seen.curve().ifPresent(curve -> {
            int runs = curve.needed(matters);
            String spread = PlanText.SPREAD_UP_TO.formatted(Numbers.text(curve.spread() * 100, 2));
            if (runs > PowerCurve.MOST_RUNS) {
                offer.getChildren()
                        .add(Labels.of(spread + PlanText.MORE_THAN_SIDE.formatted(PowerCurve.MOST_RUNS), "muted"));
                return;
            }
            Button want = Buttons.quiet(
                    PlanText.PLAN_OF_EACH_PATH.formatted(runs),
                    PlanText.PLAN_OF_EACH_PATH_TIP,
                    () -> want(Coverage.paths(workbench.contentsProperty().get(), scenes), scenes, runs));
            want.setId("want-needed");
            offer.getChildren().addAll(Labels.of(spread + PlanText.SIDE.formatted(runs), "muted"), want);
        });
    }

    private void plan() {
        Contents contents = workbench.contentsProperty().get();
        List<Wish> wishes = Coverage.open(contents, Coverage.scenes(contents, game()));
        PlanSettings settings = contents.planned().settings();
        workbench.edits().plan().replaceOpen(() -> Planner.plan(wishes, settings, Coverage.set(contents)));
    }

    private void print() {
        try {
            SystemPrinting.print(
                    sheet().pdf(), PlanText.RUN_SHEET, getScene().getWindow(), new Reports(workbench), problems);
        } catch (IOException e) {
            problems.accept(PlanText.SHEET_NOT_LAID_OUT.formatted(e.getMessage()));
        }
    }

    private void keep() {
        FileChooser chooser = FileChoice.files(
                PlanText.SAVE_RUN_SHEET,
                FileChoice.kind(PlanText.PAGE_HTML, "html"),
                FileChoice.kind(PlanText.PDF, "pdf"),
                FileChoice.kind(PlanText.TABLE_CSV, "csv"));
        chooser.setInitialFileName("run-sheet.html");
        FileChoice.chosen(chooser.showSaveDialog(getScene().getWindow())).ifPresent(this::print);
    }

    /// Writes the run sheet, as PDF or table where the name says so, else as a page.
    void print(Path file) {
        try {
            WholeFiles.file(file, to -> {
                if (file.toString().endsWith(".pdf")) {
                    Files.write(to, sheet().pdf());
                } else if (file.toString().endsWith(".csv")) {
                    Files.writeString(to, sheet().table().csv());
                } else {
                    sheet().write(to);
                }
            });
            problems.accept(PlanText.SHEET_WRITTEN.formatted(file));
        } catch (IOException e) {
            problems.accept(e.getMessage());
        }
    }

    private RunSheetPage sheet() {
        Contents contents = workbench.contentsProperty().get();
        Open open = workbench.openProperty().get();
        return new RunSheetPage(
                open == null ? "" : open.name(),
                LocalDate.now(ZoneId.systemDefault()).format(DateTimeFormatter.ofLocalizedDate(FormatStyle.LONG)),
                contents.planned().schedule().stream()
                        .map(timed -> row(contents, timed))
                        .toList());
    }

    private static RunSheetPage.Row row(Contents contents, Planned.Timed timed) {
        SheetRow row = timed.row();
        return new RunSheetPage.Row(
                timed.beginsS(),
                row.beforeS() + row.lastsS(),
                row.role().title(),
                row.role().isMeasured(),
                contents.place(contents.scene(row.sceneId())),
                contents.path(row.pathId()).name(),
                row.changes());
    }
}
