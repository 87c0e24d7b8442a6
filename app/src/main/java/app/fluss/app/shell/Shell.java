package app.fluss.app.shell;

import app.fluss.app.bench.BenchScreen;
import app.fluss.app.capture.CaptureScreen;
import app.fluss.app.compare.CompareScreen;
import app.fluss.app.examine.ExamineScreen;
import app.fluss.app.importing.ClipUse;
import app.fluss.app.importing.ImportFlow;
import app.fluss.app.latency.LatencyPane;
import app.fluss.app.many.ManyFlow;
import app.fluss.app.model.AnalysedRun;
import app.fluss.app.model.Comparison;
import app.fluss.app.model.Contents;
import app.fluss.app.model.Jobs;
import app.fluss.app.model.Open;
import app.fluss.app.model.Workbench;
import app.fluss.app.path.PathPane;
import app.fluss.app.pictures.PicturesPane;
import app.fluss.app.pictures.StillsPanel;
import app.fluss.app.quick.QuickFlow;
import app.fluss.app.recorded.RecordedPane;
import app.fluss.app.settings.Settings;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.FileChoice;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.core.finding.Finding;
import app.fluss.files.log.MappingMemory;
import app.fluss.files.study.Run;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.prefs.Preferences;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.Window;

/// The window's frame: the chain on top, the order of work left, the findings right, the work in the
/// middle.
public final class Shell extends BorderPane {
    private final Workbench workbench;
    private final Theme theme;
    private final Jobs jobs;
    private final FileDrop files;
    private final ChainBar chain = new ChainBar();
    private final TreeActions actions;
    private final ShellWays ways;
    private final LazyScreens screens;
    private final RecentStudies recent;
    private final Drawers drawers;
    private final List<Command> commands;
    private final ChainEditor chainEditor;
    private final StackPane chainPlace = new StackPane();
    private final OrderOfWork order = new OrderOfWork();
    private final FindingsPane findings = new FindingsPane(this::showEvidence);
    private final GamesTree games;
    private final ExamineScreen examine;
    private final CompareScreen compare;
    private final Notice notice = new Notice();
    private final StudyPage study;
    private final Node comes = new StackPane(Labels.note(ShellText.OPENING_STUDY));
    private boolean wholeStudy;
    private boolean focusRuns;
    private Optional<Comparison> compared = Optional.empty();

    /// @param memory remembered mappings of logs
    /// @param preferences of the user
    /// @param settings that the user made
    /// @param outside what the program around the window does
    public Shell(
            Workbench workbench,
            Theme theme,
            Jobs jobs,
            ImportFlow imports,
            MappingMemory memory,
            Preferences preferences,
            Settings settings,
            Outside outside) {
        this.workbench = workbench;
        this.theme = theme;
        this.jobs = jobs;
        recent = new RecentStudies(preferences);
        actions = new TreeActions(workbench, theme, () -> getScene().getWindow(), this::tell);
        files = new FileDrop(
                outside.openStudy(),
                workbench::whenOpen,
                new ManyFlow(workbench, jobs, theme, memory, () -> getScene().getWindow(), this::tell),
                imports,
                this::clipUse);
        QuickFlow quick = new QuickFlow(
                workbench, theme, () -> getScene().getWindow(), this::tell, () -> order.choose(Work.COMPARE));
        chainEditor = new ChainEditor(workbench, this::tell);
        games = new GamesTree(workbench, actions, this::clicked, this::compare);
        ways = new ShellWays(
                workbench,
                theme,
                jobs,
                imports,
                quick,
                settings,
                preferences,
                outside,
                new Inside(),
                order.chosenProperty()::get);
        screens = new LazyScreens(
                workbench,
                theme,
                jobs,
                memory,
                preferences,
                order,
                () -> getScene().getWindow(),
                this::tell);
        study = new StudyPage(ways);
        LatencyPane latency = new LatencyPane(workbench, theme, ways::open);
        examine = new ExamineScreen(
                workbench,
                theme,
                latency,
                new PathPane(
                        workbench,
                        theme,
                        new PathActions(
                                workbench, theme, memory, () -> getScene().getWindow(), this::tell)),
                new PicturesPane(workbench, theme, new StillsPanel(jobs, this::tell), ways::open),
                new RecordedPane(workbench, theme, ways::open, ways::tryRecording),
                actions::stateDisplay,
                quick::correct);
        compare = new CompareScreen(workbench, theme, shown -> {
            compared = shown;
            showFindings();
        });
        setId("shell");
        drawers = new Drawers(this, theme, left(), findings, notice);
        findings.titleProperty().subscribe(drawers.rightButton()::setText);
        setTop(top());
        commands = new ShellCommands(
                        workbench,
                        theme,
                        ways,
                        new More(),
                        new ChosenRuns(games::chosenRuns, actions, this::compare, this::tell),
                        examine,
                        compare,
                        screens::capture)
                .all();
        order.chosenProperty().subscribe(this::showScreen);
        workbench.selectedProperty().subscribe((_, _) -> wholeStudy = false);
        workbench.analysedProperty().subscribe(run -> {
            chain.show(run);
            showScreen();
            if (run != null && focusRuns) {
                focusRuns = false;
                // Where something else is done meanwhile the focus stays with it.
                if (order.chosenProperty().get() == Work.EXAMINE) {
                    Platform.runLater(games::focusRuns);
                }
            }
        });
        workbench.contentsProperty().subscribe(contents -> {
            count(contents);
            remember(contents);
            showScreen();
        });
        workbench.openingProperty().subscribe(this::showScreen);
        workbench
                .comparisonsProperty()
                .subscribe(list -> order.count(Work.COMPARE, list.isEmpty() ? "" : Integer.toString(list.size())));
        // What was added is looked at, unless what is looked at has to do with runs.
        workbench.setAfterAdding(() -> {
            switch (order.chosenProperty().get()) {
                case BENCH, PLAN, FEEL -> order.choose(Work.EXAMINE);
                case CAPTURE, EXAMINE, COMPARE, DECIDE, TUNE -> {}
            }
        });
        ShellKeys keys = new ShellKeys(commands, order.chosenProperty()::get);
        addEventFilter(KeyEvent.KEY_PRESSED, keys::pressed);
        addEventFilter(KeyEvent.KEY_RELEASED, _ -> keys.released());
        files.listen(this);
        // The arrows lead from run to run as soon as a study is there.
        workbench.openProperty().subscribe(now -> {
            focusRuns = true;
            if (now != null) {
                FileChoice.beginBeside(now.file());
            }
        });
    }

