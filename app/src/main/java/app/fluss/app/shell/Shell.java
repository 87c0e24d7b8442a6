package app.fluss.app.shell;

import app.fluss.app.bench.BenchScreen;
import app.fluss.app.capture.CaptureScreen;
import app.fluss.app.compare.CompareScreen;
import app.fluss.app.decide.DecideScreen;
import app.fluss.app.demo.DemoRecording;
import app.fluss.app.examine.ExamineScreen;
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
import app.fluss.app.model.Workbench;
import app.fluss.app.path.PathPane;
import app.fluss.app.pictures.PicturesPane;
import app.fluss.app.pictures.StillsPanel;
import app.fluss.app.plan.PlanScreen;
import app.fluss.app.quick.QuickFlow;
import app.fluss.app.recorded.RecordedPane;
import app.fluss.app.share.ReportDialog;
import app.fluss.app.share.StudySharing;
import app.fluss.app.simulate.SimulateDialog;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.app.tune.TuneScreen;
import app.fluss.core.finding.Finding;
import app.fluss.files.log.MappingMemory;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.prefs.Preferences;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Label;
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
    private final Workbench workbench;
    private final Theme theme;
    private final Jobs jobs;
    private final ImportFlow imports;
    private final QuickFlow quick;
    private final FileDrop files;
    private final Consumer<Path> openStudy;
    private final ChainBar chain = new ChainBar();
    private final RunActions actions;
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
    private final Label message = Labels.wrapped("", "chip-warm");
    private Optional<Comparison> compared = Optional.empty();

    /// @param memory remembered mappings of logs
    /// @param preferences of the user
    /// @param openStudy opens another study in this window
    public Shell(
            Workbench workbench,
            Theme theme,
            Jobs jobs,
            ImportFlow imports,
            MappingMemory memory,
            Preferences preferences,
            Consumer<Path> openStudy) {
        this.workbench = workbench;
        this.theme = theme;
        this.jobs = jobs;
        this.imports = imports;
        this.memory = memory;
        this.preferences = preferences;
        this.openStudy = openStudy;
        actions = new RunActions(workbench, theme, () -> getScene().getWindow());
        files = new FileDrop(
                openStudy,
                new ManyFlow(workbench, jobs, theme, memory, () -> getScene().getWindow(), this::tell),
                imports,
                this::clipUse);
        quick = new QuickFlow(
                workbench, theme, () -> getScene().getWindow(), this::tell, () -> order.choose(Work.COMPARE));
        chainEditor = new ChainEditor(workbench, this::tell);
        games = new GamesTree(workbench, actions::stateFacts, actions::takeBench, actions::remove, actions::setOutcome);
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
        setTop(top(new RecentStudies(preferences)));
        setLeft(left());
        order.chosenProperty().subscribe(this::showScreen);
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
        addEventFilter(KeyEvent.KEY_PRESSED, keys()::pressed);
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

    /// Says what went wrong, in words, at the head of the window.
    public void tell(String words) {
        message.setText(words);
        message.setVisible(!words.isEmpty());
        message.setManaged(!words.isEmpty());
    }

    private Node top(RecentStudies recent) {
        TopBar bar = new TopBar(workbench, jobs, theme, recent, new TopBar.Actions() {
            @Override
            public void openFiles() {
                imports.choose(Shell.this::drop);
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
            public void showKeys() {
                Shell.this.showKeys();
            }

            @Override
            public void showMeans() {
                Shell.this.showMeans();
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
        });
        message.setId("message");
        tell("");
        VBox top = new VBox(8, bar, chainPlace, message);
        top.getStyleClass().add("top");
        return top;
    }

    private Node left() {
        VBox left = new VBox(
                4,
                Labels.of("Order of work", "muted"),
                order,
                new Region(),
                Labels.of("Games and runs", "muted"),
                games);
        VBox.setVgrow(games, Priority.ALWAYS);
        left.getStyleClass().add("side");
        left.setPrefWidth(252);
        left.setMinWidth(200);
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
            case EXAMINE -> nothing ? welcome() : examine;
            case COMPARE -> nothing ? welcome() : compare;
            case DECIDE -> nothing ? welcome() : decide();
            case TUNE -> nothing ? welcome() : tune();
        };
        if (!screen.equals(getCenter())) {
            setCenter(screen);
            BorderPane.setMargin(screen, new Insets(12, 2, 12, 2));
        }
        boolean looks = work == Work.EXAMINE || work == Work.COMPARE;
        Node shownChain = looks ? chain : chainEditor;
        if (!chainPlace.getChildren().contains(shownChain)) {
            chainPlace.getChildren().setAll(shownChain);
        }
        chainEditor.setEditable(work == Work.BENCH);
        if (work == Work.CAPTURE) {
            capture().showPath();
        }
        if (work == Work.TUNE && tune != null) {
            tune.work();
        }
        setRight(looks ? findings : null);
        BorderPane.setMargin(screen, looks ? new Insets(12, 2, 12, 2) : new Insets(12, 14, 12, 2));
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
        return new Welcome(
                () -> imports.choose(this::drop),
                () -> quick.enter(List.of()),
                this::showMeans,
                () -> order.choose(Work.BENCH),
                this::simulate);
    }

    /// Opens the dialog that simulates a measurement.
    public void simulate() {
        if (!workbench.canEdit()) {
            tell("Open a study that can be written first; this one is read-only.");
            return;
        }
        new SimulateDialog(theme, getScene().getWindow(), workbench, jobs, this::tell).ask();
    }

    private ShellKeys keys() {
        return new ShellKeys(order.chosenProperty()::get)
                .plain(KeyCode.F1, this::showKeys)
                .on(KeyCode.M, this::showMeans)
                .plain(KeyCode.ESCAPE, this::stop)
                .on(KeyCode.O, () -> imports.choose(this::drop))
                .on(KeyCode.Z, () -> workbench.edits().undo())
                .shifted(KeyCode.Z, () -> workbench.edits().redo())
                .shifted(KeyCode.R, this::report)
                .on(KeyCode.Y, () -> workbench.edits().redo())
                .on(KeyCode.D, theme::turn)
                .on(KeyCode.F, games::focusFind)
                .on(KeyCode.R, this::simulate)
                .on(KeyCode.E, () -> quick.enter(List.of()))
                .on(Work.EXAMINE, KeyCode.L, () -> examine.show(ExamineScreen.View.LATENCY))
                .on(Work.EXAMINE, KeyCode.G, () -> examine.show(ExamineScreen.View.PATH))
                .on(Work.EXAMINE, KeyCode.P, () -> examine.show(ExamineScreen.View.PICTURES))
                .on(Work.EXAMINE, KeyCode.K, () -> examine.show(ExamineScreen.View.COUNTER))
                .on(KeyCode.PLUS, () -> theme.scaleText(1))
                .on(KeyCode.EQUALS, () -> theme.scaleText(1))
                .on(KeyCode.ADD, () -> theme.scaleText(1))
                .on(KeyCode.MINUS, () -> theme.scaleText(-1))
                .on(KeyCode.SUBTRACT, () -> theme.scaleText(-1))
                .on(KeyCode.DIGIT0, theme::resetText)
                .on(KeyCode.DIGIT1, () -> order.choose(Work.BENCH))
                .on(KeyCode.DIGIT2, () -> order.choose(Work.PLAN))
                .on(KeyCode.DIGIT3, () -> order.choose(Work.CAPTURE))
                .on(KeyCode.DIGIT4, () -> order.choose(Work.EXAMINE))
                .on(KeyCode.DIGIT5, () -> order.choose(Work.COMPARE))
                .on(KeyCode.DIGIT6, () -> order.choose(Work.DECIDE))
                .on(KeyCode.DIGIT7, () -> order.choose(Work.TUNE))
                .on(Work.EXAMINE, KeyCode.DELETE, actions::remove)
                .on(Work.EXAMINE, KeyCode.BACK_SPACE, actions::remove)
                .on(Work.COMPARE, KeyCode.DELETE, actions::remove)
                .on(Work.COMPARE, KeyCode.BACK_SPACE, actions::remove)
                .on(Work.COMPARE, KeyCode.C, compare::copyTable)
                .on(Work.EXAMINE, KeyCode.C, examine::copyFigures)
                .on(Work.CAPTURE, KeyCode.ENTER, () -> capture().keep())
                .on(Work.CAPTURE, KeyCode.SPACE, () -> capture().start())
                .on(Work.CAPTURE, KeyCode.T, () -> capture().markSwitch())
                .on(Work.CAPTURE, KeyCode.P, () -> capture().focusPad());
    }

    private void showKeys() {
        ShortcutsDialog.show(theme, getScene().getWindow());
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
        jobs.stop();
        tell("");
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
            made = new TuneScreen(workbench, jobs, this::tell, () -> order.choose(Work.PLAN));
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
