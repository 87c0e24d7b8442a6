package app.fluss.app.plan;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.core.plan.PowerCurve;
import app.fluss.core.plan.RepeatsWanted;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import app.fluss.files.draw.Pen.Align;
import app.fluss.files.draw.Pen.Baseline;
import app.fluss.files.table.Cell;
import app.fluss.files.table.DataTable;
import java.util.Optional;

/// Runs a side against the difference that they find: a column for each number of runs, as high as the
/// smallest difference found with 80 % power, and the difference that matters as a line across. Full
/// columns find it.
final class PowerView extends CanvasView {
    private static final double LEFT = 44;
    private static final double FOOT = 34;

    private Optional<PowerCurve> curve = Optional.empty();
    private double matters;

    PowerView(Theme theme) {
        super(theme, PlanText.POWER_DESCRIBED);
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
    public Optional<DataTable> data() {
        return curve.map(shown -> {
            DataTable.Builder table = new DataTable.Builder("runs_a_side", "smallest_difference_share");
            for (int runs = RepeatsWanted.TO_BEGIN_WITH; runs <= PowerCurve.MOST_RUNS; runs++) {
                table.row(Cell.of(runs), Cell.of(shown.at(runs)));
            }
            return table.build();
        });
    }

    @Override
    protected void draw(Pen pen, double width, double height) {
        pen.baseline(Baseline.CENTER);
        if (curve.isEmpty()) {
            pen.fill(Role.MUTED);
            pen.align(Align.LEFT);
            pen.text(PlanText.SPREAD_UNKNOWN, 0, scaled(12));
            return;
        }
        PowerCurve shown = curve.get();
        int fewest = RepeatsWanted.TO_BEGIN_WITH;
        double top = Math.max(shown.at(fewest), matters * 1.25) * 1.1;
        double left = scaled(LEFT);
        double bottom = height - scaled(FOOT);
        double step = (width - left) / (PowerCurve.MOST_RUNS - fewest + 1);
        pen.stroke(Role.LINE);
        pen.line(left, bottom, width, bottom);
        for (int runs = fewest; runs <= PowerCurve.MOST_RUNS; runs++) {
            double x = left + (runs - fewest) * step;
            double y = bottom - (bottom - scaled(14)) * shown.at(runs) / top;
            boolean finds = shown.at(runs) <= matters;
            pen.fill(finds ? Role.WATER : Role.RAISED);
            pen.fillRect(x + 3, y, step - 6, bottom - y);
            pen.stroke(finds ? Role.WATER : Role.MUTED);
            pen.strokeRect(x + 3, y, step - 6, bottom - y);
            pen.align(Align.CENTER);
            pen.fill(Role.INK);
            pen.text(Integer.toString(runs), x + step / 2, bottom + scaled(10));
            pen.fill(finds ? Role.SURFACE : Role.INK);
            pen.text(Numbers.text(shown.at(runs) * 100, 1), x + step / 2, Math.min(y + scaled(9), bottom - scaled(7)));
        }
        double line = bottom - (bottom - scaled(14)) * matters / top;
        pen.stroke(Role.WARM);
        pen.dashes(6, 4);
        pen.line(left, line, width, line);
        pen.dashes();
        pen.fill(Role.WARM);
        pen.align(Align.RIGHT);
        pen.text(Numbers.text(matters * 100, 1) + " %", left - 5, line);
        pen.fill(Role.MUTED);
        pen.text(PlanText.RUNS_SIDE, width, bottom + scaled(25));
        pen.align(Align.LEFT);
        pen.text(PlanText.SMALLEST_DIFFERENCE_DETECTED, 0, scaled(7));
    }
}
