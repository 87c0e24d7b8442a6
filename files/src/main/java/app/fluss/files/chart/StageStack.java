package app.fluss.files.chart;

import app.fluss.core.latency.chain.Basis;
import app.fluss.core.latency.chain.ChainEstimate;
import app.fluss.core.latency.chain.LatencyStage;
import app.fluss.core.latency.chain.StageTime;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Histogram;
import app.fluss.core.measure.Ticks;
import app.fluss.files.draw.Numbers;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import app.fluss.files.draw.Pen.Align;
import app.fluss.files.draw.Pen.Baseline;
import app.fluss.files.known.AnalysedLatency;
import app.fluss.files.table.Cell;
import app.fluss.files.table.DataTable;
import java.util.List;
import java.util.Locale;

/// The stage stack: each stage begins where the one before ends on average, so that the steps lead from
/// the input down to the light. Below, the estimated total and the measured samples over the same axis.
///
/// @param shown latency of a run
public record StageStack(AnalysedLatency shown) implements Chart {
    private static final double TICK_ROOM = 44;
    private static final double NAME = 128;
    private static final double VALUES = 132;
    private static final double GAP = 12;
    private static final double ROW = 26;
    private static final int BINS = 60;

    @Override
    public String name() {
        return "Stage stack: what each stage adds between input and light";
    }

    @Override
    public DataTable data() {
        DataTable.Builder table = new DataTable.Builder("part", "from", "mean_ms", "p5_ms", "p95_ms");
        shown.estimate().ifPresent(stack -> {
            for (StageTime time : stack.stages()) {
                row(
                        table,
                        time.stage().map(LatencyStage::title).orElse(""),
                        time.basis().name().toLowerCase(Locale.ROOT),
                        time.mean(),
                        time.p5(),
                        time.p95());
            }
            StageTime total = stack.total();
            row(
                    table,
                    "total",
                    stack.isWhole() ? "estimated" : "estimated, at least",
                    total.mean(),
                    total.p5(),
                    total.p95());
        });
        shown.measured()
                .ifPresent(seen -> row(
                        table,
                        "total",
                        "measured",
                        seen.figures().mean(),
                        seen.figures().p5(),
                        seen.figures().p95()));
        return table.build();
    }

    private static void row(DataTable.Builder table, String part, String from, Figure mean, Figure p5, Figure p95) {
        table.row(part, from, Cell.of(mean), Cell.of(p5), Cell.of(p95));
    }

    @Override
    public double height(double scale) {
        int rows = shown.estimate().map(stack -> stack.stages().size()).orElse(0)
                + (shown.measured().isPresent() ? 4 : 2);
        return (rows * ROW + GAP) * scale;
    }

    @Override
    public void draw(Pen pen, double width, double height) {
        if (shown.estimate().isEmpty() && shown.measured().isEmpty()) {
            pen.fill(Role.MUTED);
            pen.baseline(Baseline.TOP);
            pen.text(shown.noEstimate(), 0, 4);
            return;
        }
        new Drawn(pen, shown, width, height).draw();
    }

    /// One drawing of it.
    private static final class Drawn {
        private final Pen pen;
        private final Numbers numbers;
        private final AnalysedLatency shown;
        private final List<StageTime> stages;
        private final double left;
        private final double right;
        private final double rowHigh;
        private final double longest;

        Drawn(Pen pen, AnalysedLatency shown, double width, double height) {
            this.pen = pen;
            numbers = pen.numbers();
            left = pen.scaled(NAME);
            this.shown = shown;
            stages = shown.estimate().map(ChainEstimate::stages).orElse(List.of());
            right = width - pen.scaled(VALUES);
            int rows = stages.size() + (shown.measured().isPresent() ? 4 : 2);
            rowHigh = Math.min(pen.scaled(38), (height - GAP) / rows);
            longest = longest();
        }

        private double longest() {
            double estimated =
                    shown.estimate().map(stack -> stack.draws().quantile(0.995)).orElse(0.0);
            double measured = shown.measured()
                    .map(seen -> seen.samplesMs().stream()
                            .filter(ms -> !ms.isNaN())
                            .mapToDouble(Double::doubleValue)
                            .max()
                            .orElse(0))
                    .orElse(0.0);
            return Math.max(1, Math.max(estimated, measured) * 1.02);
        }

        private double x(double ms) {
            return left + ms / longest * (right - left);
        }

        void draw() {
            pen.baseline(Baseline.CENTER);
            for (int row = 0; row < stages.size(); row++) {
                double begins = shown.estimate().orElseThrow().beginsMs(row);
                stage(stages.get(row), begins, row * rowHigh);
            }
            double y = stages.size() * rowHigh + 5;
            pen.stroke(Role.LINE);
            pen.lineWidth(1);
            pen.line(0, y, right + pen.scaled(VALUES), y);
            y += 5;
            if (shown.estimate().isPresent()) {
                total(shown.estimate().get(), y);
                y += rowHigh;
            }
            if (shown.measured().isPresent()) {
                measured(shown.measured().get(), y);
                y += 2 * rowHigh;
            }
            axis(y);
        }

