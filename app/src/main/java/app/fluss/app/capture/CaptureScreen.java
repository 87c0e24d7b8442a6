package app.fluss.app.capture;

import app.fluss.app.blind.BlindPane;
import app.fluss.app.model.CaptureEdits;
import app.fluss.app.model.Contents;
import app.fluss.app.model.Coverage;
import app.fluss.app.model.Jobs;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.Tips;
import app.fluss.core.bench.Setup;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.path.Chain;
import app.fluss.core.path.Judgement;
import app.fluss.core.path.Preflight;
import app.fluss.core.plan.PlannedStep.Role;
import app.fluss.core.reading.PadEntry;
import app.fluss.core.reading.PadMark;
import app.fluss.files.log.MappingMemory;
import app.fluss.files.study.Attempt;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.Outcome;
import app.fluss.files.study.Scene;
import app.fluss.files.study.SheetRow;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.prefs.Preferences;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/// Capture: one line of the run sheet after the other, from what must be done before to what becomes of
/// the run.
public final class CaptureScreen extends VBox {
    private final Workbench workbench;
    private final Theme theme;
    private final Consumer<String> problems;
    private final Label title = Labels.title("");
    private final Label place = Labels.of("", "chip");
    private final Label goal = Labels.of("", "muted");
    private final BeforePanel before;
    private final SceneTimer timer;
    private final EvidencePanel evidence;
    private final VBox line = new VBox(12);
    private final NextLines next = new NextLines();
    private final EndingBar ending;
    private final Runnable plan;
    private final Runnable compare;
    private final BlindPane blind;
    private final ScrollPane blindScroll;
    private final ToggleButton playing = new ToggleButton(CaptureText.BLIND_BLOCK);
    private @Nullable SheetRow row;
    private Map<String, Boolean> said = Map.of();
    /// Why runs are usually measured again.
    private static final List<String> REASONS = List.of(
            CaptureText.GAME_CRASHED,
            CaptureText.SOMETHING_ELSE_RAN_MEANWHILE,
            CaptureText.ROUTE_DIFFERED,
            CaptureText.SETTING_WAS_WRONG,
            CaptureText.LOGGER_WROTE_NOTHING);

    /// The requirement that a warm-up line of the sheet meets.
    private static final String FIRST_PASS = "first-pass-discarded";

    private List<Judgement> judged = List.of();

