package app.fluss.app.shell;

import app.fluss.app.compare.CompareScreen;
import app.fluss.app.examine.ExamineScreen;
import app.fluss.app.importing.DisplayDialog;
import app.fluss.app.importing.FactsDialog;
import app.fluss.app.importing.ImportFlow;
import app.fluss.app.model.AnalysedRun;
import app.fluss.app.model.Comparison;
import app.fluss.app.model.Jobs;
import app.fluss.app.model.Workbench;
import app.fluss.app.simulate.SimulateDialog;
import app.fluss.app.theme.Theme;
import app.fluss.core.finding.Finding;
import app.fluss.files.study.Run;
import app.fluss.files.study.Study;
import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.input.DragEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import org.jspecify.annotations.Nullable;

/// The window's frame: the chain on top, the order of work left, the findings right, the work in the middle.
public final class Shell extends BorderPane {
    private final Workbench workbench;
    private final Theme theme;
    private final Jobs jobs;
    private final ImportFlow imports;
    private final RecentStudies recent;
    private final Consumer<Path> openStudy;
    private final ChainBar chain = new ChainBar();
    private final FindingsPane findings = new FindingsPane(this::showEvidence);
    private final GamesTree games;
    private final ExamineScreen examine;
    private final CompareScreen compare;
    private final ToggleButton examineButton = work("Examine", "Ctrl+1");
    private final ToggleButton compareButton = work("Compare", "Ctrl+2");
    private final Label studyName = new Label();
    private final Label message = new Label();
    private Optional<Comparison> compared = Optional.empty();

    /// @param openStudy opens another study in this window
    public Shell(
            Workbench workbench,
            Theme theme,
            Jobs jobs,
            ImportFlow imports,
            RecentStudies recent,
            Consumer<Path> openStudy) {
        this.workbench = workbench;
        this.theme = theme;
        this.jobs = jobs;
        this.imports = imports;
        this.recent = recent;
        this.openStudy = openStudy;
        games = new GamesTree(workbench, this::stateFacts, this::removeRun);
        examine = new ExamineScreen(workbench, theme, this::stateDisplay);
        compare = new CompareScreen(workbench, theme, shown -> {
            compared = shown;
            showFindings();
        });
        setId("shell");
        setTop(top());
        setLeft(left());
        setRight(findings);
        ToggleGroup group = new ToggleGroup();
        examineButton.setToggleGroup(group);
        compareButton.setToggleGroup(group);
        group.selectToggle(examineButton);
        group.selectedToggleProperty().subscribe((before, now) -> {
            if (now == null && before != null) {
                group.selectToggle(before);
            }
            showScreen();
        });
        workbench.analysedProperty().subscribe(run -> {
            chain.show(run);
            showScreen();
        });
        workbench.contentsProperty().subscribe(this::showScreen);
        workbench
                .comparisonsProperty()
                .subscribe(list -> compareButton.setText("Compare   " + (list.isEmpty() ? "" : list.size())));
        workbench.studyProperty().subscribe(study -> studyName.setText(name(study)));
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        addEventHandler(DragEvent.DRAG_OVER, event -> {
            if (event.getDragboard().hasFiles()) {
                event.acceptTransferModes(TransferMode.COPY);
            }
            event.consume();
        });
        addEventHandler(DragEvent.DRAG_DROPPED, event -> {
            drop(event.getDragboard().getFiles().stream().map(File::toPath).toList());
            event.setDropCompleted(true);
            event.consume();
        });
    }

    private static String name(@Nullable Study study) {
        if (study == null) {
            return "no study open";
        }
        return study.file().getFileName() + (study.isReadOnly() ? " — read-only: open in another window" : "");
    }

    /// Takes files that were dropped or chosen: studies are opened, logs imported.
    public void drop(List<Path> files) {
        for (Path file : files) {
            if (Study.isStudyName(file)) {
                openStudy.accept(file);
            } else {
                imports.offer(file);
            }
        }
    }

    /// Says what went wrong, in words, at the foot of the window.
    public void tell(String words) {
        message.setText(words);
        message.setVisible(!words.isEmpty());
        message.setManaged(!words.isEmpty());
    }

