package app.fluss.files.chart;

import app.fluss.core.attribute.Bars;
import app.fluss.core.attribute.Cells;
import app.fluss.core.attribute.Part;
import app.fluss.core.attribute.Waterfall;
import app.fluss.core.compare.Interval;
import app.fluss.files.draw.Numbers;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import app.fluss.files.draw.Pen.Align;
import app.fluss.files.draw.Pen.Baseline;
import app.fluss.files.table.Cell;
import app.fluss.files.table.DataTable;

/// The way from the native path to the package: each step starts where the one before it ended, the whole
/// stands below. Ratios on a logarithmic scale, so that equal steps are equally long.
///
/// @param way the steps
/// @param scale whether they are ratios or differences
public record WaterfallChart(Waterfall way, Cells.Scale scale) implements Chart {
    private static final double LINE_PX = 26;
    private static final double NAME_PX = 210;
    private static final double TEXT_PX = 150;

    @Override
    public String name() {
        return "Steps from the native path to the package";
    }

    @Override
    public DataTable data() {
        DataTable.Builder table =
                new DataTable.Builder("step", scale == Cells.Scale.RATIO ? "ratio" : "ms", "low", "high");
        for (Bars.Bar bar : Bars.of(way, scale).bars()) {
            Part part = bar.part();
            table.row(
                    part.name(),
                    Cell.of(part.value()),
                    Cell.of(part.interval(), Interval::low),
                    Cell.of(part.interval(), Interval::high));
        }
        return table.build();
    }

    @Override
    public double height(double text) {
        return LINE_PX * Bars.of(way, scale).bars().size() * text;
    }

    /// What a part gives, with its interval.
    public static String text(Part part, Cells.Scale scale, Numbers numbers) {
        return switch (scale) {
            case RATIO ->
                numbers.text(part.value(), 2) + " ×"
                        + part.interval()
                                .map(ends -> "  [%s, %s]"
                                        .formatted(numbers.text(ends.low(), 2), numbers.text(ends.high(), 2)))
                                .orElse("");
            case DIFFERENCE ->
                (part.value() > 0 ? "+" : "") + numbers.text(part.value(), 1) + " ms"
                        + part.interval()
                                .map(ends -> "  [%s, %s]"
                                        .formatted(numbers.text(ends.low(), 1), numbers.text(ends.high(), 1)))
                                .orElse("");
        };
    }

    @Override
    public void draw(Pen pen, double width, double height) {
        Bars bars = Bars.of(way, scale);
        double left = pen.scaled(NAME_PX);
        double right = width - pen.scaled(TEXT_PX) - 12;
        pen.baseline(Baseline.CENTER);
        double y = pen.scaled(LINE_PX) / 2;
        for (Bars.Bar bar : bars.bars()) {
            draw(pen, bars, bar, y, left, right);
            y += pen.scaled(LINE_PX);
        }
    }

    private void draw(Pen pen, Bars bars, Bars.Bar bar, double y, double left, double right) {
        double start = x(bars, bar.from(), left, right);
        double end = x(bars, bar.to(), left, right);
        if (!bar.whole()) {
            pen.stroke(Role.LINE);
            pen.lineWidth(1);
            pen.line(end, y, end, y + pen.scaled(LINE_PX));
        }
        pen.fill(bar.whole() ? Role.SLATE : bar.better() ? Role.WATER : Role.WARM);
        pen.fillRect(Math.min(start, end), y - pen.scaled(6), Math.max(2, Math.abs(end - start)), pen.scaled(12));
        if (bar.part().interval().isPresent()) {
            double a = x(bars, bar.intervalFrom(), left, right);
            double b = x(bars, bar.intervalTo(), left, right);
            pen.stroke(Role.INK);
            pen.lineWidth(1.2);
            pen.line(a, y, b, y);
            pen.line(a, y - 4, a, y + 4);
            pen.line(b, y - 4, b, y + 4);
        }
        pen.fill(Role.INK);
        pen.align(Align.LEFT);
        pen.text(bar.part().name(), 2, y, pen.scaled(NAME_PX) - 14);
        pen.text(text(bar.part(), scale, pen.numbers()), right + 12, y, pen.scaled(TEXT_PX));
    }

    private static double x(Bars bars, double value, double left, double right) {
        double wide = bars.high() - bars.low();
        return wide > 0 ? left + (value - bars.low()) / wide * (right - left) : left;
    }
}
