package app.fluss.app.path;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.core.compare.Interval;
import app.fluss.core.gpu.LoadModel;
import app.fluss.core.measure.Ticks;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import app.fluss.files.draw.Pen.Align;
import app.fluss.files.draw.Pen.Baseline;
import app.fluss.files.table.Cell;
import app.fluss.files.table.DataTable;
import java.util.Optional;

/// Load of the second card against its work: runs as points, the fit with its band, the load not to be
/// passed.
final class LoadView extends CanvasView {
    private static final int STEPS = 40;
    private static final double LEFT = 34;
    private static final double BOTTOM = 30;

    private final LoadModel model;
    private double targetPct;

    LoadView(Theme theme, LoadModel model, double targetPct) {
        super(theme, SecondCardText.LOAD_DESCRIBED);
        this.model = model;
        this.targetPct = targetPct;
        setId("load-chart");
        setPrefHeight(190);
        setMinHeight(150);
    }

    /// Shows another load that is not to be passed.
    void show(double pct) {
        targetPct = pct;
        redraw();
    }

    @Override
    public Optional<DataTable> data() {
        DataTable.Builder table = new DataTable.Builder("made_mpx_per_s_size_squared", "load_pct", "fitted_pct");
        for (LoadModel.Point point : model.points()) {
            double fitted = model.loadPct(point.work()).value();
            table.row(Cell.of(point.work()), Cell.of(point.loadPct()), Cell.of(fitted));
        }
        return Optional.of(table.build());
    }

    @Override
    protected void draw(Pen pen, double width, double height) {
        double left = scaled(LEFT);
        double bottom = height - scaled(BOTTOM);
        double most = Math.max(
                model.points().stream().mapToDouble(LoadModel.Point::work).max().orElse(1),
                model.workAt(100).value());
        Scale scale = new Scale(left, width - 8, bottom, 8, most * 1.05);
        pen.baseline(Baseline.CENTER);
        for (int pct = 0; pct <= 100; pct += 25) {
            pen.stroke(Role.LINE);
            pen.line(left, scale.y(pct), width - 8, scale.y(pct));
            pen.fill(Role.MUTED);
            pen.align(Align.RIGHT);
            pen.text(Integer.toString(pct), left - 5, scale.y(pct));
        }
        band(pen, scale);
        pen.stroke(Role.WATER);
        pen.lineWidth(1.8);
        pen.line(
                scale.x(0),
                scale.y(model.loadPct(0).value()),
                scale.x(most),
                scale.y(model.loadPct(most).value()));
        pen.stroke(Role.WARM);
        pen.dashes(6, 4);
        pen.line(left, scale.y(targetPct), width - 8, scale.y(targetPct));
        pen.dashes();
        pen.lineWidth(1);
        pen.fill(Role.INK);
        for (LoadModel.Point point : model.points()) {
            double x = scale.x(point.work());
            double y = scale.y(point.loadPct());
            pen.fillPolygon(new double[] {x - 5, x, x + 5, x}, new double[] {y, y - 5, y, y + 5});
        }
        pen.fill(Role.MUTED);
        pen.align(Align.LEFT);
        pen.text(SecondCardText.LOAD, left + 4, 12);
        pen.align(Align.CENTER);
        double step = Ticks.step(most, 5);
        for (double work = step; work < most; work += step) {
            pen.text(Numbers.text(work, 0), scale.x(work), bottom + 9);
        }
        pen.align(Align.RIGHT);
        pen.text(SecondCardText.WORK_AXIS, width - 8, height - 8);
    }

    private void band(Pen pen, Scale scale) {
        double[] x = new double[2 * STEPS];
        double[] y = new double[2 * STEPS];
        for (int i = 0; i < STEPS; i++) {
            double work = scale.mostWork() * i / (STEPS - 1);
            Optional<Interval> interval = model.loadPct(work).interval();
            if (interval.isEmpty()) {
                return;
            }
            x[i] = scale.x(work);
            y[i] = scale.y(interval.get().low());
            x[2 * STEPS - 1 - i] = x[i];
            y[2 * STEPS - 1 - i] = scale.y(interval.get().high());
        }
        pen.fill(Role.BAND);
        pen.fillPolygon(x, y);
    }

    private record Scale(double left, double right, double bottom, double top, double mostWork) {
        double x(double work) {
            return left + (right - left) * work / mostWork;
        }

        double y(double pct) {
            return bottom - (bottom - top) * Math.clamp(pct, 0, 105) / 105;
        }
    }
}
