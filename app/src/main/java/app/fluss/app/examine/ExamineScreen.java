package app.fluss.app.examine;

import app.fluss.app.latency.LatencyPane;
import app.fluss.app.model.AnalysedRun;
import app.fluss.app.model.TimeWindow;
import app.fluss.app.model.Workbench;
import app.fluss.app.path.PathPane;
import app.fluss.app.pictures.PicturesPane;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Marks;
import app.fluss.app.theme.Palette;
import app.fluss.app.theme.Theme;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.LowConvention;
import app.fluss.core.measure.Section;
import app.fluss.files.study.StoredSection;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import javafx.animation.PauseTransition;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.Toggle;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.text.Font;
import javafx.util.Duration;
import javafx.util.StringConverter;
import org.jspecify.annotations.Nullable;

/// Examine: one run, from the rates down to single refreshes.
public final class ExamineScreen extends VBox {
    private static final PseudoClass POINTED = PseudoClass.getPseudoClass("pointed");
    private static final Duration POINTED_FOR = Duration.seconds(2.5);

    private final Workbench workbench;
    private final Theme theme;
    private final LatencyPane latency;
    private final VBox frames = new VBox(10);
    private final ToggleGroup views = new ToggleGroup();
    private final Map<View, ToggleButton> viewButtons = new EnumMap<>(View.class);
    private final Map<View, VBox> panes = new EnumMap<>(View.class);
    private final ObjectProperty<TimeWindow> window = new SimpleObjectProperty<>(new TimeWindow(0, 1));
    private final BandView band;
    private final WeaveView weave;
    private final LadderView ladder = new LadderView();
    private final FigureGrid figures = new FigureGrid();
    private final Label title = new Label();
    private final Label place = Labels.of("", "muted", "small");
    private final Label simulated = new Label("simulated");
    private final ChoiceBox<LowConvention> convention = new ChoiceBox<>();
    private final MenuButton sections = new MenuButton("Sections");
    private final Map<Part, VBox> panels = new EnumMap<>(Part.class);
    private @Nullable AnalysedRun shown;

