package app.fluss.app.examine;

import app.fluss.app.model.AnalysedRun;
import app.fluss.app.model.TimeWindow;
import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Theme;
import app.fluss.core.measure.BandLevels;
import app.fluss.core.measure.Stutters;
import app.fluss.core.toggle.ToggleComparison;
import app.fluss.core.toggle.ToggleStretch;
import app.fluss.files.chart.FrameTimesChart;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import app.fluss.files.study.StoredSection;
import app.fluss.files.table.DataTable;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.beans.property.ObjectProperty;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import org.jspecify.annotations.Nullable;

/// Frame time over time: each column from the shortest to the longest frame that ends in it, the band
/// between the 5 % and 95 % quantile behind, stutters marked. Wheel zooms, drag pans, shift-drag marks a
/// section.
public final class BandView extends CanvasView {
    private static final double ZOOM_STEP = 1.25;
    private static final int MOST_FRAMES = 200_000;

    private final ObjectProperty<TimeWindow> window;
    private final BiConsumer<Double, Double> mark;
    private @Nullable Shown shown;
    private double pressedX = Double.NaN;
    private double draggedX = Double.NaN;
    private boolean marking;

    /// @param window the stretch that is shown, shared with other views
    /// @param mark is told the stretch that the user marks, ms
    public BandView(Theme theme, ObjectProperty<TimeWindow> window, BiConsumer<Double, Double> mark) {
        super(theme, ExamineText.FRAME_TIME_OVER_TIME);
        this.window = window;
        this.mark = mark;
        setId("band");
        setFocusTraversable(true);
        window.subscribe(this::redraw);
        addEventHandler(ScrollEvent.SCROLL, this::scrolled);
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::pressed);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::dragged);
        addEventHandler(MouseEvent.MOUSE_RELEASED, this::released);
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    }

    /// What a band shows.
    ///
    /// @param band frame times, ready to draw
    /// @param stutters among them
    /// @param sections marked stretches
    /// @param toggles stretches with the path on or off, on the clock of the band
    /// @param none what is said where there are no frame times
    public record Shown(
            BandLevels band,
            Stutters stutters,
            List<StoredSection> sections,
            List<ToggleStretch> toggles,
            String none) {
        /// Keeps a copy.
        public Shown {
            sections = List.copyOf(sections);
            toggles = List.copyOf(toggles);
        }

        /// The band of a run.
        static Shown of(AnalysedRun run) {
            return new Shown(
                    run.band(),
                    run.analysis().stutters(),
                    run.sections(),
                    run.toggled().map(ToggleComparison::stretches).orElse(List.of()),
                    ExamineText.NO_FRAME_LOG.formatted(run.run().grade().rests()));
        }
    }

    /// Shows frame times, or nothing.
    public void show(@Nullable Shown now) {
        shown = now;
        redraw();
    }

    private double runMs() {
        return shown == null ? 0 : shown.band.elapsedMs();
    }

    private double plotWidth() {
        return FrameTimesChart.plotWidth(getWidth(), scaled(1));
    }

    private double msAt(double x) {
        return chart().map(chart -> chart.msAt(x, getWidth(), scaled(1))).orElse(0.0);
    }

    private void scrolled(ScrollEvent event) {
        double factor = event.getDeltaY() > 0 ? 1 / ZOOM_STEP : ZOOM_STEP;
        window.set(window.get().zoomed(factor, msAt(event.getX()), runMs()));
        event.consume();
    }

    private void pressed(MouseEvent event) {
        requestFocus();
        pressedX = event.getX();
        draggedX = event.getX();
        marking = event.isShiftDown();
    }

    private void dragged(MouseEvent event) {
        if (!marking) {
            window.set(window.get().moved((draggedX - event.getX()) / plotWidth(), runMs()));
        }
        draggedX = event.getX();
        redraw();
    }

    private void released(MouseEvent event) {
        if (marking && Math.abs(event.getX() - pressedX) > 4) {
            double from = msAt(Math.min(pressedX, event.getX()));
            double to = msAt(Math.max(pressedX, event.getX()));
            mark.accept(Math.max(0, from), Math.min(runMs(), to));
        }
        marking = false;
        redraw();
    }

    private void key(KeyEvent event) {
        TimeWindow shown = window.get();
        double middle = shown.fromMs() + shown.length() / 2;
        switch (event.getCode()) {
            case PLUS, ADD, EQUALS -> window.set(shown.zoomed(1 / ZOOM_STEP, middle, runMs()));
            case MINUS, SUBTRACT -> window.set(shown.zoomed(ZOOM_STEP, middle, runMs()));
            case LEFT -> window.set(shown.moved(-0.2, runMs()));
            case RIGHT -> window.set(shown.moved(0.2, runMs()));
            case DIGIT0, NUMPAD0, HOME -> window.set(new TimeWindow(0, runMs()));
            case M -> mark.accept(shown.fromMs(), shown.toMs());
            default -> {
                return;
            }
        }
        event.consume();
    }

    private Optional<FrameTimesChart> chart() {
        TimeWindow stretch = window.get();
        return Optional.ofNullable(shown)
                .map(now -> new FrameTimesChart(
                        now.band,
                        now.stutters,
                        now.sections.stream().map(StoredSection::section).toList(),
                        now.toggles,
                        stretch.fromMs(),
                        stretch.toMs(),
                        now.none));
    }

    /// Of a stretch with very many frames there is only the picture: its frames are what `fluss export`
    /// writes.
    @Override
    public Optional<DataTable> data() {
        return chart().filter(chart -> chart.frames() > 0 && chart.frames() <= MOST_FRAMES)
                .map(FrameTimesChart::data);
    }

    @Override
    protected void draw(Pen pen, double width, double height) {
        chart().ifPresent(chart -> chart.draw(pen, width, height));
        if (marking) {
            pen.fill(Role.WARM, 0.25);
            pen.fillRect(Math.min(pressedX, draggedX), 0, Math.abs(draggedX - pressedX), height);
        }
    }
}
