package app.fluss.app.shell;

import app.fluss.app.bench.BenchScreen;
import app.fluss.app.capture.CaptureScreen;
import app.fluss.app.compare.CompareScreen;
import app.fluss.app.decide.DecideScreen;
import app.fluss.app.demo.DemoRecording;
import app.fluss.app.examine.ExamineScreen;
import app.fluss.app.help.HelpDialog;
import app.fluss.app.help.HelpPage;
import app.fluss.app.importing.ClipUse;
import app.fluss.app.importing.ImportFlow;
import app.fluss.app.latency.LatencyPane;
import app.fluss.app.many.ManyFlow;
import app.fluss.app.means.MeansDialog;
import app.fluss.app.model.AnalysedRun;
import app.fluss.app.model.Comparison;
import app.fluss.app.model.Contents;
import app.fluss.app.model.Coverage;
import app.fluss.app.model.Jobs;
import app.fluss.app.model.Open;
import app.fluss.app.model.Workbench;
import app.fluss.app.path.PathPane;
import app.fluss.app.pictures.PicturesPane;
import app.fluss.app.pictures.StillsPanel;
import app.fluss.app.plan.PlanScreen;
import app.fluss.app.quick.QuickFlow;
import app.fluss.app.recorded.RecordedPane;
import app.fluss.app.settings.Settings;
import app.fluss.app.settings.SettingsDialog;
import app.fluss.app.share.ReportDialog;
import app.fluss.app.share.StudySharing;
import app.fluss.app.simulate.SimulateDialog;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.app.tune.TuneScreen;
import app.fluss.core.finding.Finding;
import app.fluss.files.log.MappingMemory;
import app.fluss.files.study.Run;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.prefs.Preferences;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/// The window's frame: the chain on top, the order of work left, the findings right, the work in the
/// middle.
public final class Shell extends BorderPane {
    private static final Stroke[] REMOVE = {Stroke.of(KeyCode.DELETE), Stroke.of(KeyCode.BACK_SPACE)};

    private final Workbench workbench;
    private final Theme theme;
    private final Jobs jobs;
    private final ImportFlow imports;
    private final QuickFlow quick;
    private final FileDrop files;
    private final Consumer<Path> openStudy;
    private final ChainBar chain = new ChainBar();
    private final TreeActions actions;
    private final Settings settings;
    private final Path config;
    private final RecentStudies recent;
    private final Drawers drawers;
    private final List<Command> commands;
    private final ChainEditor chainEditor;
    private final StackPane chainPlace = new StackPane();
    private final OrderOfWork order = new OrderOfWork();
    private final FindingsPane findings = new FindingsPane(this::showEvidence);
    private final GamesTree games;
    private final MappingMemory memory;
    private final Preferences preferences;
    private @Nullable BenchScreen bench;
    private @Nullable PlanScreen plan;
    private @Nullable CaptureScreen capture;
    private @Nullable TuneScreen tune;
    private @Nullable DecideScreen decide;
    private final LatencyPane latency;
    private final ExamineScreen examine;
    private final CompareScreen compare;
    private final Notice notice = new Notice();
    private final StudyPage study = new StudyPage(new StudyWays());
    private final Runnable openDemo;
    private boolean wholeStudy;
    private Optional<Comparison> compared = Optional.empty();

