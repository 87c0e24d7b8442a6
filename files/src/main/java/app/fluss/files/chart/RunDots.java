package app.fluss.files.chart;

import app.fluss.core.compare.Difference;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.measure.Measure;
import app.fluss.files.draw.Numbers;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import app.fluss.files.draw.Pen.Align;
import app.fluss.files.draw.Pen.Baseline;
import app.fluss.files.table.Cell;
import app.fluss.files.table.DataTable;
import java.util.Arrays;
import java.util.List;
import java.util.stream.DoubleStream;

/// The figure of every single run, on one axis for each measure: whether runs differ among themselves
/// shows before any interval is read. Rings are the baseline, diamonds the other side; a thin line below
/// a mark is how steady the only run of a side was within itself.
///
/// @param rows a measure each
public record RunDots(List<Row> rows) implements Chart {
    private static final List<Measure> WITH_LOGS =
            List.of(Measure.RENDERED, Measure.DELIVERED, Measure.DELIVERED_LOW_PERCENTILE, Measure.SPREAD);
    private static final List<Measure> WITHOUT = List.of(Measure.CLAIMED);
    private static final double ROW = 30;
    private static final double LEFT = 205;
    private static final double RIGHT = 60;
    private static final double DOT = 9;

    /// A measure.
    ///
    /// @param measure which
    /// @param compared how it compares
    /// @param a the figure of each run of the baseline that has it
    /// @param b the same of the other side
    public record Row(Measure measure, Difference compared, List<Double> a, List<Double> b) {
        private double largest() {
            return DoubleStream.concat(numbers(a), numbers(b)).max().orElse(0);
        }

        private static DoubleStream numbers(List<Double> figures) {
            return figures.stream().mapToDouble(Double::doubleValue);
        }
    }

    /// Whether no run has any of the figures.
    public boolean isEmpty() {
        return rows.isEmpty();
    }

    /// Keeps a copy.
    public RunDots {
        rows = List.copyOf(rows);
    }

    /// Of a comparison.
    public static RunDots of(RunComparison runs) {
        return new RunDots((runs.hasLogs() ? WITH_LOGS : WITHOUT)
                .stream()
                        .map(measure -> new Row(
                                measure,
                                runs.measure(measure),
                                list(RunComparison.values(runs.a(), measure)),
                                list(RunComparison.values(runs.b(), measure))))
                        .filter(row -> !row.a.isEmpty() || !row.b.isEmpty())
                        .toList());
    }

    private static List<Double> list(double[] values) {
        return Arrays.stream(values).boxed().toList();
    }

    @Override
    public String name() {
        return "The figures of every run";
    }

    @Override
    public DataTable data() {
        DataTable.Builder table = new DataTable.Builder("measure", "unit", "side", "run", "value");
        for (Row row : rows) {
            add(table, row, "baseline", row.a);
            add(table, row, "path", row.b);
        }
        return table.build();
    }

    private static void add(DataTable.Builder table, Row row, String side, List<Double> figures) {
        for (int i = 0; i < figures.size(); i++) {
            table.row(row.measure.id(), row.measure.unit(), side, Integer.toString(i + 1), Cell.of(figures.get(i)));
        }
    }

    @Override
    public double height(double scale) {
        return rows.size() * ROW * scale;
    }

    @Override
    public void draw(Pen pen, double width, double height) {
        double y = pen.scaled(ROW) / 2;
        for (Row row : rows) {
            draw(pen, row, y, width);
            y += pen.scaled(ROW);
        }
    }

    private static void draw(Pen pen, Row row, double y, double width) {
        double left = pen.scaled(LEFT);
        double right = width - pen.scaled(RIGHT);
        double largest = row.largest();
        pen.baseline(Baseline.CENTER);
        pen.align(Align.LEFT);
        pen.fill(Role.INK);
        pen.text(row.measure.title() + ", " + row.measure.unit(), 0, y);
        pen.stroke(Role.LINE);
        pen.lineWidth(1);
        pen.line(left, y + 0.5, right, y + 0.5);
        pen.fill(Role.MUTED);
        pen.align(Align.RIGHT);
        pen.text("0", left - 6, y);
        pen.align(Align.LEFT);
        pen.text(largest > 0 ? pen.numbers().text(largest, 1) : Numbers.MISSING, right + 10, y);
        if (largest > 0) {
            Axis axis = new Axis(0, largest, left, right);
            steady(pen, row.compared.a(), axis, y);
            steady(pen, row.compared.b(), axis, y);
            pen.stroke(Role.INK);
            pen.lineWidth(1.5);
            for (double figure : row.a) {
                pen.strokeOval(axis.at(figure) - DOT / 2, y - DOT / 2, DOT, DOT);
            }
            pen.fill(Role.WATER);
            for (double figure : row.b) {
                double x = axis.at(figure);
                double half = DOT * 0.6;
                pen.fillPolygon(new double[] {x - half, x, x + half, x}, new double[] {y, y - half, y, y + half});
            }
        }
    }

    /// How steady the only run of a side was within itself: a thin line, no interval of anything else.
    private static void steady(Pen pen, Difference.Side side, Axis axis, double y) {
        side.steadiness().ifPresent(ends -> {
            pen.stroke(Role.INK);
            pen.lineWidth(1);
            double low = axis.at(ends.low());
            double high = axis.at(ends.high());
            pen.line(low, y + DOT * 0.75, high, y + DOT * 0.75);
            pen.line(low, y + DOT * 0.75 - 2, low, y + DOT * 0.75 + 2);
            pen.line(high, y + DOT * 0.75 - 2, high, y + DOT * 0.75 + 2);
        });
    }
}
