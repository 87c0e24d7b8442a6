package app.fluss.app.examine;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.core.measure.Ticks;
import app.fluss.core.reading.Reading;
import app.fluss.core.reading.ReadingSeries;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import app.fluss.files.draw.Pen.Align;
import app.fluss.files.draw.Pen.Baseline;
import app.fluss.files.table.Cell;
import app.fluss.files.table.DataTable;
import java.util.Optional;

/// What a counter said over time: each reading stands until the next, a range as a band, marks below, the
/// worst stretch in the warm tone.
final class ReadingsView extends CanvasView {
    private static final double LEFT = 40;
    private static final double BOTTOM = 40;
    private static final double TOP = 14;

    private Optional<ReadingSeries> shown = Optional.empty();

    ReadingsView(Theme theme) {
        super(theme, ExamineText.COUNTER_OVER_TIME);
        setId("readings-chart");
        setMinHeight(170);
        setPrefHeight(200);
    }

    void show(Optional<ReadingSeries> series) {
        shown = series.filter(ReadingSeries::isTimed);
        redraw();
    }

    private record Scale(double left, double right, double top, double bottom, double from, double to, double most) {
        double x(double second) {
            return left + (right - left) * (second - from) / (to - from);
        }

        double y(double fps) {
            return bottom - (bottom - top) * fps / most;
        }
    }

    @Override
    public Optional<DataTable> data() {
        return shown.map(series -> {
            DataTable.Builder table = new DataTable.Builder("t_s", "claimed_fps", "low_fps", "high_fps");
            series.readings()
                    .forEach(one -> table.row(
                            Cell.of(one.second()), Cell.of(one.fps()), Cell.of(one.lowFps()), Cell.of(one.highFps())));
            return table.build();
        });
    }

    @Override
    protected void draw(Pen pen, double width, double height) {
        if (shown.isEmpty()) {
            return;
        }
        ReadingSeries series = shown.get();
        double from = series.readings().getFirst().second();
        double most = series.readings().stream()
                .mapToDouble(one -> Double.isNaN(one.highFps()) ? one.fps() : one.highFps())
                .max()
                .orElse(1);
        Scale scale = new Scale(
                scaled(LEFT),
                width - 10,
                scaled(TOP),
                height - scaled(BOTTOM),
                from,
                from + series.seconds().orNaN(),
                Math.max(1, most * 1.08));
        axes(pen, scale);
        series.worst().ifPresent(worst -> {
            pen.fill(Role.BAND);
            pen.fillRect(
                    scale.x(worst.fromS()),
                    scale.top,
                    scale.x(worst.toS()) - scale.x(worst.fromS()),
                    scale.bottom - scale.top);
        });
        steps(pen, scale, series);
        marks(pen, scale, series);
    }

    private void axes(Pen pen, Scale scale) {
        pen.lineWidth(1);
        pen.baseline(Baseline.CENTER);
        double step = Ticks.step(scale.most, 5);
        for (double fps = 0; fps < scale.most; fps += step) {
            pen.stroke(Role.LINE);
            pen.line(scale.left, scale.y(fps), scale.right, scale.y(fps));
            pen.fill(Role.MUTED);
            pen.align(Align.RIGHT);
            pen.text(Numbers.text(fps, 0), scale.left - 6, scale.y(fps));
        }
        pen.align(Align.CENTER);
        double seconds = Ticks.step(scale.to - scale.from, 8);
        for (double at = Math.ceil(scale.from / seconds) * seconds; at <= scale.to; at += seconds) {
            pen.text(Numbers.text(at, 0), scale.x(at), scale.bottom + scaled(10));
        }
        pen.align(Align.RIGHT);
        pen.text("s", scale.right, scale.bottom + scaled(24));
    }

    private void steps(Pen pen, Scale scale, ReadingSeries series) {
        double lowest = series.worst().map(ReadingSeries.Standing::fps).orElse(Double.NaN);
        for (int i = 0; i < series.readings().size(); i++) {
            Reading one = series.readings().get(i);
            double x = scale.x(one.second());
            double end = scale.x(one.second() + series.stoodS(i));
            if (one.highFps() > one.lowFps()) {
                pen.fill(Role.FOAM);
                pen.opacity(0.45);
                pen.fillRect(x, scale.y(one.highFps()), end - x, scale.y(one.lowFps()) - scale.y(one.highFps()));
                pen.opacity(1);
            }
            boolean worst = one.fps() <= lowest;
            pen.stroke(worst ? Role.WARM : Role.WATER);
            pen.lineWidth(2.4);
            pen.line(x, scale.y(one.fps()), end, scale.y(one.fps()));
            pen.fill(worst ? Role.WARM : Role.WATER);
            pen.fillOval(x - 3, scale.y(one.fps()) - 3, 6, 6);
        }
        pen.lineWidth(1);
    }

    private void marks(Pen pen, Scale scale, ReadingSeries series) {
        pen.align(Align.LEFT);
        double free = Double.NEGATIVE_INFINITY;
        for (ReadingSeries.Mark mark : series.marks()) {
            double x = Math.clamp(scale.x(mark.second()), scale.left, scale.right);
            pen.stroke(Role.SLATE);
            pen.dashes(2, 3);
            pen.line(x, scale.top, x, scale.bottom + scaled(16));
            pen.dashes();
            if (x > free) {
                pen.fill(Role.INK);
                pen.text(mark.words(), x + 4, scale.bottom + scaled(24));
                free = x + scaled(7) * mark.words().length();
            }
        }
    }
}
