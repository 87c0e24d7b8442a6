package app.fluss.app.latency;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.core.latency.edge.Excerpt;
import app.fluss.core.latency.edge.Trial;
import app.fluss.core.measure.Ticks;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import app.fluss.files.draw.Pen.Align;
import app.fluss.files.draw.Pen.Baseline;
import app.fluss.files.study.StoredLatency.HandMark;
import app.fluss.files.study.StoredLatency.JudgedTrial;
import app.fluss.files.table.Cell;
import app.fluss.files.table.DataTable;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Cursor;
import javafx.scene.input.MouseEvent;

/// The light around one trial: the input's edge, the level before and the plateau, the threshold and
/// where the light passed it, or where the analyst set the mark; and what competes with it.
final class TraceView extends CanvasView {
    private static final double FOOT = 20;
    private static final double HEAD = 16;
    private static final double MARGIN = 0.12;
    private static final double HAND_PX = 2;

    private Optional<Excerpt> excerpt = Optional.empty();
    private Optional<JudgedTrial> judged = Optional.empty();
    private Optional<Scale> drawn = Optional.empty();
    private boolean picking;
    private final Consumer<HandMark> mark;
    private List<Double> presses = List.of();
    private double threshold = 0.5;
    private String nothing = "";

    /// @param mark is told where the analyst sets the mark
    TraceView(Theme theme, Consumer<HandMark> mark) {
        super(theme, LatencyText.TRACE_DESCRIBED);
        this.mark = mark;
        setId("latency-trace");
        addEventHandler(MouseEvent.MOUSE_CLICKED, event -> pick(event.getX()));
    }

    /// Whether the next click into the trace sets the mark.
    void setPicking(boolean now) {
        picking = now;
        setCursor(now ? Cursor.CROSSHAIR : Cursor.DEFAULT);
    }

    private void pick(double x) {
        if (picking) {
            drawn.ifPresent(scale -> mark.accept(new HandMark(scale.ms(x), scale.withinMs())));
        }
    }

    /// @param inputs times of all presses, ms after the first sample
    /// @param words stand in its place where there is no trace
    void show(Optional<Excerpt> light, JudgedTrial of, List<Double> inputs, double share, String words) {
        excerpt = light.filter(shown -> shown.size() > 1);
        presses = inputs;
        judged = Optional.of(of);
        threshold = share;
        nothing = words;
        redraw();
    }

    @Override
    public Optional<DataTable> data() {
        return excerpt.map(light -> {
            DataTable.Builder table = new DataTable.Builder("t_ms", "light");
            for (int i = 0; i < light.size(); i++) {
                table.row(Cell.of(light.ms(i)), Cell.of(light.light(i)));
            }
            return table.build();
        });
    }

