package app.fluss.app.theme;

import app.fluss.files.draw.Numbers;
import app.fluss.files.draw.Palette;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import app.fluss.files.draw.TextFace;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.FontWeight;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;

/// Draws on a canvas of the window.
final class CanvasPen implements Pen {
    private final GraphicsContext g;
    private final Palette palette;
    private final double scale;
    private final Numbers numbers = Numbers.ofUser();

    /// @param scale size of text, times the usual
    CanvasPen(GraphicsContext g, Palette palette, double scale) {
        this.g = g;
        this.palette = palette;
        this.scale = scale;
        font(TEXT_PX, TextFace.Weight.REGULAR);
        align(Align.LEFT);
        baseline(Baseline.CENTER);
        g.setLineWidth(1);
        g.setLineDashes();
        g.setGlobalAlpha(1);
    }

    @Override
    public Numbers numbers() {
        return numbers;
    }

    @Override
    public double scaled(double px) {
        return px * scale;
    }

    @Override
    public void fill(Role role, double opacity) {
        g.setFill(opacity < 1 ? colour(role).deriveColor(0, 1, 1, opacity) : colour(role));
    }

    @Override
    public void stroke(Role role) {
        g.setStroke(colour(role));
    }

    private Color colour(Role role) {
        return Theme.colour(palette, role);
    }

    @Override
    public void opacity(double share) {
        g.setGlobalAlpha(share);
    }

    @Override
    public void lineWidth(double px) {
        g.setLineWidth(px);
    }

    @Override
    public void dashes(double... px) {
        g.setLineDashes(px);
    }

    @Override
    public void fillRect(double x, double y, double width, double height) {
        g.fillRect(x, y, width, height);
    }

    @Override
    public void fillColumns(double x, double[] tops, double[] heights) {
        for (int i = 0; i < tops.length; i++) {
            if (!Double.isNaN(tops[i])) {
                g.fillRect(x + i, tops[i], 1, heights[i]);
            }
        }
    }

    @Override
    public void strokeRect(double x, double y, double width, double height) {
        g.strokeRect(x, y, width, height);
    }

    @Override
    public void fillRoundRect(double x, double y, double width, double height, double arc) {
        g.fillRoundRect(x, y, width, height, arc, arc);
    }

    @Override
    public void line(double x1, double y1, double x2, double y2) {
        g.strokeLine(x1, y1, x2, y2);
    }

    @Override
    public void polyline(double[] xs, double[] ys) {
        g.strokePolyline(xs, ys, xs.length);
    }

    @Override
    public void fillPolygon(double[] xs, double[] ys) {
        g.fillPolygon(xs, ys, xs.length);
    }

    @Override
    public void strokePolygon(double[] xs, double[] ys) {
        g.strokePolygon(xs, ys, xs.length);
    }

    @Override
    public void fillOval(double x, double y, double width, double height) {
        g.fillOval(x, y, width, height);
    }

    @Override
    public void strokeOval(double x, double y, double width, double height) {
        g.strokeOval(x, y, width, height);
    }

    @Override
    public void font(double px, TextFace.Weight weight) {
        FontWeight known = FontWeight.findByWeight(weight.number());
        g.setFont(Font.font(TextFace.NAME, known, scaled(px)));
    }

    @Override
    public void align(Align align) {
        g.setTextAlign(
                switch (align) {
                    case LEFT -> TextAlignment.LEFT;
                    case CENTER -> TextAlignment.CENTER;
                    case RIGHT -> TextAlignment.RIGHT;
                });
    }

    @Override
    public void baseline(Baseline baseline) {
        g.setTextBaseline(
                switch (baseline) {
                    case TOP -> VPos.TOP;
                    case CENTER -> VPos.CENTER;
                    case BOTTOM -> VPos.BOTTOM;
                });
    }

    @Override
    public void text(String text, double x, double y) {
        g.fillText(text, x, y);
    }

    @Override
    public double width(String text) {
        Text measured = new Text(text);
        measured.setFont(g.getFont());
        return measured.getLayoutBounds().getWidth();
    }

    @Override
    public void clipped(double x, double y, double width, double height, Runnable drawing) {
        g.save();
        g.beginPath();
        g.rect(x, y, width, height);
        g.clip();
        drawing.run();
        g.restore();
    }
}
