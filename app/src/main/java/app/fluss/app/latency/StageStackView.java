package app.fluss.app.latency;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Palette;
import app.fluss.app.theme.Palette.Role;
import app.fluss.app.theme.Theme;
import app.fluss.core.latency.chain.Basis;
import app.fluss.core.latency.chain.ChainEstimate;
import app.fluss.core.latency.chain.LatencyStage;
import app.fluss.core.latency.chain.StageTime;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Histogram;
import app.fluss.core.measure.Ticks;
import app.fluss.files.known.AnalysedLatency;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;
import org.jspecify.annotations.Nullable;

/// The stage stack: each stage begins where the one before ends on average, so that the steps lead from the
/// input down to the light. Below, the estimated total and the measured samples over the same axis.
final class StageStackView extends CanvasView {
    private static final double TICK_ROOM = 44;
    private static final double NAME = 128;
    private static final double VALUES = 132;
    private static final double GAP = 12;
    private static final int BINS = 60;

    private @Nullable AnalysedLatency latency;

    StageStackView(Theme theme) {
        super(theme, "Stage stack: what each stage adds between input and light");
        setId("stage-stack");
    }

    void show(@Nullable AnalysedLatency shown) {
        latency = shown;
        redraw();
    }

    @Override
    protected void draw(GraphicsContext g, Palette palette, double width, double height) {
        AnalysedLatency shown = latency;
        if (shown == null) {
            return;
        }
        if (shown.estimate().isEmpty() && shown.measured().isEmpty()) {
            g.setFill(palette.get(Role.MUTED));
            g.setTextBaseline(VPos.TOP);
            g.fillText(shown.noEstimate(), 0, 4);
            return;
        }
        new Drawing(g, palette, shown, width, height).draw();
    }

    /// One drawing of it.
    private final class Drawing {
        private final GraphicsContext g;
        private final Palette palette;
        private final AnalysedLatency shown;
        private final List<StageTime> stages;
        private final double left = scaled(NAME);
        private final double right;
        private final double rowHigh;
        private final double longest;

        Drawing(GraphicsContext g, Palette palette, AnalysedLatency shown, double width, double height) {
            this.g = g;
            this.palette = palette;
            this.shown = shown;
            stages = shown.estimate().map(ChainEstimate::stages).orElse(List.of());
            right = width - scaled(VALUES);
            int rows = stages.size() + (shown.measured().isPresent() ? 4 : 2);
            rowHigh = Math.min(scaled(38), (height - GAP) / rows);
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
            g.setTextBaseline(VPos.CENTER);
            for (int row = 0; row < stages.size(); row++) {
                double begins = shown.estimate().orElseThrow().beginsMs(row);
                stage(stages.get(row), begins, row * rowHigh);
            }
            double y = stages.size() * rowHigh + 5;
            g.setStroke(palette.get(Role.LINE));
            g.setLineWidth(1);
            g.strokeLine(0, y, right + scaled(VALUES), y);
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
                g.setStroke(palette.get(Role.WARM));
                g.setLineDashes(2, 4);
                g.strokeLine(x(from), y + 3, x(from), y + rowHigh - 3);
                g.setLineDashes();
                value(Numbers.reason(time.mean()).isEmpty() ? "" : "not stated", middle, Role.WARM);
                return;
            }
            double mean = time.mean().orNaN();
            g.setFill(palette.get(time.basis() == Basis.MEASURED ? Role.WATER : Role.FOAM));
            g.fillRect(x(from), y + 4, Math.max(1.5, x(from + mean) - x(from)), rowHigh - 8);
            if (time.basis() == Basis.ESTIMATED && mean > 0) {
                g.setStroke(palette.get(Role.WATER));
                g.setLineWidth(1.2);
                g.setLineDashes(2, 3);
                g.strokeRect(x(from), y + 4, Math.max(1.5, x(from + mean) - x(from)), rowHigh - 8);
                g.setLineDashes();
            }
            whisker(from + time.p5().orNaN(), from + time.p95().orNaN(), middle);
            g.setStroke(palette.get(Role.LINE));
            g.setLineWidth(1);
            g.strokeLine(x(from + mean), y + rowHigh - 4, x(from + mean), y + rowHigh + 4);
            value(spread(time.mean(), time.p5(), time.p95()), middle, Role.INK);
        }

        private void whisker(double from, double to, double middle) {
            g.setStroke(palette.get(Role.INK));
            g.setLineWidth(1.2);
            g.strokeLine(x(from), middle, x(to), middle);
            g.strokeLine(x(from), middle - 3, x(from), middle + 3);
            g.strokeLine(x(to), middle - 3, x(to), middle + 3);
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
                String sign = left.differenceMs() < 0 ? "−" : "+";
                String words = "%s%s ms unexplained".formatted(sign, Numbers.text(Math.abs(left.differenceMs()), 1));
                value(words, middle + rowHigh / 2, left.causes().isEmpty() ? Role.MUTED : Role.WARM);
            });
        }

        private void hill(Histogram counts, double y, double high, Role role) {
            g.setFill(palette.get(role));
            for (int bin = 0; bin < counts.size(); bin++) {
                double share = (double) counts.count(bin) / Math.max(1, counts.highest());
                double from = x(counts.begins(bin));
                double wide = x(counts.begins(bin + 1)) - from;
                g.fillRect(from, y + high - share * (high - 3), wide + 0.4, share * (high - 3));
            }
        }

        private void mark(double ms, double y, double high, Role role) {
            g.setStroke(palette.get(role));
            g.setLineWidth(1.6);
            g.strokeLine(x(ms), y + 1, x(ms), y + high);
        }

        private void axis(double y) {
            g.setFill(palette.get(Role.MUTED));
            g.setTextAlign(TextAlignment.CENTER);
            int fit = (int) Math.clamp((x(longest) - x(0)) / scaled(TICK_ROOM), 1, 6);
            double step = Ticks.step(longest, fit);
            for (double ms = 0; ms <= longest; ms += step) {
                boolean last = ms + step > longest;
                g.fillText(Numbers.text(ms, 0) + (last ? " ms" : ""), x(ms), y + rowHigh / 2);
            }
        }

        private void name(String text, double middle, Role role) {
            g.setFill(palette.get(role));
            g.setTextAlign(TextAlignment.LEFT);
            g.fillText(text, 0, middle);
        }

        private void value(String text, double middle, Role role) {
            g.setFill(palette.get(role));
            g.setTextAlign(TextAlignment.LEFT);
            g.fillText(text, right + 10, middle);
        }

        private static String spread(Figure mean, Figure p5, Figure p95) {
            return "%s  (%s – %s)".formatted(Numbers.text(mean, 1), Numbers.text(p5, 1), Numbers.text(p95, 1));
        }
    }
}
