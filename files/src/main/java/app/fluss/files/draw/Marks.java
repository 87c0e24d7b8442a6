package app.fluss.files.draw;

import app.fluss.files.draw.Palette.Role;

/// The shapes that stand for what an image is. Each can be told without its colour.
public final class Marks {
    private Marks() {}

    /// A rendered image: a full block with one cut corner.
    public static void rendered(Pen pen, double x, double y, double w, double h) {
        double cut = Math.min(w, h) * 0.35;
        pen.fill(Role.WATER);
        pen.fillPolygon(new double[] {x, x + w - cut, x + w, x + w, x}, new double[] {y, y, y + cut, y + h, y + h});
    }

    /// A generated image: a lens, low in the cell.
    public static void generated(Pen pen, double x, double y, double w, double h) {
        pen.fill(Role.FOAM);
        pen.fillPolygon(
                new double[] {x, x + w / 2, x + w, x + w / 2},
                new double[] {y + h * 0.6, y + h * 0.2, y + h * 0.6, y + h});
    }

    /// The refreshes that an image stays on: a thread along the foot.
    public static void held(Pen pen, double x, double y, double w, double h) {
        pen.fill(Role.SLATE);
        pen.fillRect(x, y + h * 0.78, w, Math.max(1, h * 0.14));
    }

    /// An image that never reached the panel: a wedge that points at where it would have been.
    public static void lost(Pen pen, double x, double y, double size) {
        pen.fill(Role.WARM);
        pen.fillPolygon(new double[] {x - size / 2, x + size / 2, x}, new double[] {y, y, y + size});
    }

    /// An image that repeats the one before it: an open ring.
    public static void repeated(Pen pen, double x, double y, double w, double h) {
        double size = Math.min(w, h) * 0.62;
        pen.stroke(Role.WARM);
        pen.lineWidth(1.3);
        pen.strokeOval(x + (w - size) / 2, y + (h - size) / 2, size, size);
    }
}
