package app.fluss.app.path;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.core.measure.Ticks;
import app.fluss.core.stream.FrameArrivals;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import app.fluss.files.draw.Pen.Align;
import app.fluss.files.draw.Pen.Baseline;
import app.fluss.files.table.Cell;
import app.fluss.files.table.DataTable;
import java.util.Arrays;
import java.util.Optional;

/// Which share of a probe's images would be in time with a buffer of each length.
final class BufferView extends CanvasView {
    private static final int STEPS = 96;
    private static final double LEFT = 42;
    private static final double BOTTOM = 32;
    private static final double TOP = 14;
    private static final double USUAL_MS = 8;

    private final FrameArrivals arrivals;
    private final double bufferMs;
    private final double longestMs;

    BufferView(Theme theme, FrameArrivals arrivals, double bufferMs) {
        super(theme, StreamText.BUFFER_DESCRIBED);
        this.arrivals = arrivals;
        this.bufferMs = bufferMs;
        double needed = arrivals.bufferMs(0.999).isKnown()
                ? arrivals.bufferMs(0.999).orNaN()
                : arrivals.bufferMs(0.9).isKnown() ? 2 * arrivals.bufferMs(0.9).orNaN() : USUAL_MS;
        this.longestMs = Math.max(Math.max(USUAL_MS, 1.15 * needed), Double.isNaN(bufferMs) ? 0 : 1.15 * bufferMs);
        setId("buffer-chart");
        setMinHeight(190);
        setPrefHeight(210);
        setMinWidth(120);
        setPrefWidth(240);
    }

    @Override
    public Optional<DataTable> data() {
        DataTable.Builder table = new DataTable.Builder("buffer_ms", "images_in_time_share");
        for (int i = 0; i < STEPS; i++) {
            double ms = longestMs * i / (STEPS - 1);
            table.row(Cell.of(ms), Cell.of(arrivals.inTimeShare(ms)));
        }
        return Optional.of(table.build());
    }

    @Override
    protected void draw(Pen pen, double width, double height) {
        double left = scaled(LEFT);
        double right = width - 10;
        double bottom = height - scaled(BOTTOM);
        pen.baseline(Baseline.CENTER);
        pen.lineWidth(1);
        for (int pct = 0; pct <= 100; pct += 25) {
            double y = y(pct / 100.0, bottom);
            pen.stroke(Role.LINE);
            pen.line(left, y, right, y);
            pen.fill(Role.MUTED);
            pen.align(Align.RIGHT);
            pen.text(pct + " %", left - 5, y);
        }
        double[] x = new double[STEPS + 2];
        double[] y = new double[STEPS + 2];
        for (int i = 0; i < STEPS; i++) {
            double ms = longestMs * i / (STEPS - 1);
            x[i] = left + (right - left) * ms / longestMs;
            y[i] = y(arrivals.inTimeShare(ms).orNaN(), bottom);
        }
        x[STEPS] = right;
        y[STEPS] = bottom;
        x[STEPS + 1] = left;
        y[STEPS + 1] = bottom;
        pen.fill(Role.BAND);
        pen.fillPolygon(x, y);
        pen.stroke(Role.WATER);
        pen.lineWidth(1.8);
        pen.polyline(Arrays.copyOf(x, STEPS), Arrays.copyOf(y, STEPS));
        pen.lineWidth(1);
        pen.fill(Role.MUTED);
        pen.align(Align.CENTER);
        double step = Ticks.step(longestMs, 5);
        for (double ms = 0; ms < longestMs; ms += step) {
            pen.text(Numbers.text(ms, step < 1 ? 1 : 0), left + (right - left) * ms / longestMs, bottom + 9);
        }
        pen.align(Align.RIGHT);
        pen.text(StreamText.BUFFER_MS, right, height - 7);
        pen.align(Align.LEFT);
        pen.text(StreamText.IN_TIME_AXIS, left + 4, 7);
        if (bufferMs >= 0) {
            double at = Math.floor(left + (right - left) * bufferMs / longestMs) + 0.5;
            pen.stroke(Role.WARM);
            pen.lineWidth(1.6);
            pen.dashes(6, 4);
            pen.line(at, scaled(TOP), at, bottom);
            pen.dashes();
            pen.fill(Role.WARM);
            boolean room = right - at > scaled(90);
            pen.align(room ? Align.LEFT : Align.RIGHT);
            pen.text(StreamText.SET_MS.formatted(Numbers.text(bufferMs, 1)), room ? at + 5 : at - 5, bottom - 10);
        }
    }

    private double y(double share, double bottom) {
        return bottom - (bottom - scaled(TOP)) * share;
    }
}
