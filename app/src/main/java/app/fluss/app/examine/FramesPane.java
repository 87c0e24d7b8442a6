package app.fluss.app.examine;

import app.fluss.app.model.AnalysedRun;
import app.fluss.app.model.RunEdits;
import app.fluss.app.model.TimeWindow;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Columns;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.InTurn;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.ShareBar;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.WrappingRow;
import app.fluss.app.toggle.SwitchesMenu;
import app.fluss.app.toggle.TogglePanel;
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
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import javafx.util.StringConverter;
import org.jspecify.annotations.Nullable;

/// The frames of a run: rates, frame times, figures, single refreshes.
final class FramesPane extends VBox {
    private static final PseudoClass POINTED = PseudoClass.getPseudoClass("pointed");
    private static final Duration POINTED_FOR = Duration.seconds(2.5);

    private final Workbench workbench;
    private final Theme theme;
    private final ObjectProperty<TimeWindow> window = new SimpleObjectProperty<>(new TimeWindow(0, 1));
    private final BandView band;
    private final WeaveView weave;
    private final LadderView ladder = new LadderView();
    private final FigureGrid figures = new FigureGrid();
    private final ChoiceBox<LowConvention> convention = new ChoiceBox<>();
    private final MenuButton sections = new MenuButton(ExamineText.SECTIONS);
    private final SwitchesMenu switches;
    private final Columns upper;
    private final VBox figurePanel;
    private final InTurn inTurn = new InTurn(this);
    private final VBox weavePanel;
    private final VBox toggle = new VBox();
    private final Map<ExamineScreen.Part, VBox> panels = new EnumMap<>(ExamineScreen.Part.class);
    private @Nullable AnalysedRun shown;

