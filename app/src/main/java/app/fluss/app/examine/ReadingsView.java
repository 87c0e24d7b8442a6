package app.fluss.app.examine;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Palette;
import app.fluss.app.theme.Palette.Role;
import app.fluss.app.theme.Theme;
import app.fluss.core.measure.Ticks;
import app.fluss.core.reading.Reading;
import app.fluss.core.reading.ReadingSeries;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;

/// What a counter said over time: each reading stands until the next, a range as a band, marks below, the worst stretch
/// in the warm tone.
final class ReadingsView extends CanvasView {
    private static final double LEFT = 40;
    private static final double BOTTOM = 40;
    private static final double TOP = 14;

    private Optional<ReadingSeries> shown = Optional.empty();

    ReadingsView(Theme theme) {
        super(theme, "What the counter said over time");
        setId("readings-chart");
        setMinHeight(170);
        setPrefHeight(200);
    }

    void show(Optional<ReadingSeries> series) {
        shown = series.filter(ReadingSeries::isTimed);
        redraw();
    }

    private record Scale(double left, double right, double top, double bottom, double from, double to, double most) {
        double x(double second) {
            return left + (right - left) * (second - from) / (to - from);
        }

        double y(double fps) {
            return bottom - (bottom - top) * fps / most;
        }
    }

    @Override
    protected void draw(GraphicsContext g, Palette palette, double width, double height) {
        if (shown.isEmpty()) {
            return;
        }
        ReadingSeries series = shown.get();
        double from = series.readings().getFirst().second();
        double most = series.readings().stream()
                .mapToDouble(one -> Double.isNaN(one.highFps()) ? one.fps() : one.highFps())
                .max()
                .orElse(1);
        Scale scale = new Scale(
                scaled(LEFT),
                width - 10,
                scaled(TOP),
                height - scaled(BOTTOM),
                from,
                from + series.seconds().orNaN(),
                Math.max(1, most * 1.08));
        axes(g, palette, scale);
        series.worst().ifPresent(worst -> {
            g.setFill(palette.get(Role.BAND));
            g.fillRect(
                    scale.x(worst.fromS()),
                    scale.top,
                    scale.x(worst.toS()) - scale.x(worst.fromS()),
                    scale.bottom - scale.top);
        });
        steps(g, palette, scale, series);
        marks(g, palette, scale, series);
    }

    private void axes(GraphicsContext g, Palette palette, Scale scale) {
        g.setLineWidth(1);
        g.setTextBaseline(VPos.CENTER);
        double step = Ticks.step(scale.most, 5);
        for (double fps = 0; fps < scale.most; fps += step) {
            g.setStroke(palette.get(Role.LINE));
            g.strokeLine(scale.left, scale.y(fps), scale.right, scale.y(fps));
            g.setFill(palette.get(Role.MUTED));
            g.setTextAlign(TextAlignment.RIGHT);
            g.fillText(Numbers.text(fps, 0), scale.left - 6, scale.y(fps));
        }
        g.setTextAlign(TextAlignment.CENTER);
        double seconds = Ticks.step(scale.to - scale.from, 8);
        for (double at = Math.ceil(scale.from / seconds) * seconds; at <= scale.to; at += seconds) {
            g.fillText(Numbers.text(at, 0), scale.x(at), scale.bottom + scaled(10));
        }
        g.setTextAlign(TextAlignment.RIGHT);
        g.fillText("s", scale.right, scale.bottom + scaled(24));
    }

    private void steps(GraphicsContext g, Palette palette, Scale scale, ReadingSeries series) {
        double lowest = series.worst().map(ReadingSeries.Standing::fps).orElse(Double.NaN);
        for (int i = 0; i < series.readings().size(); i++) {
            Reading one = series.readings().get(i);
            double x = scale.x(one.second());
            double end = scale.x(one.second() + series.stoodS(i));
            if (one.highFps() > one.lowFps()) {
                g.setFill(palette.get(Role.FOAM));
                g.setGlobalAlpha(0.45);
                g.fillRect(x, scale.y(one.highFps()), end - x, scale.y(one.lowFps()) - scale.y(one.highFps()));
                g.setGlobalAlpha(1);
            }
            boolean worst = one.fps() <= lowest;
            g.setStroke(palette.get(worst ? Role.WARM : Role.WATER));
            g.setLineWidth(2.4);
            g.strokeLine(x, scale.y(one.fps()), end, scale.y(one.fps()));
            g.setFill(palette.get(worst ? Role.WARM : Role.WATER));
            g.fillOval(x - 3, scale.y(one.fps()) - 3, 6, 6);
        }
        g.setLineWidth(1);
    }

    private void marks(GraphicsContext g, Palette palette, Scale scale, ReadingSeries series) {
        g.setTextAlign(TextAlignment.LEFT);
        double free = Double.NEGATIVE_INFINITY;
        for (ReadingSeries.Mark mark : series.marks()) {
            double x = Math.clamp(scale.x(mark.second()), scale.left, scale.right);
            g.setStroke(palette.get(Role.SLATE));
            g.setLineDashes(2, 3);
            g.strokeLine(x, scale.top, x, scale.bottom + scaled(16));
            g.setLineDashes();
            if (x > free) {
                g.setFill(palette.get(Role.INK));
                g.fillText(mark.words(), x + 4, scale.bottom + scaled(24));
                free = x + scaled(7) * mark.words().length();
            }
        }
    }
}
