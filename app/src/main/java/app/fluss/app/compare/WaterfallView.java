package app.fluss.app.compare;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Palette;
import app.fluss.app.theme.Palette.Role;
import app.fluss.app.theme.Theme;
import app.fluss.core.attribute.Cells;
import app.fluss.core.attribute.Part;
import app.fluss.core.attribute.Waterfall;
import java.util.ArrayList;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;

/// The way from the native path to the package: each step starts where the one before it ended, the whole
/// stands below.
/// Ratios on a logarithmic scale, so that equal steps are equally long.
final class WaterfallView extends CanvasView {
    private static final double LINE_PX = 26;
    private static final double NAME_PX = 210;
    private static final double TEXT_PX = 150;

    private final List<Part> parts;
    private final Cells.Scale scale;
    private final double[] from;
    private final double[] to;
    private final double low;
    private final double high;

    WaterfallView(Theme theme, Waterfall way, Cells.Scale scale) {
        super(theme, "Steps from the native path to the package");
        this.scale = scale;
        parts = new ArrayList<>(way.steps());
        parts.add(way.whole());
        from = new double[parts.size()];
        to = new double[parts.size()];
        double at = 0;
        double least = 0;
        double most = 0;
        for (int i = 0; i < parts.size(); i++) {
            boolean whole = i == parts.size() - 1;
            from[i] = whole ? 0 : at;
            to[i] = from[i] + along(parts.get(i).value());
            at = to[i];
            double start = from[i];
            least = Math.min(
                    least,
                    Math.min(
                            to[i],
                            parts.get(i)
                                    .interval()
                                    .map(ends -> start + along(ends.low()))
                                    .orElse(start)));
            most = Math.max(
                    most,
                    Math.max(
                            to[i],
                            parts.get(i)
                                    .interval()
                                    .map(ends -> start + along(ends.high()))
                                    .orElse(start)));
        }
        low = least;
        high = Math.max(most, least + 1e-9);
        textScaled();
    }

    private double along(double value) {
        return scale == Cells.Scale.RATIO ? Math.log(value) : value;
    }

    @Override
    protected void textScaled() {
        if (parts != null) {
            setMinHeight(scaled(LINE_PX) * parts.size());
            setPrefHeight(scaled(LINE_PX) * parts.size());
        }
    }

    @Override
    protected void draw(GraphicsContext g, Palette palette, double width, double height) {
        double left = scaled(NAME_PX);
        double right = width - scaled(TEXT_PX) - 12;
        g.setTextBaseline(VPos.CENTER);
        for (int i = 0; i < parts.size(); i++) {
            double y = scaled(LINE_PX) * (i + 0.5);
            boolean whole = i == parts.size() - 1;
            double start = x(from[i], left, right);
            double end = x(to[i], left, right);
            if (!whole) {
                g.setStroke(palette.get(Role.LINE));
                g.setLineWidth(1);
                g.strokeLine(end, y, end, y + scaled(LINE_PX));
            }
            // More is better of a rate, less of latency.
            boolean better = to[i] >= from[i] == (scale == Cells.Scale.RATIO);
            g.setFill(palette.get(whole ? Role.SLATE : better ? Role.WATER : Role.WARM));
            g.fillRect(Math.min(start, end), y - scaled(6), Math.max(2, Math.abs(end - start)), scaled(12));
            double origin = from[i];
            g.setStroke(palette.get(Role.INK));
            g.setLineWidth(1.2);
            parts.get(i).interval().ifPresent(ends -> {
                double a = x(origin + along(ends.low()), left, right);
                double b = x(origin + along(ends.high()), left, right);
                g.strokeLine(a, y, b, y);
                g.strokeLine(a, y - 4, a, y + 4);
                g.strokeLine(b, y - 4, b, y + 4);
            });
            g.setFill(palette.get(Role.INK));
            g.setTextAlign(TextAlignment.LEFT);
            g.fillText(parts.get(i).name(), 2, y, scaled(NAME_PX) - 14);
            g.fillText(AttributionPane.text(parts.get(i), scale), right + 12, y, scaled(TEXT_PX));
        }
    }

    private double x(double value, double left, double right) {
        return left + (value - low) / (high - low) * (right - left);
    }
}