    /// What of a run is looked at.
    public enum View {
        /// Rates, frame times, refreshes.
        FRAMES("Frames", "Rates, frame times, refreshes (Ctrl+4)"),
        /// From input to light.
        LATENCY("Latency", "From input to light (Ctrl+L)"),
        /// What is worked out for its path.
        PATH("Path", "Generation by stretch, second card, display (Ctrl+G)"),
        /// Clips and stills.
        PICTURES("Pictures", "Distinct pictures of a clip, stills (Ctrl+P)");

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
    /// @param display is asked to let the user state the display mode of the run
    public ExamineScreen(
            Workbench workbench,
            Theme theme,
            LatencyPane latency,
            PathPane path,
            PicturesPane pictures,
            Runnable display) {
        super(10);
        this.workbench = workbench;
        this.theme = theme;
        this.latency = latency;
        band = new BandView(theme, window, this::mark);
        weave = new WeaveView(theme, window);
        setId("examine");
        title.getStyleClass().add("title");
        simulated.getStyleClass().addAll("chip", "chip-warm");
        simulated.setMinWidth(USE_PREF_SIZE);
        convention.getItems().setAll(LowConvention.values());
        convention.setConverter(new ConventionNames());
        convention.setValue(LowConvention.PERCENTILE);
        convention.setId("convention");
        convention.setPrefWidth(130);
        convention.valueProperty().subscribe(this::showFigures);
        Button displayButton = Buttons.quiet("Display…", "State the refresh rate and sync mode of this run", display);
        Button whole = Buttons.quiet("All", "Show the whole run (Home)", this::showAll);
        Button markButton =
                Buttons.quiet("Mark", "Mark what is shown as a section (M); or drag with Shift", this::markShown);
        Button copy = Buttons.quiet("Copy figures", "Copy the figures as a table (Ctrl+Shift+C)", this::copyFigures);
        sections.getStyleClass().add("quiet");
        sections.setMinWidth(USE_PREF_SIZE);
        sections.setOnShowing(_ -> fillSections());
        fillSections();
        Label lows = new Label("lows by");
        lows.getStyleClass().add("muted");
        VBox titles = new VBox(-2, title, place);
        titles.setMinWidth(0);
        HBox head = Boxes.row(viewButtons(), titles, simulated, Boxes.spacer(), displayButton, copy);
        VBox ladderPanel = Boxes.panel(Labels.heading("Rates, images/s"), ladder);
        HBox.setHgrow(ladderPanel, Priority.ALWAYS);
        HBox figureHead = new HBox(8, Labels.heading("Figures"), Boxes.spacer(), lows, convention);
        figureHead.setAlignment(Pos.CENTER_LEFT);
        VBox figurePanel = Boxes.panel(figureHead, figures);
        figurePanel.setMinWidth(USE_PREF_SIZE);
        HBox bandHead = new HBox(
                8,
                Labels.heading("Frame time"),
                Labels.of("ms · ◆ stutter", "muted"),
                Boxes.spacer(),
                whole,
                markButton,
                sections);
        bandHead.setAlignment(Pos.CENTER_LEFT);
        VBox bandPanel = Boxes.panel(bandHead, band);
        VBox.setVgrow(band, Priority.ALWAYS);
        VBox.setVgrow(bandPanel, Priority.ALWAYS);
        band.setMinHeight(110);
        HBox weaveHead = new HBox(
                10, Labels.heading("Refresh weave"), Labels.of("one second a row", "muted"), Boxes.spacer(), legend());
        weaveHead.setAlignment(Pos.CENTER_LEFT);
        VBox weavePanel = Boxes.panel(weaveHead, weave);
        VBox.setVgrow(weave, Priority.ALWAYS);
        weave.setMinHeight(104);
        weave.setPrefHeight(150);
        VBox.setVgrow(weavePanel, Priority.ALWAYS);
        VBox left = new VBox(10, ladderPanel, bandPanel);
        VBox.setVgrow(bandPanel, Priority.ALWAYS);
        HBox.setHgrow(left, Priority.ALWAYS);
        left.setMinWidth(0);
        HBox upper = new HBox(10, left, figurePanel);
        VBox.setVgrow(upper, Priority.ALWAYS);
        upper.setMaxHeight(500);
        frames.getChildren().setAll(upper, weavePanel);
        panes.putAll(Map.of(View.FRAMES, frames, View.LATENCY, latency, View.PATH, path, View.PICTURES, pictures));
        panes.values().forEach(pane -> VBox.setVgrow(pane, Priority.ALWAYS));
        getChildren().addAll(head, frames);
        show(View.FRAMES);
        views.selectedToggleProperty().subscribe(this::showView);
        panels.put(Part.RATES, ladderPanel);
        panels.put(Part.FRAME_TIMES, bandPanel);
        panels.put(Part.WEAVE, weavePanel);
        panels.put(Part.FIGURES, figurePanel);
        workbench.analysedProperty().subscribe(this::show);
    }

