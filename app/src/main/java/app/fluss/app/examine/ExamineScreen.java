package app.fluss.app.examine;

import app.fluss.app.latency.LatencyPane;
import app.fluss.app.model.AnalysedRun;
import app.fluss.app.model.Workbench;
import app.fluss.app.path.PathPane;
import app.fluss.app.pictures.PicturesPane;
import app.fluss.app.recorded.RecordedPane;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.CopiedTable;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.ShareBar;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.Tips;
import app.fluss.app.theme.WhenLookedAt;
import app.fluss.app.theme.WrappingRow;
import app.fluss.files.study.QuickRun;
import app.fluss.files.study.Run;
import app.fluss.files.table.DataTable;
import app.fluss.files.table.FigureTables;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Toggle;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/// Examine: one run, from the rates down to single refreshes.
public final class ExamineScreen extends VBox {
    private final Workbench workbench;
    private final LatencyPane latency;
    private final FramesPane frames;
    private final NotedPane noted;
    private final VBox rates = new VBox();
    private final Button correct;
    private final ToggleGroup views = new ToggleGroup();
    private final Map<View, ToggleButton> viewButtons = new EnumMap<>(View.class);
    private final Map<View, VBox> panes = new EnumMap<>(View.class);
    private final Label title = Labels.title("");
    private final Label place = Labels.of("", "muted", "small");
    private final Label simulated = new Label(ExamineText.SIMULATED);

    /// What of a run is looked at.
    public enum View {
        /// Rates, frame times, refreshes.
        FRAMES("Frames", "Rates, frame times, refreshes (Ctrl+B)"),
        /// From input to light.
        LATENCY("Latency", "From input to light (Ctrl+L)"),
        /// What is worked out for its path.
        PATH("Path", "Generation by stretch, second card, display (Ctrl+G)"),
        /// Clips and stills.
        PICTURES("Pictures", "Distinct pictures of a clip, stills (Ctrl+I)"),
        /// Numbers on a recording.
        COUNTER("Counter", "Numbers on a recording, held against its pictures (Ctrl+J)");

        private final String title;
        private final String tip;

        View(String title, String tip) {
            this.title = title;
            this.tip = tip;
        }
    }

    /// A part of the screen that a finding can point to.
    public enum Part {
        /// The rate ladder.
        RATES,
        /// The frame-time band.
        FRAME_TIMES,
        /// The refresh weave.
        WEAVE,
        /// The figures.
        FIGURES
    }

    /// @param latency shows the latency of the run
    /// @param path shows what is worked out for its path
    /// @param pictures shows its clip
    /// @param recorded shows the numbers on its recording
    /// @param display is asked to let the user state the display mode of the run
    /// @param correction is asked to let the user correct a run that was typed
    public ExamineScreen(
            Workbench workbench,
            Theme theme,
            LatencyPane latency,
            PathPane path,
            PicturesPane pictures,
            RecordedPane recorded,
            Runnable display,
            Consumer<Run> correction) {
        super(10);
        this.workbench = workbench;
        this.latency = latency;
        frames = new FramesPane(workbench, theme);
        noted = new NotedPane(theme, () -> show(View.COUNTER));
        VBox.setVgrow(frames, Priority.ALWAYS);
        VBox.setVgrow(noted, Priority.ALWAYS);
        setId("examine");
        simulated.getStyleClass().addAll("chip", "chip-warm");
        simulated.setMinWidth(USE_PREF_SIZE);
        simulated.managedProperty().bind(simulated.visibleProperty());
        Button displayButton = Buttons.quiet(ExamineText.DISPLAY, ExamineText.DISPLAY_TIP, display);
        correct = Buttons.quiet(ExamineText.CORRECT, ExamineText.CORRECT_TIP, () -> {
            Run run = workbench.selectedProperty().get();
            if (run != null) {
                correction.accept(run);
            }
        });
        correct.setId("correct");
        Button copy = Buttons.quiet(ExamineText.COPY, ExamineText.COPY_TIP, this::copyFigures);
        ShareBar save = ShareBar.saving(theme, ExamineText.FIGURES_OF_RUN, ShareBar.table(this::figures));
        title.setMinWidth(USE_PREF_SIZE);
        HBox.setHgrow(place, Priority.ALWAYS);
        place.setMaxWidth(Double.MAX_VALUE);
        WrappingRow name = new WrappingRow(8, title, place, simulated, correct, displayButton, copy, save);
        VBox head = new VBox(6, name, viewButtons());
        panes.putAll(Map.of(
                View.FRAMES,
                rates,
                View.LATENCY,
                latency,
                View.PATH,
                path,
                View.PICTURES,
                pictures,
                View.COUNTER,
                recorded));
        panes.values().forEach(pane -> VBox.setVgrow(pane, Priority.ALWAYS));
        getChildren().addAll(head, rates);
        show(View.FRAMES);
        views.selectedToggleProperty().subscribe(this::showView);
        WhenLookedAt.fill(rates, () -> showRates(workbench.analysedProperty().get()), workbench.analysedProperty());
        WhenLookedAt.fill(
                latency, () -> latency.show(workbench.analysedProperty().get()), workbench.analysedProperty());
        WhenLookedAt.fill(this, this::name, workbench.analysedProperty(), workbench.selectedProperty());
    }