    /// Takes files that were dropped or chosen: studies are opened, logs imported.
    public void drop(List<Path> dropped) {
        files.take(dropped);
    }

    /// What is looked at says what a clip is for.
    private Optional<ClipUse> clipUse() {
        return order.chosenProperty().get() != Work.EXAMINE
                ? Optional.empty()
                : switch (examine.view()) {
                    case LATENCY -> Optional.of(ClipUse.LATENCY);
                    case PICTURES -> Optional.of(ClipUse.PICTURES);
                    case COUNTER -> Optional.of(ClipUse.NUMBERS);
                    case FRAMES, PATH -> Optional.empty();
                };
    }

    /// Says something, in words, at the foot of the window.
    public void tell(String words) {
        notice.tell(words);
    }

    private Node top() {
        TopBar bar = new TopBar(workbench, jobs, recent, ways, drawers.leftButton(), drawers.rightButton());
        VBox top = new VBox(8, bar, chainPlace);
        top.getStyleClass().add("top");
        return top;
    }

    private VBox left() {
        VBox left = new VBox(
                4,
                Labels.of(ShellText.ORDER_OF_WORK, "muted"),
                order,
                new Region(),
                Labels.of(ShellText.GAMES_AND_RUNS, "muted"),
                games);
        VBox.setVgrow(games, Priority.ALWAYS);
        left.getStyleClass().add("side");
        return left;
    }

    private void remember(Contents contents) {
        Open open = workbench.openProperty().get();
        if (open != null && !contents.runs().isEmpty()) {
            recent.keep(open.file(), StudySketch.of(contents));
        }
    }

    private void count(Contents contents) {
        int missing = contents.missing(contents.scenes());
        order.count(Work.PLAN, missing == 0 ? "" : ShellText.MISSING.formatted(missing));
        long open = contents.planned().openRuns();
        order.count(
                Work.CAPTURE,
                contents.attempt().isPresent()
                        ? ShellText.MEASURING
                        : open == 0 ? "" : ShellText.TO_GO.formatted(open));
        order.count(Work.BENCH, contents.bench().items().isEmpty() ? ShellText.EMPTY : "");
    }