    /// @param memory remembered mappings of logs
    /// @param preferences of the user
    /// @param settings that the user made
    /// @param config where mappings and overlays are remembered
    /// @param openStudy opens another study in this window
    /// @param openDemo opens the demo in this window
    public Shell(
            Workbench workbench,
            Theme theme,
            Jobs jobs,
            ImportFlow imports,
            MappingMemory memory,
            Preferences preferences,
            Settings settings,
            Path config,
            Consumer<Path> openStudy,
            Runnable openDemo) {
        this.workbench = workbench;
        this.theme = theme;
        this.jobs = jobs;
        this.imports = imports;
        this.memory = memory;
        this.preferences = preferences;
        this.openStudy = openStudy;
        this.openDemo = openDemo;
        this.settings = settings;
        this.config = config;
        recent = new RecentStudies(preferences);
        actions = new TreeActions(workbench, theme, () -> getScene().getWindow());
        files = new FileDrop(
                openStudy,
                new ManyFlow(workbench, jobs, theme, memory, () -> getScene().getWindow(), this::tell),
                imports,
                this::clipUse);
        quick = new QuickFlow(
                workbench, theme, () -> getScene().getWindow(), this::tell, () -> order.choose(Work.COMPARE));
        chainEditor = new ChainEditor(workbench, this::tell);
        games = new GamesTree(workbench, actions, this::clicked);
        latency = new LatencyPane(workbench, theme, () -> imports.choose(this::drop));
        examine = new ExamineScreen(
                workbench,
                theme,
                latency,
                new PathPane(
                        workbench,
                        theme,
                        new PathActions(
                                workbench, theme, memory, () -> getScene().getWindow(), this::tell)),
                new PicturesPane(workbench, theme, new StillsPanel(jobs, this::tell), () -> imports.choose(this::drop)),
                new RecordedPane(workbench, theme, () -> imports.choose(this::drop), this::tryRecording),
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
        commands = commands();
        order.chosenProperty().subscribe(this::showScreen);
        workbench.selectedProperty().subscribe((_, _) -> wholeStudy = false);
        workbench.analysedProperty().subscribe(run -> {
            chain.show(run);
            showScreen();
        });
        workbench.contentsProperty().subscribe(contents -> {
            count(contents);
            showScreen();
        });
        workbench
                .comparisonsProperty()
                .subscribe(list -> order.count(Work.COMPARE, list.isEmpty() ? "" : Integer.toString(list.size())));
        addEventFilter(KeyEvent.KEY_PRESSED, new ShellKeys(commands, order.chosenProperty()::get)::pressed);
        files.listen(this);
    }

    /// Takes files that were dropped or chosen: studies are opened, logs imported.
    public void drop(List<Path> dropped) {
        files.take(dropped);
    }

    private void tryRecording() {
        try {
            Path clip = DemoRecording.put(Files.createTempDirectory("fluss-recording"));
            clip.toFile().deleteOnExit();
            imports.offer(clip, Optional.of(ClipUse.NUMBERS));
        } catch (IOException e) {
            tell("The recording cannot be unpacked: " + e.getMessage());
        }
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
        TopBar bar = new TopBar(workbench, jobs, recent, new BarActions(), drawers.leftButton(), drawers.rightButton());
        VBox top = new VBox(8, bar, chainPlace);
        top.getStyleClass().add("top");
        return top;
    }

    private final class BarActions implements TopBar.Actions {
        @Override
        public void openFiles() {
            open();
        }

        @Override
        public void openStudy(Path study) {
            openStudy.accept(study);
        }

        @Override
        public void enter() {
            quick.enter(List.of());
        }

        @Override
        public void simulate() {
            Shell.this.simulate();
        }

        @Override
        public void report() {
            Shell.this.report();
        }

        @Override
        public void handOn() {
            sharing().handOn();
        }

        @Override
        public void takeIn() {
            sharing().takeIn();
        }

        @Override
        public void study() {
            showStudy();
        }

        @Override
        public void settings() {
            showSettings();
        }

        @Override
        public void palette() {
            showPalette();
        }

        @Override
        public void showKeys() {
            Shell.this.showKeys();
        }

        @Override
        public void showMeans() {
            Shell.this.showMeans();
        }

        @Override
        public void help(HelpPage page) {
            showHelp(page);
        }
    }

    private VBox left() {
        VBox left = new VBox(
                4,
                Labels.of("Order of work", "muted"),
                order,
                new Region(),
                Labels.of("Games and runs", "muted"),
                games);
        VBox.setVgrow(games, Priority.ALWAYS);
        left.getStyleClass().add("side");
        return left;
    }

    private void count(Contents contents) {
        int missing = Coverage.open(contents, contents.scenes()).stream()
                .mapToInt(wish -> wish.repeats())
                .sum();
        order.count(Work.PLAN, missing == 0 ? "" : missing + " missing");
        long open = contents.planned().openRuns();
        order.count(Work.CAPTURE, contents.attempt().isPresent() ? "measuring" : open == 0 ? "" : open + " to go");
        order.count(Work.BENCH, contents.bench().items().isEmpty() ? "empty" : "");
    }

    private void showScreen() {
        Work work = order.chosenProperty().get();
        boolean nothing = workbench.contentsProperty().get().runs().isEmpty();
        Node screen = switch (work) {
            case BENCH -> bench();
            case PLAN -> plan();
            case CAPTURE -> capture();
            case EXAMINE -> nothing ? welcome() : examined();
            case COMPARE -> nothing ? welcome() : compare;
            case DECIDE -> nothing ? welcome() : decide();
            case TUNE -> nothing ? welcome() : tune();
        };
        boolean looks = work == Work.EXAMINE || work == Work.COMPARE;
        Node shownChain = looks ? chain : chainEditor;
        if (!chainPlace.getChildren().contains(shownChain)) {
            chainPlace.getChildren().setAll(shownChain);
        }
        chainEditor.setEditable(work == Work.BENCH);
        if (work == Work.CAPTURE) {
            capture().showPath();
        }
        drawers.show(screen, looks);
        if (work == Work.TUNE && tune != null) {
            tune.work();
        }
        showFindings();
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
            case PREFLIGHT -> showPreflight();
            case COMPARISON -> {}
        }
    }

