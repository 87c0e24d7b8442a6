package app.fluss.app.plan;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Palette;
import app.fluss.app.theme.Palette.Role;
import app.fluss.app.theme.Theme;
import app.fluss.core.plan.PowerCurve;
import app.fluss.core.plan.RepeatsWanted;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;

/// Runs a side against the difference that they find: a column for each number of runs, as high as the smallest
/// difference found with 80 % power, and the difference that matters as a line across. Full columns find it.
final class PowerView extends CanvasView {
    private static final double LEFT = 44;
    private static final double FOOT = 34;

    private Optional<PowerCurve> curve = Optional.empty();
    private double matters;

    PowerView(Theme theme) {
        super(theme, "The smallest difference that so many runs a side find");
        setId("power");
        setMinHeight(150);
        setPrefHeight(150);
    }

    void show(Optional<PowerCurve> now, double share) {
        curve = now;
        matters = share;
        redraw();
    }

    @Override
    protected void draw(GraphicsContext g, Palette palette, double width, double height) {
        g.setTextBaseline(VPos.CENTER);
        if (curve.isEmpty()) {
            g.setFill(palette.get(Role.MUTED));
            g.setTextAlign(TextAlignment.LEFT);
            g.fillText("How far runs spread is not known yet: it takes two runs of a path in a scene.", 0, scaled(12));
            return;
        }
        PowerCurve shown = curve.get();
        int fewest = RepeatsWanted.TO_BEGIN_WITH;
        double top = Math.max(shown.at(fewest), matters * 1.25) * 1.1;
        double left = scaled(LEFT);
        double bottom = height - scaled(FOOT);
        double step = (width - left) / (PowerCurve.MOST_RUNS - fewest + 1);
        g.setStroke(palette.get(Role.LINE));
        g.strokeLine(left, bottom, width, bottom);
        for (int runs = fewest; runs <= PowerCurve.MOST_RUNS; runs++) {
            double x = left + (runs - fewest) * step;
            double y = bottom - (bottom - scaled(14)) * shown.at(runs) / top;
            boolean finds = shown.at(runs) <= matters;
            g.setFill(palette.get(finds ? Role.WATER : Role.RAISED));
            g.fillRect(x + 3, y, step - 6, bottom - y);
            g.setStroke(palette.get(finds ? Role.WATER : Role.MUTED));
            g.strokeRect(x + 3, y, step - 6, bottom - y);
            g.setTextAlign(TextAlignment.CENTER);
            g.setFill(palette.get(Role.INK));
            g.fillText(Integer.toString(runs), x + step / 2, bottom + scaled(10));
            g.setFill(palette.get(finds ? Role.SURFACE : Role.INK));
            g.fillText(
                    Numbers.text(shown.at(runs) * 100, 1), x + step / 2, Math.min(y + scaled(9), bottom - scaled(7)));
        }
        double line = bottom - (bottom - scaled(14)) * matters / top;
        g.setStroke(palette.get(Role.WARM));
        g.setLineDashes(6, 4);
        g.strokeLine(left, line, width, line);
        g.setLineDashes();
        g.setFill(palette.get(Role.WARM));
        g.setTextAlign(TextAlignment.RIGHT);
        g.fillText(Numbers.text(matters * 100, 1) + " %", left - 5, line);
        g.setFill(palette.get(Role.MUTED));
        g.fillText("runs a side", width, bottom + scaled(25));
        g.setTextAlign(TextAlignment.LEFT);
        g.fillText("smallest difference found, %", 0, scaled(7));
    }
}
