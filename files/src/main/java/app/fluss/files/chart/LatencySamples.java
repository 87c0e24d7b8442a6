package app.fluss.files.chart;

import app.fluss.core.latency.LatencyFigures;
import app.fluss.core.measure.Histogram;
import app.fluss.core.measure.Ticks;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import app.fluss.files.draw.Pen.Align;
import app.fluss.files.draw.Pen.Baseline;
import app.fluss.files.study.StoredLatency;
import app.fluss.files.study.StoredLatency.JudgedTrial;
import app.fluss.files.table.Cell;
import app.fluss.files.table.DataTable;
import java.util.List;
import java.util.Optional;

/// The samples over the run, with their distribution standing at the right on the same axis. Dot:
/// accepted; open diamond: ambiguous; cross: rejected; wedge at the foot: missed.
///
/// @param shown every trial
/// @param figures of those that count
/// @param chosen the trial that stands out; empty for none
public record LatencySamples(StoredLatency shown, LatencyFigures figures, Optional<JudgedTrial> chosen)
        implements Chart {
    private static final double LEFT = 40;
    private static final double HILL = 74;
    private static final double FOOT = 30;
    private static final double HEIGHT = 190;
    private static final int BINS = 24;
    private static final double REACH_PX = 14;

    @Override
    public String name() {
        return "Latency samples over the run, with their distribution";
    }

    @Override
    public DataTable data() {
        DataTable.Builder table = new DataTable.Builder("trial", "input_ms", "latency_ms", "state");
        for (JudgedTrial trial : shown.trials()) {
            String state = trial.isMissed()
                    ? "missed"
                    : trial.isRejected() ? "rejected" : trial.isOpen() ? "ambiguous" : "accepted";
            table.row(
                    Integer.toString(trial.number()),
                    Cell.of(trial.trial().inputMs()),
                    Cell.of(trial.latencyMs()),
                    state);
        }
        return table.build();
    }

    @Override
    public double height(double scale) {
        return HEIGHT * scale;
    }

    /// The trial next to a place, if it is near.
    ///
    /// @param scale size of text, times the usual
    public Optional<JudgedTrial> nearest(double x, double y, double width, double height, double scale) {
        if (shown.trials().isEmpty()) {
            return Optional.empty();
        }
        Scale places = new Scale(shown.trials(), width, height, scale);
        JudgedTrial best = null;
        double reach = REACH_PX;
        for (JudgedTrial trial : shown.trials()) {
            double away = Math.hypot(places.x(trial) - x, places.y(trial) - y);
            if (away < reach) {
                reach = away;
                best = trial;
            }
        }
        return Optional.ofNullable(best);
    }

    /// Where trials stand.
    private static final class Scale {
        private final double from;
        private final double to;
        private final double low;
        private final double high;
        private final double left;
        private final double right;
        private final double foot;

        Scale(List<JudgedTrial> trials, double width, double height, double text) {
            left = LEFT * text;
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
            right = width - HILL * text - 14;
            foot = height - FOOT * text;
        }

        double x(JudgedTrial trial) {
            return left + 6 + (trial.trial().inputMs() - from) / (to - from) * (right - left - 12);
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
    public void draw(Pen pen, double width, double height) {
        if (shown.trials().isEmpty()) {
            return;
        }
        Scale scale = new Scale(shown.trials(), width, height, pen.scaled(1));
        axes(pen, scale);
        figures.medianInterval().ifPresent(interval -> {
            pen.fill(Role.BAND);
            double top = scale.y(interval.high());
            pen.fillRect(scale.left, top, scale.right - scale.left, Math.max(1, scale.y(interval.low()) - top));
        });
        if (figures.median().isKnown()) {
            pen.stroke(Role.INK);
            pen.lineWidth(1.2);
            double y = scale.y(figures.median().orNaN());
            pen.line(scale.left, y, width, y);
        }
        hill(pen, scale, shown);
        for (JudgedTrial trial : shown.trials()) {
            mark(pen, trial, scale.x(trial), scale.y(trial));
        }
        chosen.ifPresent(trial -> {
            pen.stroke(Role.WARM);
            pen.lineWidth(1.6);
            pen.strokeOval(scale.x(trial) - 7, scale.y(trial) - 7, 14, 14);
        });
    }

    private void axes(Pen pen, Scale scale) {
        pen.baseline(Baseline.CENTER);
        double step = Ticks.step(scale.high - scale.low, 4);
        for (double ms = scale.low; ms <= scale.high + step / 2; ms += step) {
            pen.stroke(Role.LINE);
            pen.lineWidth(1);
            pen.line(scale.left, scale.y(ms), scale.right, scale.y(ms));
            pen.fill(Role.MUTED);
            pen.align(Align.RIGHT);
            pen.text(pen.numbers().text(ms, step < 1 ? 1 : 0), scale.left - 6, scale.y(ms));
        }
        pen.align(Align.LEFT);
        double seconds = (scale.to - scale.from) / 1000;
        pen.text("first input", scale.left, scale.foot + pen.scaled(FOOT) - 8);
        pen.align(Align.RIGHT);
        pen.text("+" + pen.numbers().text(seconds, 0) + " s", scale.right, scale.foot + pen.scaled(FOOT) - 8);
    }

    private void hill(Pen pen, Scale scale, StoredLatency shown) {
        Histogram counts = Histogram.of(shown.samplesMs(), scale.low, scale.high, BINS);
        pen.fill(Role.WATER);
        for (int bin = 0; bin < counts.size(); bin++) {
            double wide = (double) counts.count(bin) / Math.max(1, counts.highest()) * pen.scaled(HILL);
            double top = scale.y(counts.begins(bin + 1));
            pen.fillRect(scale.right + 10, top + 0.5, wide, Math.max(1, scale.y(counts.begins(bin)) - top - 1));
        }
    }

    private static void mark(Pen pen, JudgedTrial trial, double x, double y) {
        pen.lineWidth(1.5);
        if (trial.isMissed()) {
            pen.fill(Role.WARM);
            pen.fillPolygon(new double[] {x - 4, x + 4, x}, new double[] {y, y, y + 7});
        } else if (trial.isRejected()) {
            pen.stroke(Role.MUTED);
            pen.line(x - 3, y - 3, x + 3, y + 3);
            pen.line(x - 3, y + 3, x + 3, y - 3);
        } else if (trial.isOpen()) {
            pen.stroke(Role.WARM);
            pen.strokePolygon(new double[] {x - 4.5, x, x + 4.5, x}, new double[] {y, y - 4.5, y, y + 4.5});
        } else {
            pen.fill(Role.WATER);
            pen.fillOval(x - 2.6, y - 2.6, 5.2, 5.2);
        }
    }
}