    private Node top() {
        Label wordmark = new Label("Fluss");
        wordmark.getStyleClass().add("wordmark");
        studyName.getStyleClass().add("muted");
        studyName.setId("study-name");
        Button open =
                quiet("Open log or study…", "Ctrl+O; or drop files into the window", () -> imports.choose(this::drop));
        open.setId("open");
        MenuButton recents = new MenuButton("Recent");
        recents.getStyleClass().add("quiet");
        recents.setOnShowing(_ -> recents.getItems()
                .setAll(recent.list().stream().map(this::recentItem).toList()));
        Button simulate = quiet("Simulate…", "Rehearse a measurement on a simulated bench (Ctrl+R)", this::simulate);
        simulate.setId("simulate");
        Button undo = quiet("Undo", "Ctrl+Z", () -> workbench.change("Undo", Study::undo));
        undo.setId("undo");
        Button redo = quiet("Redo", "Ctrl+Y", () -> workbench.change("Redo", Study::redo));
        redo.setId("redo");
        workbench.contentsProperty().subscribe(contents -> {
            undo.setDisable(contents.undo().isEmpty());
            redo.setDisable(contents.redo().isEmpty());
            undo.setTooltip(new Tooltip("Undo: " + contents.undo().orElse("nothing") + " (Ctrl+Z)"));
            redo.setTooltip(new Tooltip("Redo: " + contents.redo().orElse("nothing") + " (Ctrl+Y)"));
        });
        Button turn = quiet("Light / dark", "Ctrl+D", theme::turn);
        Button help =
                quiet("Keys", "F1", () -> ShortcutsDialog.show(theme, getScene().getWindow()));
        HBox bar =
                new HBox(8, wordmark, studyName, spacer(), progress(), open, recents, simulate, undo, redo, turn, help);
        bar.setAlignment(Pos.CENTER_LEFT);
        message.setWrapText(true);
        message.setId("message");
        message.getStyleClass().add("chip-warm");
        tell("");
        VBox top = new VBox(8, bar, chain, message);
        top.getStyleClass().add("top");
        return top;
    }

    private MenuItem recentItem(Path study) {
        MenuItem item = new MenuItem(study.toString());
        item.setOnAction(_ -> openStudy.accept(study));
        return item;
    }

    private Node progress() {
        Label title = new Label();
        title.getStyleClass().add("muted");
        title.textProperty().bind(jobs.titleProperty());
        ProgressBar bar = new ProgressBar();
        bar.setPrefWidth(110);
        bar.progressProperty().bind(jobs.shareProperty());
        Button stop = quiet("Stop", "Stop what is running (Esc)", jobs::stop);
        HBox box = new HBox(8, title, bar, stop);
        box.setAlignment(Pos.CENTER);
        // Work that ends within half a second shows nothing.
        PauseTransition wait = new PauseTransition(Duration.millis(500));
        wait.setOnFinished(_ -> box.setVisible(jobs.busyProperty().get()));
        box.setVisible(false);
        jobs.busyProperty().subscribe(busy -> {
            if (busy) {
                wait.playFromStart();
            } else {
                wait.stop();
                box.setVisible(false);
            }
        });
        return box;
    }

    private Node left() {
        Label order = new Label("Order of work");
        order.getStyleClass().add("muted");
        Label bench = new Label("Games and runs");
        bench.getStyleClass().add("muted");
        VBox left = new VBox(4, order, examineButton, compareButton, new Region(), bench, games);
        VBox.setVgrow(games, Priority.ALWAYS);
        left.getStyleClass().add("side");
        left.setPrefWidth(252);
        left.setMinWidth(200);
        return left;
    }

    private void showScreen() {
        boolean empty = workbench.contentsProperty().get().runs().isEmpty();
        Node screen = empty ? welcome() : compareButton.isSelected() ? compare : examine;
        if (!screen.equals(getCenter())) {
            setCenter(screen);
            BorderPane.setMargin(screen, new Insets(12, 2, 12, 2));
        }
        showFindings();
    }

    private void showFindings() {
        AnalysedRun run = workbench.analysedProperty().get();
        List<Finding> list = compareButton.isSelected()
                ? compared.map(Comparison::findings).orElse(List.of())
                : run == null ? List.of() : run.findings();
        findings.show(list);
    }

    private void showEvidence(Finding finding) {
        FindingPlace place = FindingPlace.of(finding);
        if (place != FindingPlace.COMPARISON) {
            examineButton.setSelected(true);
        }
        switch (place) {
            case RATES -> examine.point(ExamineScreen.Part.RATES);
            case FRAME_TIMES -> examine.point(ExamineScreen.Part.FRAME_TIMES);
            case WEAVE -> examine.point(ExamineScreen.Part.WEAVE);
            case FIGURES -> examine.point(ExamineScreen.Part.FIGURES);
            case COMPARISON -> compareButton.setSelected(true);
        }
    }