    @Override
    protected void draw(Pen pen, double width, double height) {
        drawn = Optional.empty();
        if (excerpt.isEmpty() || judged.isEmpty()) {
            pen.fill(Role.MUTED);
            pen.baseline(Baseline.TOP);
            pen.text(nothing, 0, 4);
            return;
        }
        Excerpt light = excerpt.get();
        JudgedTrial shown = judged.get();
        Trial of = shown.trial();
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < light.size(); i++) {
            low = Math.min(low, light.light(i));
            high = Math.max(high, light.light(i));
        }
        double room = Math.max(1e-9, high - low) * MARGIN;
        Scale scale = new Scale(light, low - room, high + room, width, height);
        drawn = Optional.of(scale);
        levels(pen, of, scale);
        pen.stroke(Role.WATER);
        pen.lineWidth(1.3);
        double[] xs = new double[light.size()];
        double[] ys = new double[light.size()];
        for (int i = 0; i < xs.length; i++) {
            xs[i] = scale.x(light.ms(i));
            ys[i] = scale.y(light.light(i));
        }
        pen.polyline(xs, ys);
        competing(pen, light, of, scale);
        edge(pen, scale, of.inputMs(), "", Role.INK);
        if (!Double.isNaN(shown.photonMs())) {
            String by = shown.mark()
                    .map(hand -> LatencyText.MS_BY_HAND.formatted(Numbers.text(hand.withinMs(), 1)))
                    .orElse(" ms");
            edge(pen, scale, shown.photonMs(), Numbers.text(shown.latencyMs(), 2) + by, Role.WARM);
        }
        axis(pen, scale, of);
    }

    /// What else could be the answer, and the presses beside this one.
    private void competing(Pen pen, Excerpt light, Trial of, Scale scale) {
        pen.dashes(2, 4);
        if (of.state() == Trial.State.AMBIGUOUS) {
            for (double ms : light.rivals(of)) {
                edge(pen, scale, ms, LatencyText.COMPETES, Role.MUTED);
            }
        }
        for (double ms : presses) {
            if (ms != of.inputMs() && ms > scale.from && ms < scale.to) {
                edge(pen, scale, ms, LatencyText.OTHER_PRESS, Role.INK);
            }
        }
        pen.dashes();
    }

    /// From time and light to pixels.
    private final class Scale {
        private final double from;
        private final double to;
        private final double low;
        private final double high;
        private final double width;
        private final double height;

        Scale(Excerpt light, double low, double high, double width, double height) {
            this.from = light.ms(0);
            this.to = light.ms(light.size() - 1);
            this.low = low;
            this.high = high;
            this.width = width;
            this.height = height;
        }

        double x(double ms) {
            return (ms - from) / (to - from) * width;
        }

        /// The time at a place on the view.
        double ms(double x) {
            return from + x / width * (to - from);
        }

        /// How far a hand may be off on this view, ms: two pixels.
        double withinMs() {
            return HAND_PX / width * (to - from);
        }

        double y(double light) {
            double top = scaled(HEAD);
            double foot = height - scaled(FOOT);
            return foot - (light - low) / (high - low) * (foot - top);
        }
    }

    private void levels(Pen pen, Trial of, Scale scale) {
        if (Double.isNaN(of.before()) || Double.isNaN(of.after())) {
            return;
        }
        pen.stroke(Role.SLATE);
        pen.lineWidth(1);
        boolean rises = of.after() > of.before();
        level(pen, scale, of.before(), LatencyText.BEFORE, rises ? Baseline.BOTTOM : Baseline.TOP);
        level(pen, scale, of.after(), LatencyText.PLATEAU, rises ? Baseline.TOP : Baseline.BOTTOM);
        double at = scale.y(of.before() + threshold * (of.after() - of.before()));
        pen.stroke(Role.WARM);
        pen.dashes(4, 4);
        pen.line(0, at, scale.width, at);
        pen.dashes();
        pen.fill(Role.MUTED);
        pen.align(Align.RIGHT);
        pen.baseline(Baseline.BOTTOM);
        pen.text(LatencyText.PERCENT_OF_STEP.formatted(Numbers.text(threshold * 100, 0)), scale.width - 4, at - 2);
    }

    /// A level of the light, its name inside the step.
    private void level(Pen pen, Scale scale, double light, String name, Baseline side) {
        double y = scale.y(light);
        pen.line(0, y, scale.width, y);
        pen.fill(Role.MUTED);
        pen.align(Align.LEFT);
        pen.baseline(side);
        pen.text(name, 4, y + (side == Baseline.TOP ? 2 : -2));
    }

    private void edge(Pen pen, Scale scale, double ms, String name, Role role) {
        pen.stroke(role);
        pen.lineWidth(1.6);
        pen.line(scale.x(ms), scaled(HEAD) - 2, scale.x(ms), scale.height - scaled(FOOT));
        pen.fill(role);
        pen.align(Align.CENTER);
        pen.baseline(Baseline.TOP);
        pen.text(name, Math.clamp(scale.x(ms), 30, Math.max(31, scale.width - 30)), 0);
    }

    private void axis(Pen pen, Scale scale, Trial of) {
        pen.fill(Role.MUTED);
        pen.align(Align.CENTER);
        pen.baseline(Baseline.BOTTOM);
        double step = Ticks.step(scale.to - scale.from, 6);
        double first = Math.ceil((scale.from - of.inputMs()) / step) * step;
        for (double ms = first; ms <= scale.to - of.inputMs(); ms += step) {
            double x = scale.x(of.inputMs() + ms);
            if (x > 14 && x < scale.width - 22) {
                pen.text(ms == 0 ? LatencyText.PRESS_MARK : Numbers.text(ms, 0) + " ms", x, scale.height);
            }
        }
    }
}
