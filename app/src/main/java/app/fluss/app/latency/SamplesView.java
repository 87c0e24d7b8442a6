package app.fluss.app.latency;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Palette;
import app.fluss.app.theme.Palette.Role;
import app.fluss.app.theme.Theme;
import app.fluss.core.latency.LatencyFigures;
import app.fluss.core.measure.Histogram;
import app.fluss.core.measure.Ticks;
import app.fluss.files.study.StoredLatency;
import app.fluss.files.study.StoredLatency.JudgedTrial;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.MouseEvent;
import javafx.scene.text.TextAlignment;
import org.jspecify.annotations.Nullable;

/// The samples over the run, with their distribution standing at the right on the same axis. Dot: accepted;
/// open diamond: ambiguous; cross: rejected; wedge at the foot: missed.
final class SamplesView extends CanvasView {
    private static final double LEFT = 40;
    private static final double HILL = 74;
    private static final double FOOT = 30;
    private static final int BINS = 24;
    private static final double REACH_PX = 14;

    private final Consumer<JudgedTrial> choose;
    private @Nullable StoredLatency latency;
    private @Nullable LatencyFigures figures;
    private Optional<JudgedTrial> chosen = Optional.empty();

    /// @param choose is told which trial the user wants to see
    SamplesView(Theme theme, Consumer<JudgedTrial> choose) {
        super(theme, "Latency samples over the run, with their distribution");
        this.choose = choose;
        setId("latency-samples");
        addEventHandler(
                MouseEvent.MOUSE_CLICKED,
                event -> nearest(event.getX(), event.getY()).ifPresent(choose));
    }

    void show(@Nullable StoredLatency shown, @Nullable LatencyFigures of, Optional<JudgedTrial> trial) {
        latency = shown;
        figures = of;
        chosen = trial;
        redraw();
    }

    private Optional<JudgedTrial> nearest(double x, double y) {
        StoredLatency shown = latency;
        if (shown == null) {
            return Optional.empty();
        }
        Scale scale = new Scale(shown.trials(), getWidth(), getHeight());
        JudgedTrial best = null;
        double reach = REACH_PX;
        for (JudgedTrial trial : shown.trials()) {
            double away = Math.hypot(scale.x(trial) - x, scale.y(trial) - y);
            if (away < reach) {
                reach = away;
                best = trial;
            }
        }
        return Optional.ofNullable(best);
    }

    /// Where trials stand.
    private final class Scale {
        private final double from;
        private final double to;
        private final double low;
        private final double high;
        private final double right;
        private final double foot;

        Scale(List<JudgedTrial> trials, double width, double height) {
            from = trials.getFirst().trial().inputMs();
            to = Math.max(from + 1, trials.getLast().trial().inputMs());
            double least = Double.POSITIVE_INFINITY;
            double most = 1;
            for (JudgedTrial trial : trials) {
                double ms = trial.latencyMs();
                if (!Double.isNaN(ms)) {
                    least = Math.min(least, ms);
                    most = Math.max(most, ms);
                }
            }
            double step = Ticks.step(Math.max(1, most - (Double.isFinite(least) ? least : 0)), 4);
            low = Double.isFinite(least) ? Math.floor(least / step) * step : 0;
            high = Math.max(low + step, Math.ceil(most / step) * step);
            right = width - scaled(HILL) - 14;
            foot = height - scaled(FOOT);
        }

        double x(JudgedTrial trial) {
            return scaled(LEFT) + 6 + (trial.trial().inputMs() - from) / (to - from) * (right - scaled(LEFT) - 12);
        }

        double y(JudgedTrial trial) {
            double ms = trial.latencyMs();
            return Double.isNaN(ms) ? foot + 5 : y(ms);
        }

        double y(double ms) {
            return foot - (ms - low) / (high - low) * (foot - 8);
        }
    }

