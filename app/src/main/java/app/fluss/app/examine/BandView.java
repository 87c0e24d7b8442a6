package app.fluss.app.examine;

import app.fluss.app.model.AnalysedRun;
import app.fluss.app.model.TimeWindow;
import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Palette;
import app.fluss.app.theme.Palette.Role;
import app.fluss.app.theme.Theme;
import app.fluss.core.measure.BandLevels;
import app.fluss.core.measure.Stutters;
import app.fluss.core.measure.Ticks;
import app.fluss.core.toggle.ToggleComparison;
import app.fluss.core.toggle.ToggleStretch;
import app.fluss.files.study.StoredSection;
import java.util.List;
import java.util.function.BiConsumer;
import javafx.beans.property.ObjectProperty;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.text.TextAlignment;
import org.jspecify.annotations.Nullable;

/// Frame time over time: each column from the shortest to the longest frame that ends in it, the band between
/// the 5 % and 95 % quantile behind, stutters marked. Wheel zooms, drag pans, shift-drag marks a section.
public final class BandView extends CanvasView {
    private static final double LEFT = 44;
    private static final double RIGHT = 10;
    private static final double TOP = 16;
    private static final double BOTTOM = 20;
    private static final double ZOOM_STEP = 1.25;

    private final ObjectProperty<TimeWindow> window;
    private final BiConsumer<Double, Double> mark;
    private @Nullable Shown shown;
    private BandLevels.@Nullable Columns columns;
    private double pressedX = Double.NaN;
    private double draggedX = Double.NaN;
    private boolean marking;