    private HBox viewButtons() {
        HBox row = new HBox(2);
        for (View view : View.values()) {
            ToggleButton button = new ToggleButton(view.title);
            button.setId("view-" + view.title.toLowerCase(Locale.ROOT));
            button.getStyleClass().add("quiet");
            button.setMinWidth(USE_PREF_SIZE);
            Tips.on(button, view.tip);
            button.setToggleGroup(views);
            button.setUserData(view);
            viewButtons.put(view, button);
            row.getChildren().add(button);
        }
        return row;
    }

    private void showView(@Nullable Toggle chosen) {
        if (chosen == null) {
            show(View.FRAMES);
            return;
        }
        getChildren().set(1, Objects.requireNonNull(panes.get(view())));
    }

    /// What is looked at.
    public View view() {
        Toggle chosen = views.getSelectedToggle();
        return chosen != null && chosen.getUserData() instanceof View view ? view : View.FRAMES;
    }

    /// Shows a view.
    public void show(View view) {
        Objects.requireNonNull(viewButtons.get(view)).setSelected(true);
        if (view == View.LATENCY) {
            latency.requestFocus();
        }
    }

    /// Points to a part for a moment, without blinking.
    public void point(Part part) {
        show(View.FRAMES);
        frames.point(part);
    }

    private void showRates(@Nullable AnalysedRun run) {
        if (run == null && rates.getChildren().isEmpty()) {
            return; // charts come with the first run that is worked out
        }
        boolean withLog = run == null || run.run().hasLog();
        rates.getChildren().setAll(withLog ? frames : noted);
        frames.show(withLog ? run : null);
        if (run != null && !withLog) {
            noted.show(run);
        }
    }

    /// Names the run that is selected, and says so while its figures are still worked out.
    private void name() {
        Run run = workbench.selectedProperty().get();
        boolean known = run != null && workbench.contentsProperty().get().runs().contains(run);
        title.setText(known ? run.path().name() : "");
        place.setText(
                known
                        ? workbench.contentsProperty().get().place(run) + " · " + run.name()
                                + (workbench.analysedProperty().get() == null
                                        ? ExamineText.CALCULATING_ITS_FIGURES
                                        : "")
                        : "");
        simulated.setVisible(known && run.simulated());
        boolean typed = known && QuickRun.isOne(run);
        correct.setVisible(typed);
        correct.setManaged(typed);
    }

    private Optional<DataTable> figures() {
        return Optional.ofNullable(workbench.analysedProperty().get()).map(run -> FigureTables.ofRun(run.analysis()));
    }

    /// Copies the figures as tab-separated text.
    public void copyFigures() {
        if (view() == View.LATENCY) {
            latency.copyFigures();
            return;
        }
        AnalysedRun run = workbench.analysedProperty().get();
        String text = run != null && !run.run().hasLog() ? NotedPane.asText(run) : frames.figuresAsText();
        if (!text.isEmpty()) {
            CopiedTable.put(text);
        }
    }
}