        private void stage(StageTime time, double from, double y) {
            double middle = y + rowHigh / 2;
            name(time.stage().map(LatencyStage::title).orElse(""), middle, Role.INK);
            if (time.basis() == Basis.UNKNOWN) {
                pen.stroke(Role.WARM);
                pen.dashes(2, 4);
                pen.line(x(from), y + 3, x(from), y + rowHigh - 3);
                pen.dashes();
                value(time.mean().isKnown() ? "" : "not stated", middle, Role.WARM);
                return;
            }
            double mean = time.mean().orNaN();
            pen.fill(time.basis() == Basis.MEASURED ? Role.WATER : Role.FOAM);
            pen.fillRect(x(from), y + 4, Math.max(1.5, x(from + mean) - x(from)), rowHigh - 8);
            if (time.basis() == Basis.ESTIMATED && mean > 0) {
                pen.stroke(Role.WATER);
                pen.lineWidth(1.2);
                pen.dashes(2, 3);
                pen.strokeRect(x(from), y + 4, Math.max(1.5, x(from + mean) - x(from)), rowHigh - 8);
                pen.dashes();
            }
            whisker(from + time.p5().orNaN(), from + time.p95().orNaN(), middle);
            pen.stroke(Role.LINE);
            pen.lineWidth(1);
            pen.line(x(from + mean), y + rowHigh - 4, x(from + mean), y + rowHigh + 4);
            value(spread(time.mean(), time.p5(), time.p95()), middle, Role.INK);
        }

        private void whisker(double from, double to, double middle) {
            pen.stroke(Role.INK);
            pen.lineWidth(1.2);
            pen.line(x(from), middle, x(to), middle);
            pen.line(x(from), middle - 3, x(from), middle + 3);
            pen.line(x(to), middle - 3, x(to), middle + 3);
        }

        private void total(ChainEstimate stack, double y) {
            double middle = y + rowHigh / 2;
            name(stack.isWhole() ? "estimated" : "estimated, at least", middle, Role.INK);
            hill(stack.histogram(longest, BINS), y, rowHigh, Role.FOAM);
            mark(stack.total().mean().orNaN(), y, rowHigh, Role.INK);
            value(spread(stack.total().mean(), stack.total().p5(), stack.total().p95()), middle, Role.INK);
        }

        private void measured(AnalysedLatency.Measured seen, double y) {
            double middle = y + rowHigh;
            name("measured", middle, Role.INK);
            double[] samples =
                    seen.samplesMs().stream().mapToDouble(Double::doubleValue).toArray();
            hill(Histogram.of(samples, 0, longest, BINS), y + 2, 2 * rowHigh - 4, Role.WATER);
            if (seen.figures().mean().isKnown()) {
                mark(seen.figures().mean().orNaN(), y, 2 * rowHigh, Role.INK);
            }
            value(
                    spread(
                            seen.figures().mean(),
                            seen.figures().p5(),
                            seen.figures().p95()),
                    middle - rowHigh / 2,
                    Role.INK);
            shown.unexplained().ifPresent(left -> {
                String words = numbers.signed(left.differenceMs(), 1) + " ms unexplained";
                value(words, middle + rowHigh / 2, left.causes().isEmpty() ? Role.MUTED : Role.WARM);
            });
        }

        private void hill(Histogram counts, double y, double high, Role role) {
            pen.fill(role);
            for (int bin = 0; bin < counts.size(); bin++) {
                double share = (double) counts.count(bin) / Math.max(1, counts.highest());
                double from = x(counts.begins(bin));
                double wide = x(counts.begins(bin + 1)) - from;
                pen.fillRect(from, y + high - share * (high - 3), wide + 0.4, share * (high - 3));
            }
        }

        private void mark(double ms, double y, double high, Role role) {
            pen.stroke(role);
            pen.lineWidth(1.6);
            pen.line(x(ms), y + 1, x(ms), y + high);
        }

        private void axis(double y) {
            pen.fill(Role.MUTED);
            pen.align(Align.CENTER);
            int fit = (int) Math.clamp((x(longest) - x(0)) / pen.scaled(TICK_ROOM), 1, 6);
            double step = Ticks.step(longest, fit);
            for (double ms = 0; ms <= longest; ms += step) {
                boolean last = ms + step > longest;
                pen.text(numbers.text(ms, 0) + (last ? " ms" : ""), x(ms), y + rowHigh / 2);
            }
        }

        private void name(String text, double middle, Role role) {
            pen.fill(role);
            pen.align(Align.LEFT);
            pen.text(text, 0, middle);
        }

        private void value(String text, double middle, Role role) {
            pen.fill(role);
            pen.align(Align.LEFT);
            pen.text(text, right + 10, middle);
        }

        private String spread(Figure mean, Figure p5, Figure p95) {
            return "%s  (%s)".formatted(numbers.text(mean, 1), numbers.range(p5, p95, 1));
        }
    }
}