    /// @param window the stretch that is shown, shared with other views
    /// @param mark is told the stretch that the user marks, ms
    public BandView(Theme theme, ObjectProperty<TimeWindow> window, BiConsumer<Double, Double> mark) {
        super(theme, "Frame time over time");
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
                    "This run has no frame log: it rests on %s."
                            .formatted(run.run().grade().rests()));
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
        return Math.max(1, getWidth() - left() - right());
    }

    private double msAt(double x) {
        TimeWindow shown = window.get();
        return shown.fromMs() + (x - left()) / plotWidth() * shown.length();
    }

    private double xAt(double ms) {
        TimeWindow shown = window.get();
        return left() + (ms - shown.fromMs()) / shown.length() * plotWidth();
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

    private double left() {
        return scaled(LEFT);
    }

    private double right() {
        return scaled(RIGHT);
    }

    private double top() {
        return scaled(TOP);
    }

    private double bottom() {
        return scaled(BOTTOM);
    }

    @Override
    protected void draw(GraphicsContext g, Palette palette, double width, double height) {
        Shown now = shown;
        if (now == null) {
            return;
        }
        if (now.band.elapsedMs() == 0) {
            g.setFill(palette.get(Role.MUTED));
            g.setTextBaseline(VPos.TOP);
            g.setTextAlign(TextAlignment.LEFT);
            g.fillText(now.none, left(), top());
            return;
        }
        int wide = (int) plotWidth();
        if (columns == null || columns.width() != wide) {
            columns = new BandLevels.Columns(wide);
        }
        TimeWindow stretch = window.get();
        now.band.fill(stretch.fromMs(), stretch.toMs(), columns);
        double top = ceiling(columns);
        double plotHeight = height - top() - bottom();
        toggles(g, palette, now, height);
        sections(g, palette, now, height);
        axes(g, palette, top, plotHeight, width, height);
        columns(g, palette, columns, top, plotHeight);
        stutters(g, palette, now, top, plotHeight);
        if (marking) {
            g.setFill(palette.get(Role.WARM).deriveColor(0, 1, 1, 0.25));
            g.fillRect(Math.min(pressedX, draggedX), top(), Math.abs(draggedX - pressedX), plotHeight);
        }
    }

    /// The top of the axis: the longest frame shown, rounded up to a mark.
    private static double ceiling(BandLevels.Columns columns) {
        double longest = 1;
        for (int x = 0; x < columns.width(); x++) {
            longest = columns.max(x) > longest ? columns.max(x) : longest;
        }
        return Ticks.roundUp(longest * 1.05);
    }

    /// Stretches with the path on are tinted, those with it off are not; what settles between them is hatched by
    /// neither.
    private void toggles(GraphicsContext g, Palette palette, Shown now, double height) {
        g.setTextBaseline(VPos.TOP);
        g.setTextAlign(TextAlignment.LEFT);
        for (ToggleStretch stretch : now.toggles) {
            double from = Math.max(left(), xAt(stretch.fromMs()));
            double to = Math.min(getWidth() - right(), xAt(stretch.toMs()));
            if (to > from) {
                g.setFill(palette.get(stretch.on() ? Role.FOAM : Role.RAISED).deriveColor(0, 1, 1, 0.3));
                g.fillRect(from, top(), to - from, height - top() - bottom());
                g.setFill(palette.get(Role.MUTED));
                g.fillText(stretch.on() ? "on" : "off", from + 4, 0);
            }
        }
    }

    private void sections(GraphicsContext g, Palette palette, Shown now, double height) {
        g.setTextBaseline(VPos.TOP);
        g.setTextAlign(TextAlignment.LEFT);
        for (var stored : now.sections) {
            double from = Math.max(left(), xAt(stored.section().fromMs()));
            double to = Math.min(getWidth() - right(), xAt(stored.section().toMs()));
            if (to > from) {
                g.setFill(palette.get(Role.RAISED).deriveColor(0, 1, 1, 0.45));
                g.fillRect(from, top(), to - from, height - top() - bottom());
                g.setFill(palette.get(Role.WARM));
                g.fillRect(from, top() - 3, to - from, 3);
                g.fillText(stored.section().name(), from + 4, 0);
            }
        }
    }

    private void axes(GraphicsContext g, Palette palette, double top, double plotHeight, double width, double height) {
        g.setStroke(palette.get(Role.LINE));
        g.setLineWidth(1);
        g.setFill(palette.get(Role.MUTED));
        g.setTextAlign(TextAlignment.RIGHT);
        g.setTextBaseline(VPos.CENTER);
        double step = Ticks.step(top, 4);
        for (double ms = 0; ms <= top + step / 100; ms += step) {
            double y = Math.rint(top() + plotHeight * (1 - ms / top)) + 0.5;
            g.strokeLine(left(), y, width - right(), y);
            g.fillText(Numbers.text(ms, 0) + (ms == 0 ? " ms" : ""), left() - 6, y);
        }
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.BOTTOM);
        TimeWindow shown = window.get();
        double seconds = Ticks.step(shown.length() / 1000, Math.max(2, (int) (width / 110)));
        double first = Math.ceil(shown.fromMs() / 1000 / seconds) * seconds;
        for (double s = first; s * 1000 <= shown.toMs(); s += seconds) {
            g.fillText(
                    Numbers.text(s, seconds < 1 ? 1 : 0) + " s",
                    Math.clamp(xAt(s * 1000), left() + 10, width - 14),
                    height);
        }
    }

    private void columns(
            GraphicsContext g, Palette palette, BandLevels.Columns columns, double top, double plotHeight) {
        for (int x = 0; x < columns.width(); x++) {
            if (!Double.isNaN(columns.min(x))) {
                g.setFill(palette.get(Role.BAND));
                double upper = top() + plotHeight * (1 - columns.p95(x) / top);
                double lower = top() + plotHeight * (1 - columns.p5(x) / top);
                g.fillRect(left() + x, upper, 1, Math.max(1, lower - upper));
            }
        }
        g.setFill(palette.get(Role.WATER));
        for (int x = 0; x < columns.width(); x++) {
            if (!Double.isNaN(columns.min(x))) {
                double upper = top() + plotHeight * (1 - columns.max(x) / top);
                double lower = top() + plotHeight * (1 - columns.min(x) / top);
                g.fillRect(left() + x, upper, 1, Math.max(1.4, lower - upper));
            }
        }
    }

    private void stutters(GraphicsContext g, Palette palette, Shown now, double top, double plotHeight) {
        Stutters stutters = now.stutters;
        TimeWindow visible = window.get();
        g.setFill(palette.get(Role.WARM));
        for (int i = 0; i < stutters.count(); i++) {
            int interval = stutters.interval(i);
            double ms = now.band.endMs(interval);
            if (ms >= visible.fromMs() && ms <= visible.toMs()) {
                double x = xAt(ms);
                double y = Math.max(
                        top(), top() + plotHeight * (1 - now.band.times().at(interval) / top) - 4);
                g.fillPolygon(new double[] {x - 4, x, x + 4, x}, new double[] {y, y - 5, y, y + 5}, 4);
            }
        }
    }
}
