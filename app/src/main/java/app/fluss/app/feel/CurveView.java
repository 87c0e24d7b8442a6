package app.fluss.app.feel;

import app.fluss.app.model.Felt;
import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Theme;
import app.fluss.core.feel.AtLevel;
import app.fluss.core.feel.PsychometricFit;
import app.fluss.core.feel.Threshold;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import app.fluss.files.table.DataTable;
import java.util.List;
import java.util.Optional;

/// A session of two intervals: the share of right answers by level, the size of a mark by how often it
/// was shown, the curve that was fitted, and the threshold with its interval.
final class CurveView extends CanvasView {
    private static final double LEFT = 44;
    private static final double BOTTOM = 34;
    private static final double TOP = 10;
    private static final double RIGHT = 14;
    private static final int CURVE_POINTS = 80;

    private Optional<Felt.Done> shown = Optional.empty();

    CurveView(Theme theme) {
        super(theme, FeelText.SHARE_RIGHT_BY_LEVEL);
    }

    void show(Optional<Felt.Done> done) {
        shown = done.filter(one -> one.threshold().isPresent());
        redraw();
    }

    @Override
    protected void draw(Pen pen, double width, double height) {
        if (shown.isEmpty()) {
            pen.fill(Role.MUTED, 1);
            pen.align(Pen.Align.CENTER);
            pen.text(FeelText.CHOOSE_SESSION, width / 2, height / 2);
            return;
        }
        List<AtLevel> levels = AtLevel.of(shown.get().session().trials());
        double low = Math.log(levels.getFirst().level());
        double high = Math.max(low + 1e-6, Math.log(levels.getLast().level()));
        double left = pen.scaled(LEFT);
        double right = width - pen.scaled(RIGHT);
        double top = pen.scaled(TOP);
        double bottom = height - pen.scaled(BOTTOM);
        Axes axes = new Axes(low, high, left, right, top, bottom);
        axes.draw(pen, levels);
        Threshold threshold = shown.get().threshold().orElseThrow();
        threshold.interval().ifPresent(ends -> {
            pen.fill(Role.BAND, 1);
            double from = axes.x(ends.low());
            pen.fillRect(from, top, Math.max(1, axes.x(ends.high()) - from), bottom - top);
        });
        if (threshold.level().isKnown()) {
            curve(pen, axes, threshold);
        }
        for (AtLevel at : levels) {
            pen.fill(Role.WARM, 0.85);
            double size = pen.scaled(4 + 2 * Math.sqrt(at.of()));
            pen.fillOval(axes.x(at.level()) - size / 2, axes.y(at.share()) - size / 2, size, size);
        }
    }

    private static void curve(Pen pen, Axes axes, Threshold threshold) {
        double[] xs = new double[CURVE_POINTS];
        double[] ys = new double[CURVE_POINTS];
        for (int i = 0; i < CURVE_POINTS; i++) {
            double log = axes.low + (axes.high - axes.low) * i / (CURVE_POINTS - 1);
            xs[i] = axes.x(Math.exp(log));
            ys[i] = axes.y(threshold.share(Math.exp(log)));
        }
        pen.stroke(Role.WATER);
        pen.lineWidth(2);
        pen.polyline(xs, ys);
        double at = axes.x(threshold.level().orNaN());
        pen.lineWidth(1);
        pen.dashes(4, 3);
        pen.line(at, axes.y(PsychometricFit.AT), at, axes.bottom);
        pen.line(axes.left, axes.y(PsychometricFit.AT), at, axes.y(PsychometricFit.AT));
        pen.dashes();
    }

    /// Level across, on its logarithm; share of right answers up.
    private record Axes(double low, double high, double left, double right, double top, double bottom) {
        double x(double level) {
            return left + (Math.clamp(Math.log(level), low, high) - low) / (high - low) * (right - left);
        }

        double y(double share) {
            return bottom - share * (bottom - top);
        }

        void draw(Pen pen, List<AtLevel> levels) {
            pen.stroke(Role.LINE);
            pen.fill(Role.MUTED, 1);
            pen.lineWidth(1);
            pen.align(Pen.Align.RIGHT);
            for (double share : new double[] {0, 0.5, PsychometricFit.AT, 1}) {
                pen.line(left, y(share), right, y(share));
                pen.text(pen.numbers().text(100 * share, 0) + " %", left - pen.scaled(6), y(share));
            }
            pen.align(Pen.Align.CENTER);
            double last = Double.NEGATIVE_INFINITY;
            for (AtLevel at : levels) {
                if (x(at.level()) - last > pen.scaled(46)) {
                    last = x(at.level());
                    pen.text(pen.numbers().text(at.level(), 1), last, bottom + pen.scaled(11));
                }
            }
            pen.align(Pen.Align.RIGHT);
            pen.text(FeelText.MS_ADDED, right, bottom + pen.scaled(26));
        }
    }

    @Override
    public Optional<DataTable> data() {
        return shown.map(done -> {
            List<AtLevel> levels = AtLevel.of(done.session().trials());
            return new DataTable(
                    List.of("level_ms", "right", "trials"),
                    levels.stream()
                            .map(at -> List.of(
                                    Double.toString(at.level()),
                                    Integer.toString(at.right()),
                                    Integer.toString(at.of())))
                            .toList());
        });
    }
}
