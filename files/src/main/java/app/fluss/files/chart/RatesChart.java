package app.fluss.files.chart;

import app.fluss.core.compare.Interval;
import app.fluss.core.compare.Level;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Ticks;
import app.fluss.files.draw.Numbers;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import app.fluss.files.draw.Pen.Align;
import app.fluss.files.draw.Pen.Baseline;
import app.fluss.files.table.Cell;
import app.fluss.files.table.DataTable;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;

/// The four rates of each path on one scale: a wide pale bar for what was presented, a narrow full one
/// for what was rendered, a diamond with its interval for what was delivered, an open wedge for what a
/// counter claimed.
///
/// @param rows a path each, the native one first
public record RatesChart(List<Row> rows) implements Chart {
    private static final double ROW = 34;
    private static final double NAMES = 190;
    private static final double VALUES = 70;
    private static final double FOOT = 22;
    private static final double HEAD = 22;

    /// Keeps a copy.
    public RatesChart {
        rows = List.copyOf(rows);
    }

    /// A path.
    ///
    /// @param name of it
    /// @param claimed mean over its runs, /s
    /// @param rendered the same
    /// @param presented the same
    /// @param delivered the same
    public record Row(String name, Level claimed, Level rendered, Level presented, Level delivered) {
        private DoubleStream ends() {
            return DoubleStream.concat(
                    DoubleStream.of(
                            claimed.figure().orNaN(),
                            rendered.figure().orNaN(),
                            presented.figure().orNaN(),
                            delivered.figure().orNaN()),
                    delivered.interval().stream().mapToDouble(Interval::high));
        }
    }

    @Override
    public String name() {
        return "Rates of each path, images per second";
    }

    @Override
    public String alternative() {
        List<String> words = new ArrayList<>();
        for (Row row : rows) {
            words.add("%s: rendered %s, presented %s, delivered %s, claimed %s"
                    .formatted(
                            row.name, text(row.rendered), text(row.presented), text(row.delivered), text(row.claimed)));
        }
        return name() + ". " + String.join("; ", words);
    }

    private static String text(Level level) {
        return Numbers.NEUTRAL.text(level.figure(), 1);
    }

    @Override
    public DataTable data() {
        DataTable.Builder table = new DataTable.Builder(
                "path",
                "claimed_fps",
                "rendered_fps",
                "presented_fps",
                "delivered_fps",
                "delivered_low",
                "delivered_high");
        for (Row row : rows) {
            table.row(
                    row.name,
                    Cell.of(row.claimed.figure()),
                    Cell.of(row.rendered.figure()),
                    Cell.of(row.presented.figure()),
                    Cell.of(row.delivered.figure()),
                    Cell.of(row.delivered.interval(), Interval::low),
                    Cell.of(row.delivered.interval(), Interval::high));
        }
        return table.build();
    }

    @Override
    public double height(double scale) {
        return (HEAD + ROW * rows.size() + FOOT) * scale;
    }

    @Override
    public void draw(Pen pen, double width, double height) {
        double most = rows.stream()
                .flatMapToDouble(Row::ends)
                .filter(Double::isFinite)
                .max()
                .orElse(1);
        Axis axis = new Axis(0, most * 1.04, pen.scaled(NAMES), width - pen.scaled(VALUES));
        key(pen, pen.scaled(NAMES), pen.scaled(HEAD) / 2);
        double top = pen.scaled(HEAD);
        marks(pen, axis, top, height);
        for (Row row : rows) {
            row(pen, axis, row, top, width);
            top += pen.scaled(ROW);
        }
    }

    private static void key(Pen pen, double left, double y) {
        pen.baseline(Baseline.CENTER);
        pen.align(Align.LEFT);
        double x = left;
        for (String name : new String[] {"rendered", "presented", "delivered", "claimed"}) {
            switch (name) {
                case "rendered" -> bar(pen, Role.WATER, x, y - 3, 14, 6);
                case "presented" -> bar(pen, Role.FOAM, x, y - 6, 14, 12);
                case "delivered" -> diamond(pen, x + 7, y);
                default -> wedge(pen, x + 7, y + 6);
            }
            pen.fill(Role.MUTED);
            pen.text(name, x + 19, y);
            x += 19 + pen.width(name) + pen.scaled(16);
        }
    }

    private static void bar(Pen pen, Role role, double x, double y, double width, double height) {
        pen.fill(role);
        pen.fillRect(x, y, width, height);
    }

    private static void diamond(Pen pen, double x, double y) {
        pen.fill(Role.INK);
        pen.fillPolygon(new double[] {x, x + 5, x, x - 5}, new double[] {y - 5, y, y + 5, y});
    }

    private static void wedge(Pen pen, double x, double foot) {
        pen.stroke(Role.WARM);
        pen.lineWidth(1.4);
        pen.strokePolygon(new double[] {x - 5, x + 5, x}, new double[] {foot - 10, foot - 10, foot - 2});
    }

    private void marks(Pen pen, Axis axis, double top, double height) {
        double step = Ticks.step(axis.to(), 6);
        double foot = height - pen.scaled(FOOT);
        pen.align(Align.CENTER);
        pen.lineWidth(1);
        for (double fps = 0; fps <= axis.to(); fps += step) {
            pen.stroke(Role.LINE);
            pen.line(axis.at(fps), top, axis.at(fps), foot);
            pen.fill(Role.MUTED);
            boolean last = fps + step > axis.to();
            pen.text(pen.numbers().text(fps, 0) + (last ? " /s" : ""), axis.at(fps), foot + pen.scaled(FOOT) / 2);
        }
    }

    private static void row(Pen pen, Axis axis, Row row, double top, double width) {
        double y = top + pen.scaled(ROW) / 2;
        pen.align(Align.LEFT);
        pen.fill(Role.INK);
        pen.text(row.name, 0, y, pen.scaled(NAMES) - 12);
        if (row.presented.figure() instanceof Figure.Known(double fps)) {
            bar(pen, Role.FOAM, axis.start(), y - 8, axis.at(fps) - axis.start(), 16);
        }
        if (row.rendered.figure() instanceof Figure.Known(double fps)) {
            bar(pen, Role.WATER, axis.start(), y - 4, axis.at(fps) - axis.start(), 8);
        }
        if (row.claimed.figure() instanceof Figure.Known(double fps)) {
            wedge(pen, axis.at(fps), y - 3);
        }
        pen.fill(Role.MUTED);
        if (row.delivered.figure() instanceof Figure.Known(double fps)) {
            row.delivered.interval().ifPresent(ends -> {
                pen.stroke(Role.INK);
                pen.lineWidth(1.2);
                pen.line(axis.at(ends.low()), y, axis.at(ends.high()), y);
                pen.line(axis.at(ends.low()), y - 4, axis.at(ends.low()), y + 4);
                pen.line(axis.at(ends.high()), y - 4, axis.at(ends.high()), y + 4);
            });
            diamond(pen, axis.at(fps), y);
            pen.fill(Role.INK);
        }
        pen.align(Align.RIGHT);
        pen.text(text(row.delivered), width, y);
    }
}