    /// @param problems is told, in words, what went wrong
    /// @param plan goes back to the plan
    /// @param compare goes on to what was measured
    /// @param preflight shows all requirements
    public CaptureScreen(
            Workbench workbench,
            Theme theme,
            Jobs jobs,
            MappingMemory memory,
            Preferences preferences,
            Consumer<String> problems,
            Runnable plan,
            Runnable compare,
            Runnable preflight) {
        super(12);
        this.plan = plan;
        this.compare = compare;
        this.workbench = workbench;
        this.theme = theme;
        this.problems = problems;
        setId("capture");
        before = new BeforePanel(this::answer, preflight);
        timer = new SceneTimer(
                this::focusEvidence, () -> onLine((line, keep) -> keep.start(line, System.currentTimeMillis())));
        evidence = new EvidencePanel(theme, memory, preferences, new PadKeeper(), this::onLine);
        ending = new EndingBar(
                this::keep,
                () -> end(Outcome.REPEAT, CaptureText.REPEAT_THIS_RUN, CaptureText.REPEAT),
                () -> end(Outcome.DISCARDED, CaptureText.DISCARD_THIS_RUN, CaptureText.DISCARD),
                () -> workbench
                        .contentsProperty()
                        .get()
                        .attempt()
                        .ifPresent(workbench.edits().capture()::leave));
        blind = new BlindPane(workbench, theme, jobs, problems);
        blindScroll = Boxes.scrolling(blind);
        VBox.setVgrow(blindScroll, Priority.ALWAYS);
        place.visibleProperty().bind(place.textProperty().isNotEmpty());
        playing.setId("capture-blind");
        playing.getStyleClass().add("quiet");
        Tips.on(playing, CaptureText.BLIND_SWITCH_TIP);
        playing.managedProperty().bind(playing.visibleProperty());
        playing.selectedProperty().subscribe((_, now) -> {
            if (!now) {
                blind.leave();
            }
            show(workbench.contentsProperty().get());
        });
        VBox.setVgrow(evidence, Priority.ALWAYS);
        VBox work = new VBox(12, before, timer, evidence);
        ScrollPane scroll = Boxes.scrolling(work);
        scroll.setFitToHeight(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        line.getChildren().addAll(scroll, ending, next);
        VBox.setVgrow(line, Priority.ALWAYS);
        getChildren().addAll(Boxes.row(title, place, Boxes.spacer(), goal, playing), line);
        workbench.contentsProperty().subscribe(this::show);
        sceneProperty().subscribe(scene -> {
            if (scene != null) {
                Platform.runLater(this::focusNext);
            }
        });
    }

    /// Whether the focus is on a part of the window.
    private static boolean hasFocus(Node part) {
        Node at = part.getScene() == null ? null : part.getScene().getFocusOwner();
        while (at != null && !at.equals(part)) {
            at = at.getParent();
        }
        return at != null;
    }

    /// Puts the focus where the next step is: what is to be done before, the start of the scene, the pad.
    private void focusNext() {
        SheetRow open = row;
        if (open == null || getScene() == null) {
            return;
        }
        if (before.getScene() == null) { // a scroll pane takes its content in with its skin
            applyCss();
            layout();
        }
        if (!open.role().isMeasured()) {
            before.focusDone();
        } else if (!timer.focusStart()) {
            focusEvidence();
        }
    }

    /// Keeps the run as it is; a line that is not measured is done.
    public void keep() {
        SheetRow open = row;
        if (open != null && !open.role().isMeasured()) {
            done(open);
        } else {
            finish(Outcome.KEPT, "");
        }
    }

    private void done(SheetRow open) {
        workbench.edits().plan().set(open, SheetRow.State.DONE);
    }

    private void end(Outcome outcome, String title, String action) {
        Dialogs.reason(theme, getScene().getWindow(), title, action, REASONS)
                .ifPresent(reason -> finish(outcome, reason));
    }

    private void show(Contents contents) {
        Optional<Attempt> attempt = contents.attempt();
        Optional<SheetRow> now = attempt.flatMap(begun -> contents.planned().sheet().stream()
                        .filter(line -> line.id() == begun.sheetId())
                        .findFirst())
                .or(() -> contents.planned().open().stream().findFirst());
        boolean held = hasFocus(this);
        boolean checking = hasFocus(before);
        boolean other = now.map(SheetRow::id).orElse(-1L) != (row == null ? -1L : row.id());
        row = now.orElse(null);
        blind.show(contents);
        playing.setVisible(blind.isOffered());
        if (playing.isVisible() && playing.isSelected()) {
            title.setText(CaptureText.BLIND_BLOCK);
            place.setText("");
            goal.setText("");
            getChildren().set(1, blindScroll);
            return;
        }
        if (now.isEmpty()) {
            title.setText(CaptureText.CAPTURE);
            place.setText("");
            goal.setText("");
            getChildren().set(1, new NoLine(!contents.planned().sheet().isEmpty(), plan, compare));
            timer.show(Optional.empty(), 0);
            return;
        }
        getChildren().set(1, line);
        SheetRow open = now.get();
        Scene scene = contents.scene(open.sceneId());
        DeliveryPath path = contents.path(open.pathId());
        if (other) {
            evidence.forget();
            showPath();
        }
        title.setText(open.role() == Role.BREAK ? CaptureText.BREAK : path.name());
        place.setText(open.role() == Role.BREAK ? "" : contents.place(scene));
        long runs = contents.planned().openRuns();
        goal.setText(runs == 1 ? CaptureText.RUN_TO_GO : CaptureText.RUNS_TO_GO.formatted(runs));
        boolean measured = open.role().isMeasured();
        timer.show(attempt, open.lastsS());
        evidence.setVisible(measured);
        evidence.setManaged(measured);
        ending.setVisible(measured);
        ending.setManaged(measured);
        timer.setVisible(measured);
        timer.setManaged(measured);
        next.setVisible(!measured);
        next.setManaged(!measured);
        next.show(contents);
        evidence.show(attempt);
        evidence.use(settings(contents, scene, path), open);
        before.show(contents, open, List.of(), last(contents));
        if (measured) {
            workbench.said(scene.gameId(), path.id(), attempt, answers -> {
                said = new HashMap<>(answers);
                if (contents.planned().isWarmedUp(open)) {
                    said.putIfAbsent(FIRST_PASS, true);
                }
                judge(contents, scene, path, open);
            });
        } else {
            before.offerDone(open, () -> done(open));
        }
        if (other || (held && !checking && !hasFocus(this))) {
            Platform.runLater(this::focusNext);
        }
    }

    /// Plays the blind block that goes on.
    public void playBlind() {
        playing.setSelected(true);
    }

    /// Shows the path of the line in the chain.
    public void showPath() {
        if (row != null && getScene() != null) {
            workbench.pathProperty().set(workbench.contentsProperty().get().path(row.pathId()));
        }
    }

    private static Chain last(Contents contents) {
        return Coverage.set(contents);
    }

    private static AnalysisSettings settings(Contents contents, Scene scene, DeliveryPath path) {
        AnalysisSettings settings = AnalysisSettings.NONE.withMultiplier(path.multiplier());
        settings = path.isNative() ? settings.asNative() : settings;
        Setup setup = contents.bench().setup(scene.gameId(), path.chain());
        return Ending.measuredOn(setup, path)
                .display()
                .map(settings::withDisplay)
                .orElse(settings);
    }

    private void judge(Contents contents, Scene scene, DeliveryPath path, SheetRow open) {
        Setup now = contents.bench().setup(scene.gameId(), path.chain());
        Setup baseline = path.isNative() ? now : contents.baseline(scene);
        judged = Preflight.judge(workbench.requirements(), path.chain(), now, baseline, said);
        boolean checking = hasFocus(before) || before.wasChecking();
        before.show(contents, open, judged, last(contents));
        if (checking && !before.focusCheck()) {
            focusNext();
        }
    }

    private void answer(Judgement judgement, Optional<Boolean> met) {
        SheetRow open = row;
        if (open != null) {
            long game = workbench.contentsProperty().get().scene(open.sceneId()).gameId();
            workbench.edits().capture().answer(open, game, judgement, met);
        }
    }

    /// Keeps something with the line that is shown.
    interface OnLine {
        void keep(SheetRow line, CaptureEdits edits);
    }

    private void onLine(OnLine work) {
        SheetRow open = row;
        if (open != null) {
            work.keep(open, workbench.edits().capture());
        }
    }

    private void finish(Outcome outcome, String reason) {
        Contents contents = workbench.contentsProperty().get();
        Optional<Attempt> attempt = contents.attempt();
        boolean log = evidence.attached().isPresent();
        boolean empty = attempt.map(
                        begun -> !begun.hasEvidence(log, evidence.latency().isPresent()))
                .orElse(true);
        if (empty && outcome == Outcome.KEPT) {
            problems.accept(CaptureText.NOTHING_TO_KEEP);
            return;
        }
        if (attempt.isEmpty()) {
            problems.accept(CaptureText.LINE_NOT_STARTED);
            return;
        }
        problems.accept("");
        Ending end = new Ending(
                contents, attempt.get(), evidence.attached(), evidence.latency(), judged, evidence.logAheadMs());
        end.add(
                workbench.edits().capture(),
                outcome,
                reason,
                e -> problems.accept(CaptureText.RUN_NOT_KEPT.formatted(e.getMessage())));
    }

    /// Marks that the path was switched on or off just now, if the scene runs.
    public void markSwitch() {
        long at = timer.elapsedMs();
        if (at > 0) {
            onLine((line, keep) -> keep.type(line, new PadEntry.Marked(at, PadMark.TOGGLE)));
        }
    }

    private void focusEvidence() {
        evidence.focusShown();
    }

    /// Puts the cursor where readings are typed.
    public void focusPad() {
        evidence.focusPad();
    }

    /// Starts the count-down of the scene.
    public void start() {
        timer.start();
    }

    /// Stops watching the folder.
    public void close() {
        evidence.close();
    }

    /// Offers stand-ins for light sensors anew.
    ///
    /// @param standInSpeed how much faster than real they send
    public void offerStandIns(double standInSpeed) {
        evidence.offerStandIns(standInSpeed);
    }

    /// The folder that is watched for logs.
    public void watch(Path folder) {
        evidence.watch(folder);
    }

    private final class PadKeeper implements PadView.Keeper {
        @Override
        public long nowMs() {
            return timer.elapsedMs();
        }

        @Override
        public void keep(PadEntry entry) {
            onLine((line, keep) -> keep.type(line, entry));
        }

        @Override
        public void takeBack() {
            onLine((line, keep) -> keep.takeBack(line));
        }
    }
}