    FramesPane(Workbench workbench, Theme theme) {
        super(10);
        this.workbench = workbench;
        this.theme = theme;
        band = new BandView(theme, window, this::mark);
        weave = new WeaveView(theme, window);
        convention.getItems().setAll(LowConvention.values());
        convention.setConverter(new ConventionNames());
        convention.setValue(LowConvention.PERCENTILE);
        convention.setId("convention");
        convention.setAccessibleText(ExamineText.LOWS_BY);
        Ems.pref(convention, 130);
        convention.valueProperty().subscribe(this::showFigures);
        Button whole = Buttons.quiet(ExamineText.ALL, ExamineText.ALL_TIP, this::showAll);
        switches = new SwitchesMenu(
                workbench,
                theme,
                Optional.of(() -> (window.get().fromMs() + window.get().toMs()) / 2));
        sections.getStyleClass().add("quiet");
        sections.setMinWidth(USE_PREF_SIZE);
        sections.setOnShowing(_ -> fillSections());
        fillSections();
        Label lows = new Label(ExamineText.LOWS_BY_LABEL);
        lows.getStyleClass().add("muted");
        VBox ladderPanel = Boxes.panel(Boxes.head(theme, ExamineText.RATES_IMAGES_S, ladder), ladder);
        HBox.setHgrow(ladderPanel, Priority.ALWAYS);
        HBox figureHead = new HBox(8, Labels.heading(ExamineText.FIGURES), Boxes.spacer(), lows, convention);
        figureHead.setAlignment(Pos.CENTER_LEFT);
        figurePanel = Boxes.panel(figureHead, figures);
        figurePanel.setMinWidth(USE_PREF_SIZE);
        WrappingRow bandHead = new WrappingRow(
                8,
                Labels.heading(ExamineText.FRAME_TIME),
                Labels.of(ExamineText.MS_STUTTER, "muted"),
                whole,
                sections,
                switches,
                Boxes.spacer());
        bandHead.getChildren().add(new ShareBar(theme, ExamineText.FRAME_TIME, band));
        VBox bandPanel = Boxes.panel(bandHead, band);
        VBox.setVgrow(band, Priority.ALWAYS);
        VBox.setVgrow(bandPanel, Priority.ALWAYS);
        Ems.minHeight(band, 120);
        Ems.prefHeight(band, 190);
        WrappingRow weaveHead = Boxes.head(
                theme,
                ExamineText.REFRESH_WEAVE,
                weave,
                Labels.of(ExamineText.WEAVE_ROW, "muted"),
                Boxes.spacer(),
                new Legend(theme));
        weavePanel = Boxes.panel(weaveHead, weave);
        VBox.setVgrow(weave, Priority.ALWAYS);
        Ems.minHeight(weave, 104);
        Ems.prefHeight(weave, 150);
        VBox.setVgrow(weavePanel, Priority.ALWAYS);
        VBox left = new VBox(10, ladderPanel, bandPanel);
        VBox.setVgrow(bandPanel, Priority.ALWAYS);
        HBox.setHgrow(left, Priority.ALWAYS);
        left.setMinWidth(0);
        upper = new Columns(theme, 250, left);
        VBox.setVgrow(upper, Priority.ALWAYS);
        VBox parts = new VBox(10, upper, toggle, weavePanel);
        ScrollPane scroll = Boxes.scrolling(parts);
        scroll.setFitToHeight(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().setAll(scroll);
        panels.put(ExamineScreen.Part.RATES, ladderPanel);
        panels.put(ExamineScreen.Part.FRAME_TIMES, bandPanel);
        panels.put(ExamineScreen.Part.WEAVE, weavePanel);
        panels.put(ExamineScreen.Part.FIGURES, figurePanel);
    }

    /// Points to a part for a moment, without blinking.
    void point(ExamineScreen.Part part) {
        VBox panel = Objects.requireNonNull(panels.get(part));
        panel.pseudoClassStateChanged(POINTED, true);
        PauseTransition moment = new PauseTransition(POINTED_FOR);
        moment.setOnFinished(_ -> panel.pseudoClassStateChanged(POINTED, false));
        moment.play();
    }

    /// Shows a run; none leaves what is empty.
    void show(@Nullable AnalysedRun run) {
        boolean sameRun =
                run != null && shown != null && run.run().id() == shown.run().id();
        shown = run;
        switches.show(run);
        toggle.getChildren().clear();
        if (run != null) {
            run.toggled()
                    .ifPresent(toggled -> toggle.getChildren()
                            .setAll(new TogglePanel(
                                    toggled, toggled.differences(run.run().grade()))));
        }
        toggle.setVisible(!toggle.getChildren().isEmpty());
        toggle.setManaged(toggle.isVisible());
        // Both do not fit, and a run that is switched is looked at stretch by stretch.
        weavePanel.setVisible(!toggle.isVisible());
        weavePanel.setManaged(!toggle.isVisible());
        if (run == null) {
            inTurn.fill(List.of(this::clear));
            return;
        }
        if (!sameRun) {
            clear();
            showAll();
        }
        inTurn.fill(List.of(
                () -> {
                    figures.clear();
                    ladder.show(
                            run.run().path().name() + " · " + run.run().name(),
                            run.analysis().rates(),
                            run.run().claimed());
                },
                () -> {
                    showFigures();
                    if (!upper.getChildren().contains(figurePanel)) {
                        upper.getChildren().add(figurePanel);
                    }
                },
                // The figures take the room that they need: charts that are drawn before are drawn twice.
                () -> band.show(BandView.Shown.of(run)),
                () -> weave.show(new WeaveView.Shown(run.analysis(), run.band().elapsedMs()))));
    }

    private void clear() {
        band.show(null);
        weave.show(null);
        ladder.clear();
        figures.clear();
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
        List<String> names = new ArrayList<>(List.of(ExamineText.WHOLE_RUN));
        run.sections().forEach(stored -> names.add(stored.section().name()));
        return names;
    }

    private static List<Analysis> stretches(AnalysedRun run) {
        List<Analysis> stretches = new ArrayList<>(List.of(run.analysis()));
        stretches.addAll(run.sectionAnalyses());
        return stretches;
    }

    /// The figures as tab-separated text; empty without a run.
    String figuresAsText() {
        AnalysedRun run = shown;
        return run == null
                ? ""
                : figures.asText(names(run), stretches(run), convention.getValue())
                        + run.toggled().map(TogglePanel::asText).orElse("");
    }

    private void markShown() {
        mark(window.get().fromMs(), window.get().toMs());
    }

    /// What can be done with each section: say how heavy it is, or take its mark away.
    private void fillSections() {
        AnalysedRun run = shown;
        sections.getItems().clear();
        MenuItem marking = new MenuItem(ExamineText.MARK_TIP);
        marking.setOnAction(_ -> markShown());
        sections.getItems().addAll(marking, new SeparatorMenuItem());
        for (StoredSection stored : run == null ? List.<StoredSection>of() : run.sections()) {
            Menu menu = new Menu(stored.section().name());
            menu.setMnemonicParsing(false);
            for (Section.Weight weight : Section.Weight.values()) {
                CheckMenuItem item = new CheckMenuItem(weight.name().toLowerCase(Locale.ROOT));
                item.setSelected(stored.section().weight() == weight);
                item.setOnAction(_ -> workbench.edits().runs().setWeight(stored, weight));
                menu.getItems().add(item);
            }
            MenuItem rename = new MenuItem(ExamineText.RENAME);
            rename.setOnAction(_ -> rename(stored));
            MenuItem remove = new MenuItem(ExamineText.REMOVE_MARK);
            remove.setOnAction(_ -> workbench.edits().runs().remove(stored));
            menu.getItems().addAll(new SeparatorMenuItem(), rename, remove);
            sections.getItems().add(menu);
        }
        if (run == null || run.sections().isEmpty()) {
            MenuItem none = new MenuItem(ExamineText.NO_SECTION_YET);
            none.setDisable(true);
            sections.getItems().add(none);
        }
    }

    private void rename(StoredSection stored) {
        RunEdits edits = workbench.edits().runs();
        Dialogs.text(
                        theme,
                        getScene().getWindow(),
                        ExamineText.NAME_OF_SECTION,
                        stored.section().name())
                .ifPresent(name -> edits.rename(stored, name));
    }

    private void mark(double fromMs, double toMs) {
        AnalysedRun run = shown;
        if (run != null && fromMs < toMs) {
            int number = run.sections().size() + 1;
            Section section = new Section("section " + number, Section.Weight.TYPICAL, fromMs, toMs);
            workbench.edits().runs().mark(run.run(), section);
        }
    }

    private static final class ConventionNames extends StringConverter<LowConvention> {
        @Override
        public String toString(LowConvention value) {
            return value.title();
        }

        @Override
        public LowConvention fromString(String text) {
            return LowConvention.valueOf(text);
        }
    }
}