    private void showPreflight() {
        order.choose(Work.BENCH);
        bench().show(BenchScreen.View.PREFLIGHT);
    }

    private Node welcome() {
        return Boxes.scrolling(new Welcome(theme, new WelcomeWays(), recent.list()));
    }

    /// The run that is looked at; the whole study where none is, or where it was asked for.
    private Node examined() {
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

    private final class WelcomeWays implements Welcome.Ways {
        @Override
        public void open() {
            Shell.this.open();
        }

        @Override
        public void enter() {
            quick.enter(List.of());
        }

        @Override
        public void setUp() {
            order.choose(Work.BENCH);
        }

        @Override
        public void plan() {
            order.choose(Work.PLAN);
        }

        @Override
        public void measure() {
            order.choose(Work.CAPTURE);
        }

        @Override
        public void simulate() {
            Shell.this.simulate();
        }

        @Override
        public void means() {
            showMeans();
        }

        @Override
        public void demo() {
            openDemo.run();
        }

        @Override
        public void study(Path file) {
            openStudy.accept(file);
        }
    }

    private final class StudyWays implements StudyPage.Ways {
        @Override
        public void plan() {
            order.choose(Work.PLAN);
        }

        @Override
        public void measure() {
            order.choose(Work.CAPTURE);
        }

        @Override
        public void compare() {
            order.choose(Work.COMPARE);
        }

        @Override
        public void examine(Run run) {
            Shell.this.examine(run);
        }
    }

    /// Opens the dialog that simulates a measurement.
    public void simulate() {
        if (!workbench.canEdit()) {
            tell("Open a study that can be written first; this one is read-only.");
            return;
        }
        new SimulateDialog(theme, getScene().getWindow(), workbench, jobs, this::tell).ask();
    }

    private void open() {
        imports.choose(this::drop);
    }

    /// Everything that can be done by a key or by its name.
    private List<Command> commands() {
        List<Command> all = new ArrayList<>();
        for (Work work : Work.values()) {
            KeyCode digit = KeyCode.valueOf("DIGIT" + (all.size() + 1));
            all.add(Command.of("Go to " + work.title(), () -> order.choose(work), Stroke.of(digit)));
        }
        all.addAll(List.of(
                Command.of("Open a log, a recording or a study", this::open, Stroke.of(KeyCode.O)),
                Command.of("Enter readings", () -> quick.enter(List.of()), Stroke.of(KeyCode.E)),
                Command.of("Simulate a measurement", this::simulate, Stroke.of(KeyCode.R)),
                Command.of("Find a game, path or run", this::find, Stroke.of(KeyCode.F)),
                Command.of("Find a command", this::showPalette, Stroke.of(KeyCode.K)),
                Command.of("Undo", () -> workbench.edits().undo(), Stroke.of(KeyCode.Z)),
                Command.of("Redo", () -> workbench.edits().redo(), Stroke.of(KeyCode.Y), Stroke.shifted(KeyCode.Z)),
                Command.of("Show what the study has", this::showStudy, Stroke.of(KeyCode.H)),
                Command.of("Make a report", this::report, Stroke.shifted(KeyCode.R)),
                Command.of("Hand on games", () -> sharing().handOn()),
                Command.of("Take in a study", () -> sharing().takeIn()),
                Command.of("Show what can be measured with what there is", this::showMeans, Stroke.of(KeyCode.M)),
                Command.of("Turn light and dark round", theme::turn, Stroke.of(KeyCode.D)),
                Command.of(
                        "Make text larger",
                        () -> theme.scaleText(1),
                        Stroke.of(KeyCode.PLUS),
                        Stroke.of(KeyCode.EQUALS),
                        Stroke.of(KeyCode.ADD)),
                Command.of(
                        "Make text smaller",
                        () -> theme.scaleText(-1),
                        Stroke.of(KeyCode.MINUS),
                        Stroke.of(KeyCode.SUBTRACT)),
                Command.of("Make text the usual size", theme::resetText, Stroke.of(KeyCode.DIGIT0)),
                Command.of("Change settings", this::showSettings, Stroke.of(KeyCode.COMMA)),
                Command.of("List the keyboard shortcuts", this::showKeys, Stroke.plain(KeyCode.F1)),
                Command.of("Stop what is running, put a message away", this::stop, Stroke.plain(KeyCode.ESCAPE))));
        for (HelpPage page : HelpPage.values()) {
            all.add(Command.of("Help: " + page.title(), () -> showHelp(page)));
        }
        view(all, ExamineScreen.View.FRAMES, "Show the frames", KeyCode.B);
        view(all, ExamineScreen.View.LATENCY, "Show the latency", KeyCode.L);
        view(all, ExamineScreen.View.PATH, "Show the path", KeyCode.G);
        view(all, ExamineScreen.View.PICTURES, "Show the pictures", KeyCode.I);
        view(all, ExamineScreen.View.COUNTER, "Show the counter", KeyCode.J);
        all.addAll(List.of(
                Command.on(Work.EXAMINE, "Copy the figures", () -> examine.copyFigures(), Stroke.shifted(KeyCode.C)),
                Command.on(Work.EXAMINE, "Remove the runs that are chosen", this::removeChosen, REMOVE),
                Command.on(Work.COMPARE, "Copy the comparison", () -> compare.copyTable(), Stroke.shifted(KeyCode.C)),
                Command.on(Work.COMPARE, "Remove the runs that are chosen", this::removeChosen, REMOVE),
                Command.on(Work.CAPTURE, "Start the scene", () -> capture().start(), Stroke.of(KeyCode.SPACE)),
                Command.on(Work.CAPTURE, "Keep the run", () -> capture().keep(), Stroke.of(KeyCode.ENTER)),
                Command.on(
                        Work.CAPTURE,
                        "Mark that the path was switched just now",
                        () -> capture().markSwitch(),
                        Stroke.of(KeyCode.T)),
                Command.on(Work.CAPTURE, "Type readings", () -> capture().focusPad(), Stroke.of(KeyCode.P))));
        return List.copyOf(all);
    }

    private void view(List<Command> all, ExamineScreen.View view, String title, KeyCode key) {
        all.add(Command.on(Work.EXAMINE, title, () -> examine.show(view), Stroke.of(key)));
    }

    private void removeChosen() {
        actions.remove(games.chosenRuns());
    }

    private void find() {
        drawers.leftButton().setSelected(true);
        games.focusFind();
    }

    private void showPalette() {
        List<Command> all = new ArrayList<>(commands);
        all.removeIf(command -> command.on()
                .filter(work -> work != order.chosenProperty().get())
                .isPresent());
        Contents contents = workbench.contentsProperty().get();
        for (Run run : contents.runs()) {
            all.add(Command.of(
                    "Examine %s · %s".formatted(run.path().name(), contents.place(run)), () -> examine(run)));
        }
        for (Path study : recent.list()) {
            all.add(Command.of("Open " + study, () -> openStudy.accept(study)));
        }
        CommandPalette.ask(theme, getScene().getWindow(), all);
    }

    /// A run that is already the selected one is looked at again.
    private void clicked(Run run) {
        if (wholeStudy) {
            examine(run);
        }
    }

    private void examine(Run run) {
        wholeStudy = false;
        workbench.selectedProperty().set(run);
        order.choose(Work.EXAMINE);
        showScreen();
    }

    private void showKeys() {
        ShortcutsDialog.show(theme, getScene().getWindow(), commands);
    }

    private void showHelp(HelpPage page) {
        HelpDialog.show(theme, getScene().getWindow(), page);
    }

    private void showSettings() {
        Open open = workbench.openProperty().get();
        String study = open == null ? "none is open" : open.file().toString();
        SettingsDialog.show(settings, getScene().getWindow(), config, study);
    }

    private void report() {
        if (!workbench.contentsProperty().get().games().isEmpty()) {
            new ReportDialog(workbench, theme, getScene().getWindow(), this::tell).show();
        }
    }

    private StudySharing sharing() {
        return new StudySharing(workbench, theme, getScene().getWindow(), this::tell);
    }

    private void showMeans() {
        MeansDialog.show(theme, getScene().getWindow(), preferences);
    }

    private void stop() {
        if (!drawers.close()) {
            jobs.stop();
            tell("");
        }
    }

    // Screens are made when they are first looked at: the window opens sooner.

    /// The screen on which the bench is described.
    public BenchScreen bench() {
        BenchScreen made = bench;
        if (made == null) {
            made = new BenchScreen(workbench, theme, jobs, this::tell);
            bench = made;
        }
        return made;
    }

    private TuneScreen tune() {
        TuneScreen made = tune;
        if (made == null) {
            made = new TuneScreen(workbench, theme, jobs, this::tell, () -> order.choose(Work.PLAN));
            tune = made;
        }
        return made;
    }

    private DecideScreen decide() {
        DecideScreen made = decide;
        if (made == null) {
            made = new DecideScreen(
                    workbench,
                    theme,
                    new DecideWays(workbench, order),
                    () -> getScene().getWindow(),
                    open -> order.count(Work.DECIDE, open));
            decide = made;
        }
        return made;
    }

    /// The screen on which a run is looked at.
    public ExamineScreen examine() {
        return examine;
    }

    private PlanScreen plan() {
        PlanScreen made = plan;
        if (made == null) {
            made = new PlanScreen(workbench, theme, this::tell, () -> order.choose(Work.CAPTURE));
            plan = made;
        }
        return made;
    }

    /// The screen on which runs are measured.
    public CaptureScreen capture() {
        CaptureScreen made = capture;
        if (made == null) {
            made = new CaptureScreen(
                    workbench,
                    theme,
                    memory,
                    preferences,
                    this::tell,
                    () -> order.choose(Work.PLAN),
                    this::showPreflight);
            capture = made;
        }
        return made;
    }

    /// Lets go of what the screens hold open.
    public void close() {
        CaptureScreen made = capture;
        if (made != null) {
            made.close();
        }
    }
}
