package app.fluss.app.feel;

import app.fluss.app.drill.DrillPane;
import app.fluss.app.model.Felt;
import app.fluss.app.model.Jobs;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Columns;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.Tips;
import app.fluss.app.theme.WhileShown;
import app.fluss.core.feel.FeelTask;
import app.fluss.files.study.FeelSession;
import java.security.SecureRandom;
import java.util.Optional;
import java.util.Random;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// Feel: what a person notices, and the drill that trains the eye for charts.
public final class FeelScreen extends VBox {
    private final Workbench workbench;
    private final Consumer<String> tell;
    private final StartPanel start;
    private final ResultsPanel results;
    private final Felt.Worker worker;
    private final Node overview;
    private final HBox head;
    private final DrillPane drill;
    private final ToggleButton thresholds =
            look(FeelText.THRESHOLDS, "feel-thresholds", FeelText.WHAT_PERSON_NOTICES_TIP);
    private final ToggleButton drilling = look(FeelText.DRILL, "feel-drill", FeelText.READ_CHARTS_TIP);
    private PulseSource pulses = PulseSource.ofToolkit();
    private Random random = new Random(new SecureRandom().nextLong());
    private Optional<TaskPane> running = Optional.empty();

    /// @param tell is told, in words, what there is to say; nothing puts away what was said
    public FeelScreen(Workbench workbench, Theme theme, Jobs jobs, Consumer<String> tell) {
        super(10);
        this.workbench = workbench;
        this.tell = tell;
        setId("feel");
        worker = new Felt.Worker(workbench);
        start = new StartPanel(this::begin, tell);
        results = new ResultsPanel(workbench, theme, new BoundOffer(workbench, theme, tell));
        drill = new DrillPane(workbench, theme, jobs, tell);
        HBox.setHgrow(results, Priority.ALWAYS);
        Ems.pref(start, 300);
        ScrollPane left = Boxes.scrolling(start);
        Ems.pref(left, 320);
        Ems.min(left, 300);
        ScrollPane right = Boxes.scrolling(results);
        right.setFitToHeight(true);
        HBox.setHgrow(right, Priority.ALWAYS);
        Columns both = new Columns(theme, 330, left, right);
        VBox.setVgrow(both, Priority.ALWAYS);
        overview = both;
        VBox.setVgrow(drill, Priority.ALWAYS);
        ToggleGroup looks = new ToggleGroup();
        thresholds.setToggleGroup(looks);
        drilling.setToggleGroup(looks);
        thresholds.setSelected(true);
        looks.selectedToggleProperty().subscribe((before, now) -> {
            if (now == null && before != null) {
                before.setSelected(true);
            }
            showOverview();
        });
        head = Boxes.row(Labels.title(FeelText.FEEL), thresholds, drilling);
        showOverview();
        WhileShown.subscribe(
                this,
                () -> workbench.contentsProperty().subscribe(contents -> {
                    start.show(contents);
                    if (running.isEmpty()) {
                        worker.work(results::show);
                    }
                }));
    }

    private static ToggleButton look(String title, String id, String tip) {
        ToggleButton button = new ToggleButton(title);
        button.getStyleClass().add("quiet");
        button.setId(id);
        Tips.on(button, tip);
        return button;
    }

    private void showOverview() {
        Node shown = drilling.isSelected() ? drill : overview;
        getChildren().setAll(head, shown);
    }

    private void begin(FeelTask task, FeelSession.Taker taker) {
        if (!workbench.canEdit()) {
            tell.accept(FeelText.NEEDS_STUDY);
            return;
        }
        tell.accept(""); // an older message would lie over the field
        var edits = workbench.edits().people();
        TaskPane pane = new TaskPane(task, taker, pulses, random, done -> {
            running = Optional.empty();
            start.again();
            showOverview();
            done.session().ifPresent(edits::keep);
            tell.accept(done.words());
        });
        running = Optional.of(pane);
        VBox.setVgrow(pane, Priority.ALWAYS);
        getChildren().setAll(pane);
        pane.requestFocus();
    }

    /// Stops what moves.
    ///
    /// @return whether something did
    public boolean stop() {
        Optional<TaskPane> stopped = running;
        stopped.ifPresent(TaskPane::stop);
        return stopped.isPresent();
    }

    /// Takes pulses and chance from elsewhere, for a person that is simulated.
    void use(PulseSource source, Random chance) {
        pulses = source;
        random = chance;
    }

    /// The task that is being done; empty while none is.
    Optional<TaskPane> running() {
        return running;
    }
}
