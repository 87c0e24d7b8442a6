package app.fluss.app.compare;

import app.fluss.app.theme.CanvasView;
import app.fluss.app.theme.Palette;
import app.fluss.app.theme.Palette.Role;
import app.fluss.app.theme.Theme;
import app.fluss.core.attribute.Bars;
import app.fluss.core.attribute.Cells;
import app.fluss.core.attribute.Waterfall;
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

    private final Bars bars;
    private final Cells.Scale scale;

    WaterfallView(Theme theme, Waterfall way, Cells.Scale scale) {
        super(theme, "Steps from the native path to the package");
        this.scale = scale;
        bars = Bars.of(way, scale);
        textScaled();
    }

    @Override
    protected void textScaled() {
        if (bars != null) {
            setMinHeight(scaled(LINE_PX) * bars.bars().size());
            setPrefHeight(scaled(LINE_PX) * bars.bars().size());
        }
    }

    @Override
    protected void draw(GraphicsContext g, Palette palette, double width, double height) {
        double left = scaled(NAME_PX);
        double right = width - scaled(TEXT_PX) - 12;
        g.setTextBaseline(VPos.CENTER);
        double y = scaled(LINE_PX) / 2;
        for (Bars.Bar bar : bars.bars()) {
            draw(g, palette, bar, y, left, right);
            y += scaled(LINE_PX);
        }
    }

    private void draw(GraphicsContext g, Palette palette, Bars.Bar bar, double y, double left, double right) {
        double start = x(bar.from(), left, right);
        double end = x(bar.to(), left, right);
        if (!bar.whole()) {
            g.setStroke(palette.get(Role.LINE));
            g.setLineWidth(1);
            g.strokeLine(end, y, end, y + scaled(LINE_PX));
        }
        g.setFill(palette.get(bar.whole() ? Role.SLATE : bar.better() ? Role.WATER : Role.WARM));
        g.fillRect(Math.min(start, end), y - scaled(6), Math.max(2, Math.abs(end - start)), scaled(12));
        if (bar.part().interval().isPresent()) {
            double a = x(bar.intervalFrom(), left, right);
            double b = x(bar.intervalTo(), left, right);
            g.setStroke(palette.get(Role.INK));
            g.setLineWidth(1.2);
            g.strokeLine(a, y, b, y);
            g.strokeLine(a, y - 4, a, y + 4);
            g.strokeLine(b, y - 4, b, y + 4);
        }
        g.setFill(palette.get(Role.INK));
        g.setTextAlign(TextAlignment.LEFT);
        g.fillText(bar.part().name(), 2, y, scaled(NAME_PX) - 14);
        g.fillText(AttributionPane.text(bar.part(), scale), right + 12, y, scaled(TEXT_PX));
    }

    private double x(double value, double left, double right) {
        double wide = bars.high() - bars.low();
        return wide > 0 ? left + (value - bars.low()) / wide * (right - left) : left;
    }
}