    private void showScreen() {
        Work work = order.chosenProperty().get();
        boolean nothing = workbench.contentsProperty().get().runs().isEmpty();
        Node screen = switch (work) {
            case BENCH -> screens.bench();
            case PLAN -> screens.plan();
            case CAPTURE -> screens.capture();
            case EXAMINE -> nothing ? welcome() : examined();
            case COMPARE -> nothing ? welcome() : compare;
            case DECIDE -> nothing ? welcome() : screens.decide();
            case TUNE -> nothing ? welcome() : screens.tune();
            case FEEL -> screens.feel();
        };
        boolean looks = !nothing && (work == Work.EXAMINE || work == Work.COMPARE);
        Node shownChain = looks ? chain : chainEditor;
        if (!chainPlace.getChildren().contains(shownChain)) {
            chainPlace.getChildren().setAll(shownChain);
        }
        chainEditor.setEditable(work == Work.BENCH);
        if (work == Work.CAPTURE) {
            screens.capture().showPath();
        }
        drawers.show(screen, looks);
        if (work == Work.TUNE && !nothing) {
            screens.tune().work();
        }
        Platform.runLater(this::showFindings); // in a turn of its own: a long screen takes long enough
    }

    private void showFindings() {
        AnalysedRun run = workbench.analysedProperty().get();
        List<Finding> list = order.chosenProperty().get() == Work.COMPARE
                ? compared.map(Comparison::findings).orElse(List.of())
                : run == null ? List.of() : run.findings();
        findings.show(list);
    }

    private void showEvidence(Finding finding) {
        FindingPlace place = FindingPlace.of(finding.kind().topic());
        order.choose(place == FindingPlace.COMPARISON ? Work.COMPARE : Work.EXAMINE);
        switch (place) {
            case RATES -> examine.point(ExamineScreen.Part.RATES);
            case WEAVE -> examine.point(ExamineScreen.Part.WEAVE);
            case FIGURES -> examine.point(ExamineScreen.Part.FIGURES);
            case LATENCY -> examine.show(ExamineScreen.View.LATENCY);
            case PATH -> examine.show(ExamineScreen.View.PATH);
            case PICTURES -> examine.show(ExamineScreen.View.PICTURES);
            case COUNTER -> examine.show(ExamineScreen.View.COUNTER);
            case PREFLIGHT -> screens.showPreflight();
            case COMPARISON -> {}
        }
    }

    private Node welcome() {
        if (workbench.openingProperty().get()) {
            return comes;
        }
        return Boxes.scrolling(new Welcome(theme, ways, recent));
    }

    /// The run that is looked at; the whole study where none is, or where it was asked for.
    private Node examined() {
        if (workbench.openingProperty().get()) {
            return comes;
        }
        if (!wholeStudy && workbench.selectedProperty().get() != null) {
            return examine;
        }
        Open open = workbench.openProperty().get();
        study.show(open == null ? "" : open.name(), workbench.contentsProperty().get());
        return study;
    }

    private void showStudy() {
        wholeStudy = true;
        order.choose(Work.EXAMINE);
        showScreen();
    }

    private void show(Run run) {
        wholeStudy = false;
        workbench.selectedProperty().set(run);
        order.choose(Work.EXAMINE);
        showScreen();
    }

    /// A run that is already the selected one is looked at again.
    private void clicked(Run run) {
        if (wholeStudy) {
            show(run);
        }
    }

    /// Holds runs against each other.
    private void compare(List<Run> runs) {
        order.choose(Work.COMPARE);
        compare.pick(runs);
    }

    private final class Inside implements ShellWays.Inside {
        @Override
        public Window window() {
            return getScene().getWindow();
        }

        @Override
        public void tell(String words) {
            Shell.this.tell(words);
        }

        @Override
        public void drop(List<Path> dropped) {
            Shell.this.drop(dropped);
        }

        @Override
        public void show(Work work) {
            order.choose(work);
        }

        @Override
        public void show(Run run) {
            Shell.this.show(run);
        }

        @Override
        public void showStudy() {
            Shell.this.showStudy();
        }

        @Override
        public List<Command> commands() {
            return commands;
        }
    }

    private final class More implements ShellCommands.More {
        @Override
        public void find() {
            drawers.leftButton().setSelected(true);
            games.focusFind();
        }

        @Override
        public void stop() {
            if (!screens.stop() && !drawers.close()) {
                jobs.stop();
                tell("");
            }
        }
    }

    /// The screen on which the bench is described.
    public BenchScreen bench() {
        return screens.bench();
    }

    /// The screen on which a run is looked at.
    public ExamineScreen examine() {
        return examine;
    }

    /// The screen on which runs are measured.
    public CaptureScreen capture() {
        return screens.capture();
    }

    /// Lets go of what the screens hold open.
    public void close() {
        screens.close();
    }
}
