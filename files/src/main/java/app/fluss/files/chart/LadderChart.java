package app.fluss.files.chart;

import app.fluss.core.compare.Interval;
import app.fluss.core.ladder.Knee;
import app.fluss.core.ladder.Rung;
import app.fluss.core.ladder.SettingLadder;
import app.fluss.core.measure.Figure;
import app.fluss.files.draw.Numbers;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import app.fluss.files.draw.Pen.Align;
import app.fluss.files.draw.Pen.Baseline;
import app.fluss.files.table.Cell;
import app.fluss.files.table.DataTable;
import java.util.List;
import java.util.function.Function;

/// A ladder of settings as small multiples: a column for each rung, a row for each figure, each row with
/// a scale of its own from 0.
///
/// @param ladder what is shown
public record LadderChart(SettingLadder ladder) implements Chart {
    private static final double ROW = 44;
    private static final double NAMES = 112;
    private static final double HEAD = 22;
    private static final List<Row> ROWS = List.of(
            new Row("delivered", "/s", 1, Rung::deliveredFps),
            new Row("1 % low", "/s", 1, Rung::lowFps),
            new Row("uneven motion", "ms", 2, Rung::unevenMs),
            new Row("latency", "ms", 1, Rung::latencyMs),
            new Row("card load", "%", 0, Rung::loadPct));

    private record Row(String name, String unit, int decimals, Function<Rung, Figure> figure) {}

    @Override
    public String name() {
        return "Figures against " + ladder.setting().title();
    }

    @Override
    public DataTable data() {
        DataTable.Builder table = new DataTable.Builder(
                "setting",
                "runs",
                "delivered_fps",
                "delivered_low",
                "delivered_high",
                "one_percent_low_fps",
                "uneven_motion_ms",
                "latency_ms",
                "card_load_pct");
        for (Rung rung : ladder.rungs()) {
            table.row(
                    ladder.name(rung),
                    Integer.toString(rung.runs()),
                    Cell.of(rung.deliveredFps()),
                    Cell.of(rung.deliveredInterval(), Interval::low),
                    Cell.of(rung.deliveredInterval(), Interval::high),
                    Cell.of(rung.lowFps()),
                    Cell.of(rung.unevenMs()),
                    Cell.of(rung.latencyMs()),
                    Cell.of(rung.loadPct()));
        }
        return table.build();
    }

    @Override
    public double height(double scale) {
        return (HEAD + ROW * ROWS.size()) * scale;
    }

    @Override
    public void draw(Pen pen, double width, double height) {
        List<Rung> rungs = ladder.rungs();
        double left = pen.scaled(NAMES);
        double column = (width - left) / rungs.size();
        pen.baseline(Baseline.CENTER);
        if (ladder.knee() instanceof Knee.At(int rung, String _)) {
            pen.fill(Role.BAND);
            pen.fillRoundRect(left + rung * column + 2, 0, column - 4, height, 10);
        }
        for (int i = 0; i < rungs.size(); i++) {
            boolean knee = ladder.knee() instanceof Knee.At(int at, String _) && at == i;
            pen.fill(Role.INK);
            pen.align(Align.CENTER);
            Rung rung = rungs.get(i);
            String name = ladder.name(rung) + (rung.runs() > 1 ? "  (" + rung.runs() + " runs)" : "");
            double middle = left + (i + 0.5) * column;
            pen.text(name, middle, pen.scaled(HEAD / 2));
            if (knee) {
                knee(pen, middle - pen.width(name) / 2 - pen.scaled(11), pen.scaled(HEAD / 2));
            }
        }
        for (int r = 0; r < ROWS.size(); r++) {
            row(pen, ROWS.get(r), pen.scaled(HEAD + r * ROW), left, column, width);
        }
    }

    /// A diamond with a hole, beside the name.
    private static void knee(Pen pen, double x, double y) {
        double half = pen.scaled(4.5);
        pen.stroke(Role.INK);
        pen.lineWidth(pen.scaled(1.3));
        pen.strokePolygon(new double[] {x - half, x, x + half, x}, new double[] {y, y - half, y, y + half});
        pen.lineWidth(1);
    }

    private void row(Pen pen, Row row, double top, double left, double column, double width) {
        List<Rung> rungs = ladder.rungs();
        double most = rungs.stream()
                .map(row.figure)
                .filter(Figure::isKnown)
                .mapToDouble(Figure::orNaN)
                .max()
                .orElse(1);
        double bottom = top + pen.scaled(ROW - 4);
        double high = pen.scaled(ROW - 22);
        pen.stroke(Role.LINE);
        pen.line(0, bottom, width, bottom);
        pen.align(Align.LEFT);
        pen.fill(Role.INK);
        pen.text(row.name, 0, top + pen.scaled(ROW / 2 - 7));
        pen.fill(Role.MUTED);
        pen.text(row.unit, 0, top + pen.scaled(ROW / 2 + 7));
        for (int i = 0; i < rungs.size(); i++) {
            Figure figure = row.figure.apply(rungs.get(i));
            double x = left + (i + 0.5) * column;
            pen.align(Align.CENTER);
            if (figure instanceof Figure.Known(double value)) {
                double y = bottom - high * Math.max(0, value) / Math.max(most, Double.MIN_NORMAL);
                double half = Math.min(column * 0.3, pen.scaled(34));
                pen.fill(Role.FOAM);
                pen.fillRect(x - half, y, 2 * half, bottom - y);
                pen.fill(Role.INK);
                pen.text(pen.numbers().text(value, row.decimals), x, y - pen.scaled(8));
                if (row.equals(ROWS.getFirst())) {
                    whisker(pen, rungs.get(i), x, bottom, high / Math.max(most, Double.MIN_NORMAL));
                }
            } else {
                pen.fill(Role.MUTED);
                pen.text(Numbers.MISSING, x, bottom - pen.scaled(10));
            }
        }
    }

    /// How sure the delivered rate of a rung is, from run to run.
    private void whisker(Pen pen, Rung rung, double x, double bottom, double scale) {
        rung.deliveredInterval().ifPresent(ends -> {
            double low = bottom - ends.low() * scale;
            double top = bottom - Math.min(ends.high() * scale, pen.scaled(ROW - 8));
            pen.stroke(Role.INK);
            pen.line(x, low, x, top);
            pen.line(x - 4, low, x + 4, low);
            pen.line(x - 4, top, x + 4, top);
        });
    }
}