    private HBox viewButtons() {
        HBox row = Boxes.row();
        row.setSpacing(2);
        for (View view : View.values()) {
            ToggleButton button = new ToggleButton(view.title);
            button.setId("view-" + view.title.toLowerCase(Locale.ROOT));
            button.getStyleClass().add("quiet");
            button.setMinWidth(USE_PREF_SIZE);
            button.setTooltip(new Tooltip(view.tip));
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
        VBox panel = Objects.requireNonNull(panels.get(part));
        panel.pseudoClassStateChanged(POINTED, true);
        PauseTransition moment = new PauseTransition(POINTED_FOR);
        moment.setOnFinished(_ -> panel.pseudoClassStateChanged(POINTED, false));
        moment.play();
    }

    private void show(@Nullable AnalysedRun run) {
        boolean sameRun =
                run != null && shown != null && run.run().id() == shown.run().id();
        shown = run;
        band.show(run == null ? null : BandView.Shown.of(run));
        weave.show(run);
        latency.show(run);
        if (run == null) {
            title.setText("");
            place.setText("");
            simulated.setVisible(false);
            return;
        }
        title.setText(run.run().path().name());
        place.setText(workbench.contentsProperty().get().place(run.run()) + " · "
                + run.run().name());
        simulated.setVisible(run.run().simulated());
        ladder.show(run.analysis().rates(), run.run().claim());
        showFigures();
        if (!sameRun) {
            showAll();
        }
    }

    private void showAll() {
        AnalysedRun run = shown;
        if (run != null && run.band().elapsedMs() > 0) {
            window.set(new TimeWindow(0, run.band().elapsedMs()));
        }
    }

    private void showFigures() {
        AnalysedRun run = shown;
        if (run != null) {
            figures.show(names(run), stretches(run), convention.getValue());
        }
    }

    private static List<String> names(AnalysedRun run) {
        List<String> names = new ArrayList<>(List.of("whole run"));
        run.sections().forEach(stored -> names.add(stored.section().name()));
        return names;
    }

    private static List<Analysis> stretches(AnalysedRun run) {
        List<Analysis> stretches = new ArrayList<>(List.of(run.analysis()));
        stretches.addAll(run.sectionAnalyses());
        return stretches;
    }

    /// Copies the figures as tab-separated text.
    public void copyFigures() {
        AnalysedRun run = shown;
        if (view() == View.LATENCY) {
            latency.copyFigures();
        } else if (run != null) {
            ClipboardContent content = new ClipboardContent();
            content.putString(figures.asText(names(run), stretches(run), convention.getValue()));
            Clipboard.getSystemClipboard().setContent(content);
        }
    }

    private void markShown() {
        mark(window.get().fromMs(), window.get().toMs());
    }

    /// What can be done with each section: say how heavy it is, or take its mark away.
    private void fillSections() {
        AnalysedRun run = shown;
        sections.getItems().clear();
        for (StoredSection stored : run == null ? List.<StoredSection>of() : run.sections()) {
            Menu menu = new Menu(stored.section().name());
            for (Section.Weight weight : Section.Weight.values()) {
                CheckMenuItem item = new CheckMenuItem(weight.name().toLowerCase(Locale.ROOT));
                item.setSelected(stored.section().weight() == weight);
                item.setOnAction(_ -> workbench.change("Setting a weight", study -> study.setWeight(stored, weight)));
                menu.getItems().add(item);
            }
            MenuItem rename = new MenuItem("Rename…");
            rename.setOnAction(_ -> rename(stored));
            MenuItem remove = new MenuItem("Remove mark");
            remove.setOnAction(_ -> workbench.change("Removing a mark", study -> study.removeSection(stored)));
            menu.getItems().addAll(new SeparatorMenuItem(), rename, remove);
            sections.getItems().add(menu);
        }
        if (sections.getItems().isEmpty()) {
            MenuItem none = new MenuItem("No section is marked: drag with Shift over the frame times");
            none.setDisable(true);
            sections.getItems().add(none);
        }
    }

    private void rename(StoredSection stored) {
        Dialogs.text(
                        theme,
                        getScene().getWindow(),
                        "Name of the section",
                        stored.section().name())
                .ifPresent(name -> workbench.change("Renaming a section", study -> study.renameSection(stored, name)));
    }

    private void mark(double fromMs, double toMs) {
        AnalysedRun run = shown;
        if (run != null && fromMs < toMs) {
            int number = run.sections().size() + 1;
            Section section = new Section("section " + number, Section.Weight.TYPICAL, fromMs, toMs);
            workbench.change("Marking a section", study -> study.addSection(run.run(), section));
        }
    }

    private Canvas legend() {
        Canvas canvas = new Canvas();
        theme.paletteProperty().subscribe(_ -> drawLegend(canvas));
        theme.textScaleProperty().subscribe(_ -> drawLegend(canvas));
        return canvas;
    }

    private void drawLegend(Canvas canvas) {
        double scale = theme.textScaleProperty().get();
        Palette palette = theme.palette();
        canvas.setWidth(330 * scale);
        canvas.setHeight(16 * scale);
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.setTransform(scale, 0, 0, scale, 0, 0);
        g.clearRect(0, 0, 330, 16);
        g.setFont(Font.font(Theme.FACE, 11.5));
        Marks.rendered(g, palette, 0, 2, 8, 11);
        Marks.generated(g, palette, 72, 2, 9, 12);
        Marks.held(g, palette, 148, 2, 14, 12);
        Marks.repeated(g, palette, 196, 2, 12, 12);
        Marks.lost(g, palette, 276, 4, 7);
        g.setFill(palette.get(Palette.Role.MUTED));
        String[] names = {"rendered", "generated", "held", "repeated", "lost"};
        double[] at = {13, 86, 166, 213, 284};
        for (int i = 0; i < names.length; i++) {
            g.fillText(names[i], at[i], 12);
        }
    }

    private static final class ConventionNames extends StringConverter<LowConvention> {
        @Override
        public String toString(LowConvention value) {
            return FigureGrid.name(value);
        }

        @Override
        public LowConvention fromString(String text) {
            return LowConvention.valueOf(text);
        }
    }
}
