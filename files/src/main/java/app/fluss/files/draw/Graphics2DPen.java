package app.fluss.files.draw;

import app.fluss.files.draw.Palette.Role;
import java.awt.AlphaComposite;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Composite;
import java.awt.Font;
import java.awt.FontMetrics;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;

/// Draws by the platform's two-dimensional graphics, which writers of pictures, of SVG and of PDF all
/// take.
public final class Graphics2DPen implements Pen {
    private static final float MITER = 10;

    private final Graphics2D g;
    private final Palette palette;
    private final Numbers numbers;
    private final double scale;
    private Color fill = Color.BLACK;
    private Color stroke = Color.BLACK;
    private double lineWidth = 1;
    private double[] dashes = {};
    private Align align = Align.LEFT;
    private Baseline baseline = Baseline.CENTER;

    /// @param scale size of text, times the usual
    public Graphics2DPen(Graphics2D g, Palette palette, Numbers numbers, double scale) {
        this.g = g;
        this.palette = palette;
        this.numbers = numbers;
        this.scale = scale;
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_FRACTIONALMETRICS, RenderingHints.VALUE_FRACTIONALMETRICS_ON);
        font(TEXT_PX, TextFace.Weight.REGULAR);
    }

    @Override
    public Numbers numbers() {
        return numbers;
    }

    @Override
    public double scaled(double px) {
        return px * scale;
    }

    private Color colour(Role role, double opacity) {
        Color full = new Color(palette.rgb(role));
        return opacity >= 1
                ? full
                : new Color(full.getRed(), full.getGreen(), full.getBlue(), (int) Math.round(opacity * 255));
    }

    @Override
    public void fill(Role role, double opacity) {
        fill = colour(role, opacity);
    }

    @Override
    public void stroke(Role role) {
        stroke = colour(role, 1);
    }

    @Override
    public void opacity(double share) {
        Composite composite = share >= 1
                ? AlphaComposite.SrcOver
                : AlphaComposite.getInstance(AlphaComposite.SRC_OVER, (float) share);
        g.setComposite(composite);
    }

    @Override
    public void lineWidth(double px) {
        lineWidth = px;
    }

    @Override
    public void dashes(double... px) {
        dashes = px.clone();
    }

    private void area(Shape shape) {
        g.setPaint(fill);
        g.fill(shape);
    }

    private void edge(Shape shape) {
        float[] lengths = new float[dashes.length];
        for (int i = 0; i < lengths.length; i++) {
            lengths[i] = (float) dashes[i];
        }
        g.setStroke(new BasicStroke(
                (float) lineWidth,
                BasicStroke.CAP_BUTT,
                BasicStroke.JOIN_MITER,
                MITER,
                lengths.length == 0 ? null : lengths,
                0));
        g.setPaint(stroke);
        g.draw(shape);
    }

    @Override
    public void fillRect(double x, double y, double width, double height) {
        area(new Rectangle2D.Double(x, y, width, height));
    }

    @Override
    public void fillColumns(double x, double[] tops, double[] heights) {
        Path2D path = new Path2D.Double();
        for (int i = 0; i < tops.length; i++) {
            if (!Double.isNaN(tops[i])) {
                path.append(new Rectangle2D.Double(x + i, tops[i], 1, heights[i]), false);
            }
        }
        area(path);
    }

    @Override
    public void strokeRect(double x, double y, double width, double height) {
        edge(new Rectangle2D.Double(x, y, width, height));
    }

    @Override
    public void fillRoundRect(double x, double y, double width, double height, double arc) {
        area(new RoundRectangle2D.Double(x, y, width, height, arc, arc));
    }

    @Override
    public void line(double x1, double y1, double x2, double y2) {
        edge(new Line2D.Double(x1, y1, x2, y2));
    }

    @Override
    public void polyline(double[] xs, double[] ys) {
        edge(path(xs, ys, false));
    }

    @Override
    public void fillPolygon(double[] xs, double[] ys) {
        area(path(xs, ys, true));
    }

    @Override
    public void strokePolygon(double[] xs, double[] ys) {
        edge(path(xs, ys, true));
    }

    private static Path2D path(double[] xs, double[] ys, boolean closed) {
        Path2D path = new Path2D.Double(Path2D.WIND_NON_ZERO, xs.length + 1);
        for (int i = 0; i < xs.length; i++) {
            if (i == 0) {
                path.moveTo(xs[i], ys[i]);
            } else {
                path.lineTo(xs[i], ys[i]);
            }
        }
        if (closed && xs.length > 0) {
            path.closePath();
        }
        return path;
    }

    @Override
    public void fillOval(double x, double y, double width, double height) {
        area(new Ellipse2D.Double(x, y, width, height));
    }

    @Override
    public void strokeOval(double x, double y, double width, double height) {
        edge(new Ellipse2D.Double(x, y, width, height));
    }

    @Override
    public void font(double px, TextFace.Weight weight) {
        Font face = AwtFace.of(weight).deriveFont((float) scaled(px));
        g.setFont(face);
    }

    @Override
    public void align(Align to) {
        align = to;
    }

    @Override
    public void baseline(Baseline to) {
        baseline = to;
    }

    @Override
    public void text(String text, double x, double y) {
        if (text.isEmpty()) {
            return;
        }
        FontMetrics metrics = g.getFontMetrics();
        double wide = align == Align.LEFT ? 0 : width(text);
        double left = switch (align) {
            case LEFT -> x;
            case CENTER -> x - wide / 2;
            case RIGHT -> x - wide;
        };
        double foot = switch (baseline) {
            case TOP -> y + metrics.getAscent();
            case CENTER -> y + (metrics.getAscent() - metrics.getDescent()) / 2.0;
            case BOTTOM -> y - metrics.getDescent();
        };
        g.setPaint(fill);
        g.drawString(text, (float) left, (float) foot);
    }

    @Override
    public double width(String text) {
        return text.isEmpty()
                ? 0
                : g.getFont().getStringBounds(text, AwtFace.EXACT).getWidth();
    }

    @Override
    public void clipped(double x, double y, double width, double height, Runnable drawing) {
        Shape before = g.getClip();
        g.clip(new Rectangle2D.Double(x, y, width, height));
        drawing.run();
        g.setClip(before);
    }
}