    @Override
    protected void draw(GraphicsContext g, Palette palette, double width, double height) {
        StoredLatency shown = latency;
        LatencyFigures of = figures;
        if (shown == null || of == null || shown.trials().isEmpty()) {
            return;
        }
        Scale scale = new Scale(shown.trials(), width, height);
        axes(g, palette, scale);
        of.medianInterval().ifPresent(interval -> {
            g.setFill(palette.get(Role.BAND));
            double top = scale.y(interval.high());
            g.fillRect(scaled(LEFT), top, scale.right - scaled(LEFT), Math.max(1, scale.y(interval.low()) - top));
        });
        if (of.median().isKnown()) {
            g.setStroke(palette.get(Role.INK));
            g.setLineWidth(1.2);
            double y = scale.y(of.median().orNaN());
            g.strokeLine(scaled(LEFT), y, width, y);
        }
        hill(g, palette, scale, shown);
        for (JudgedTrial trial : shown.trials()) {
            mark(g, palette, trial, scale.x(trial), scale.y(trial));
        }
        chosen.ifPresent(trial -> {
            g.setStroke(palette.get(Role.WARM));
            g.setLineWidth(1.6);
            g.strokeOval(scale.x(trial) - 7, scale.y(trial) - 7, 14, 14);
        });
    }

    private void axes(GraphicsContext g, Palette palette, Scale scale) {
        g.setTextBaseline(VPos.CENTER);
        double step = Ticks.step(scale.high - scale.low, 4);
        for (double ms = scale.low; ms <= scale.high + step / 2; ms += step) {
            g.setStroke(palette.get(Role.LINE));
            g.setLineWidth(1);
            g.strokeLine(scaled(LEFT), scale.y(ms), scale.right, scale.y(ms));
            g.setFill(palette.get(Role.MUTED));
            g.setTextAlign(TextAlignment.RIGHT);
            g.fillText(Numbers.text(ms, step < 1 ? 1 : 0), scaled(LEFT) - 6, scale.y(ms));
        }
        g.setTextAlign(TextAlignment.LEFT);
        double seconds = (scale.to - scale.from) / 1000;
        g.fillText("first input", scaled(LEFT), scale.foot + scaled(FOOT) - 8);
        g.setTextAlign(TextAlignment.RIGHT);
        g.fillText("+" + Numbers.text(seconds, 0) + " s", scale.right, scale.foot + scaled(FOOT) - 8);
    }

    private void hill(GraphicsContext g, Palette palette, Scale scale, StoredLatency shown) {
        Histogram counts = Histogram.of(shown.samplesMs(), scale.low, scale.high, BINS);
        g.setFill(palette.get(Role.WATER));
        for (int bin = 0; bin < counts.size(); bin++) {
            double wide = (double) counts.count(bin) / Math.max(1, counts.highest()) * scaled(HILL);
            double top = scale.y(counts.begins(bin + 1));
            g.fillRect(scale.right + 10, top + 0.5, wide, Math.max(1, scale.y(counts.begins(bin)) - top - 1));
        }
    }

    private static void mark(GraphicsContext g, Palette palette, JudgedTrial trial, double x, double y) {
        g.setLineWidth(1.5);
        if (trial.isMissed()) {
            g.setFill(palette.get(Role.WARM));
            g.fillPolygon(new double[] {x - 4, x + 4, x}, new double[] {y, y, y + 7}, 3);
        } else if (trial.isRejected()) {
            g.setStroke(palette.get(Role.MUTED));
            g.strokeLine(x - 3, y - 3, x + 3, y + 3);
            g.strokeLine(x - 3, y + 3, x + 3, y - 3);
        } else if (trial.isOpen()) {
            g.setStroke(palette.get(Role.WARM));
            g.strokePolygon(new double[] {x - 4.5, x, x + 4.5, x}, new double[] {y, y - 4.5, y, y + 4.5}, 4);
        } else {
            g.setFill(palette.get(Role.WATER));
            g.fillOval(x - 2.6, y - 2.6, 5.2, 5.2);
        }
    }

    /// Chooses the next or the one before.
    void step(int by) {
        StoredLatency shown = latency;
        if (shown == null || shown.trials().isEmpty()) {
            return;
        }
        int at = chosen.map(JudgedTrial::number).orElse(by > 0 ? 0 : 1) + by;
        int number = Math.clamp(at, 1, shown.trials().size());
        choose.accept(shown.trials().get(number - 1));
    }
}