    private Node welcome() {
        Label title = new Label("Drop a frame log here");
        title.getStyleClass().add("title");
        Label next = new Label(
                "A CSV of any header will do. Start with a run on the native path, then one with generation on:"
                        + " Fluss shows what each really delivered and compares them.");
        next.setWrapText(true);
        next.setMaxWidth(460);
        next.getStyleClass().add("muted");
        Button open = new Button("Open log or study…");
        open.getStyleClass().add("primary");
        open.setOnAction(_ -> imports.choose(this::drop));
        Button rehearse = quiet("Simulate a measurement…", "Ctrl+R", this::simulate);
        VBox box = new VBox(title, next, open, rehearse);
        box.getStyleClass().add("empty");
        box.setId("welcome");
        return box;
    }

    /// Opens the dialog that simulates a measurement.
    public void simulate() {
        Study study = workbench.studyProperty().get();
        if (study == null || study.isReadOnly()) {
            tell("Open a study that can be written first; this one is read-only.");
            return;
        }
        new SimulateDialog(theme, getScene().getWindow(), workbench, jobs, this::tell).ask();
    }

    private void stateFacts() {
        Run run = workbench.selectedProperty().get();
        if (run != null) {
            Map<String, String> now = workbench.contentsProperty().get().facts().getOrDefault(run.id(), Map.of());
            FactsDialog.ask(theme, getScene().getWindow(), now)
                    .ifPresent(facts -> workbench.change("Stating facts", study -> study.setFacts(run, facts)));
        }
    }

    private void stateDisplay() {
        Run run = workbench.selectedProperty().get();
        if (run != null) {
            DisplayDialog.ask(theme, getScene().getWindow(), run.display())
                    .ifPresent(mode -> workbench.change("Stating the display", study -> study.setDisplay(run, mode)));
        }
    }

    private void key(KeyEvent event) {
        if (event.getCode() == KeyCode.F1) {
            ShortcutsDialog.show(theme, getScene().getWindow());
        } else if (event.getCode() == KeyCode.ESCAPE) {
            jobs.stop();
            tell("");
        } else if (!event.isShortcutDown()) {
            return;
        } else {
            switch (event.getCode()) {
                case O -> imports.choose(this::drop);
                case Z -> workbench.change("Undo or redo", event.isShiftDown() ? Study::redo : Study::undo);
                case Y -> workbench.change("Redo", Study::redo);
                case D -> theme.turn();
                case F -> games.focusFind();
                case R -> simulate();
                case PLUS, EQUALS, ADD -> theme.scaleText(1);
                case MINUS, SUBTRACT -> theme.scaleText(-1);
                case DIGIT0 -> theme.resetText();
                case DIGIT1 -> examineButton.setSelected(true);
                case DIGIT2 -> compareButton.setSelected(true);
                case C -> {
                    if (!event.isShiftDown()) {
                        return;
                    }
                    copy();
                }
                case DELETE, BACK_SPACE -> removeRun();
                default -> {
                    return;
                }
            }
        }
        event.consume();
    }

    private void copy() {
        if (compareButton.isSelected()) {
            compare.copyTable();
        } else {
            examine.copyFigures();
        }
    }

    private void removeRun() {
        Run run = workbench.selectedProperty().get();
        if (run != null) {
            workbench.change("Removing a run", study -> study.removeRun(run));
        }
    }

    private static ToggleButton work(String name, String key) {
        ToggleButton button = new ToggleButton(name);
        button.getStyleClass().add("work");
        button.setId("work-" + name.toLowerCase(Locale.ROOT));
        button.setMaxWidth(Double.MAX_VALUE);
        button.setTooltip(new Tooltip(key));
        return button;
    }

    private static Button quiet(String text, String tip, Runnable action) {
        Button button = new Button(text);
        button.getStyleClass().add("quiet");
        button.setMinWidth(USE_PREF_SIZE);
        button.setTooltip(new Tooltip(tip));
        button.setOnAction(_ -> action.run());
        return button;
    }

    private static Region spacer() {
        Region spacer = new Region();
        HBox.setHgrow(spacer, Priority.ALWAYS);
        return spacer;
    }
}
