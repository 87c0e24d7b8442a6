package app.fluss.app.examine;

import app.fluss.app.model.TimeWindow;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Columns;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.BandLevels;
import app.fluss.core.measure.LowConvention;
import app.fluss.core.measure.Section;
import app.fluss.files.study.StoredSection;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// The usual charts of a run that is in no study: rates, frame times, figures, refreshes.
public final class RunCharts extends VBox {
    private final ObjectProperty<TimeWindow> window = new SimpleObjectProperty<>(new TimeWindow(0, 1));
    private final LadderView ladder = new LadderView();
    private final BandView band;
    private final FigureGrid figures = new FigureGrid();
    private final WeaveView weave;

    /// Charts without a run.
    public RunCharts(Theme theme) {
        super(10);
        band = new BandView(theme, window, (_, _) -> {});
        weave = new WeaveView(theme, window);
        VBox rates = Boxes.panel(Labels.heading(ExamineText.RATES_IMAGES_S), ladder);
        VBox times = Boxes.panel(
                Boxes.row(Labels.heading(ExamineText.FRAME_TIME), Labels.of(ExamineText.MS_STUTTER, "muted")), band);
        VBox table = Boxes.panel(Labels.heading(ExamineText.FIGURES), figures);
        VBox refreshes = Boxes.panel(
                Boxes.row(
                        Labels.heading(ExamineText.REFRESH_WEAVE),
                        Labels.of(ExamineText.WEAVE_ROW, "muted"),
                        new Legend(theme)),
                weave);
        Ems.minHeight(band, 110);
        Ems.minHeight(weave, 96);
        table.setMinWidth(USE_PREF_SIZE);
        VBox left = new VBox(10, rates, times);
        left.setMinWidth(0);
        HBox.setHgrow(left, Priority.ALWAYS);
        VBox.setVgrow(band, Priority.ALWAYS);
        VBox.setVgrow(times, Priority.ALWAYS);
        VBox.setVgrow(weave, Priority.ALWAYS);
        VBox.setVgrow(refreshes, Priority.ALWAYS);
        Columns upper = new Columns(theme, 250, left, table);
        VBox.setVgrow(upper, Priority.ALWAYS);
        getChildren().setAll(upper, refreshes);
    }

    /// Shows a run.
    ///
    /// @param name of it
    /// @param marked a stretch of it, with its name; empty for none
    public void show(String name, Analysis analysis, BandLevels levels, Optional<Section> marked) {
        ladder.show(name, analysis.rates(), analysis.settings().claimed());
        band.show(new BandView.Shown(
                levels,
                analysis.stutters(),
                marked.map(section -> new StoredSection(0, section)).stream().toList(),
                List.of(),
                ""));
        figures.show(List.of(ExamineText.WHOLE_RUN), List.of(analysis), LowConvention.PERCENTILE);
        weave.show(new WeaveView.Shown(analysis, levels.elapsedMs()));
        window.set(new TimeWindow(0, levels.elapsedMs()));
    }
}
