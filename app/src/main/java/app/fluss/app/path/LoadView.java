package app.fluss.app.path;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Palette;
import app.fluss.app.theme.Palette.Role;
import app.fluss.app.theme.Theme;
import app.fluss.core.compare.Interval;
import app.fluss.core.gpu.LoadModel;
import app.fluss.core.measure.Ticks;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;

/// Load of the second card against its work: runs as points, the fit with its band, the load not to be passed.
final class LoadView extends CanvasView {
    private static final int STEPS = 40;
    private static final double LEFT = 34;
    private static final double BOTTOM = 30;

    private final LoadModel model;
    private double targetPct;

    LoadView(Theme theme, LoadModel model, double targetPct) {
        super(theme, "Load of the second card against its work");
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
    protected void draw(GraphicsContext g, Palette palette, double width, double height) {
        double left = scaled(LEFT);
        double bottom = height - scaled(BOTTOM);
        double most = Math.max(
                model.points().stream().mapToDouble(LoadModel.Point::work).max().orElse(1),
                model.workAt(100).value());
        Scale scale = new Scale(left, width - 8, bottom, 8, most * 1.05);
        g.setTextBaseline(VPos.CENTER);
        for (int pct = 0; pct <= 100; pct += 25) {
            g.setStroke(palette.get(Role.LINE));
            g.strokeLine(left, scale.y(pct), width - 8, scale.y(pct));
            g.setFill(palette.get(Role.MUTED));
            g.setTextAlign(TextAlignment.RIGHT);
            g.fillText(Integer.toString(pct), left - 5, scale.y(pct));
        }
        band(g, palette, scale);
        g.setStroke(palette.get(Role.WATER));
        g.setLineWidth(1.8);
        g.strokeLine(
                scale.x(0),
                scale.y(model.loadPct(0).value()),
                scale.x(most),
                scale.y(model.loadPct(most).value()));
        g.setStroke(palette.get(Role.WARM));
        g.setLineDashes(6, 4);
        g.strokeLine(left, scale.y(targetPct), width - 8, scale.y(targetPct));
        g.setLineDashes();
        g.setLineWidth(1);
        g.setFill(palette.get(Role.INK));
        for (LoadModel.Point point : model.points()) {
            double x = scale.x(point.work());
            double y = scale.y(point.loadPct());
            g.fillPolygon(new double[] {x - 5, x, x + 5, x}, new double[] {y, y - 5, y, y + 5}, 4);
        }
        g.setFill(palette.get(Role.MUTED));
        g.setTextAlign(TextAlignment.LEFT);
        g.fillText("load, %", left + 4, 12);
        g.setTextAlign(TextAlignment.CENTER);
        double step = Ticks.step(most, 5);
        for (double work = step; work < most; work += step) {
            g.fillText(Numbers.text(work, 0), scale.x(work), bottom + 9);
        }
        g.setTextAlign(TextAlignment.RIGHT);
        g.fillText("made Mpx/s × size²", width - 8, height - 8);
    }

    private void band(GraphicsContext g, Palette palette, Scale scale) {
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
        g.setFill(palette.get(Role.BAND));
        g.fillPolygon(x, y, 2 * STEPS);
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
