package app.fluss.app.compare;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Palette;
import app.fluss.app.theme.Palette.Role;
import app.fluss.app.theme.Theme;
import app.fluss.core.compare.Difference;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.measure.Measure;
import java.util.List;
import java.util.stream.Stream;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;

/// The figure of every single run, on one axis for each measure: whether runs differ among themselves shows
/// before any interval is read.
final class RunDots extends CanvasView {
    private static final List<Measure> WITH_LOGS =
            List.of(Measure.RENDERED, Measure.DELIVERED, Measure.DELIVERED_LOW_PERCENTILE, Measure.SPREAD);
    private static final List<Measure> WITHOUT = List.of(Measure.CLAIMED);
    private static final double ROW = 30;
    private static final double LEFT = 205;
    private static final double RIGHT = 60;
    private static final double DOT = 9;

    private final RunComparison runs;
    private final List<Measure> shown;

    RunDots(Theme theme, RunComparison runs) {
        super(theme, "The figures of every run");
        this.runs = runs;
        shown = runs.hasLogs() ? WITH_LOGS : WITHOUT;
        setMinHeight(shown.size() * scaled(ROW));
        setPrefHeight(shown.size() * scaled(ROW));
    }

    private double left() {
        return scaled(LEFT);
    }

    private double right() {
        return scaled(RIGHT);
    }

    @Override
    protected void draw(GraphicsContext g, Palette palette, double width, double height) {
        for (int row = 0; row < shown.size(); row++) {
            draw(g, palette, shown.get(row), row * scaled(ROW) + scaled(ROW) / 2, width);
        }
    }

    private void draw(GraphicsContext g, Palette palette, Measure measure, double y, double width) {
        g.setTextBaseline(VPos.CENTER);
        g.setTextAlign(TextAlignment.LEFT);
        g.setFill(palette.get(Role.INK));
        g.fillText(measure.title() + ", " + measure.unit(), 0, y);
        double largest = Stream.concat(runs.a().stream(), runs.b().stream())
                .mapToDouble(run -> measure.of(run).orNaN())
                .filter(Double::isFinite)
                .max()
                .orElse(0);
        g.setStroke(palette.get(Role.LINE));
        g.setLineWidth(1);
        g.strokeLine(left(), y + 0.5, width - right(), y + 0.5);
        g.setFill(palette.get(Role.MUTED));
        g.setTextAlign(TextAlignment.RIGHT);
        g.fillText("0", left() - 6, y);
        g.setTextAlign(TextAlignment.LEFT);
        g.fillText(largest > 0 ? Numbers.text(largest, 1) : Numbers.MISSING, width - right() + 10, y);
        if (largest > 0) {
            double scale = (width - right() - left()) / largest;
            g.setStroke(palette.get(Role.INK));
            g.setLineWidth(1.5);
            steady(g, runs.measure(measure).a(), scale, y);
            steady(g, runs.measure(measure).b(), scale, y);
            for (double figure : RunComparison.values(runs.a(), measure)) {
                g.strokeOval(left() + figure * scale - DOT / 2, y - DOT / 2, DOT, DOT);
            }
            g.setFill(palette.get(Role.WATER));
            for (double figure : RunComparison.values(runs.b(), measure)) {
                double x = left() + figure * scale;
                double half = DOT * 0.6;
                g.fillPolygon(new double[] {x - half, x, x + half, x}, new double[] {y, y - half, y, y + half}, 4);
            }
        }
    }

    /// How steady the only run of a side was within itself: a thin line, no interval of anything else.
    private void steady(GraphicsContext g, Difference.Side side, double scale, double y) {
        side.steadiness().ifPresent(ends -> {
            g.save();
            g.setLineWidth(1);
            double low = left() + ends.low() * scale;
            double high = left() + ends.high() * scale;
            g.strokeLine(low, y + DOT * 0.75, high, y + DOT * 0.75);
            g.strokeLine(low, y + DOT * 0.75 - 2, low, y + DOT * 0.75 + 2);
            g.strokeLine(high, y + DOT * 0.75 - 2, high, y + DOT * 0.75 + 2);
            g.restore();
        });
    }
}
