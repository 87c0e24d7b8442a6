package app.fluss.app.theme;

import app.fluss.app.theme.Palette.Role;
import javafx.scene.canvas.GraphicsContext;

/// The shapes that stand for what an image is. Each can be told without its colour.
public final class Marks {
    private Marks() {}

    /// A rendered image: a full block with one cut corner.
    public static void rendered(GraphicsContext g, Palette palette, double x, double y, double w, double h) {
        double cut = Math.min(w, h) * 0.35;
        g.setFill(palette.get(Role.WATER));
        g.fillPolygon(new double[] {x, x + w - cut, x + w, x + w, x}, new double[] {y, y, y + cut, y + h, y + h}, 5);
    }

    /// A generated image: a lens, low in the cell.
    public static void generated(GraphicsContext g, Palette palette, double x, double y, double w, double h) {
        g.setFill(palette.get(Role.FOAM));
        g.fillPolygon(
                new double[] {x, x + w / 2, x + w, x + w / 2},
                new double[] {y + h * 0.6, y + h * 0.2, y + h * 0.6, y + h},
                4);
    }

    /// The refreshes that an image stays on: a thread along the foot.
    public static void held(GraphicsContext g, Palette palette, double x, double y, double w, double h) {
        g.setFill(palette.get(Role.SLATE));
        g.fillRect(x, y + h * 0.78, w, Math.max(1, h * 0.14));
    }

    /// An image that never reached the panel: a wedge that points at where it would have been.
    public static void lost(GraphicsContext g, Palette palette, double x, double y, double size) {
        g.setFill(palette.get(Role.WARM));
        g.fillPolygon(new double[] {x - size / 2, x + size / 2, x}, new double[] {y, y, y + size}, 3);
    }

    /// An image that repeats the one before it: an open ring.
    public static void repeated(GraphicsContext g, Palette palette, double x, double y, double w, double h) {
        double size = Math.min(w, h) * 0.62;
        g.setStroke(palette.get(Role.WARM));
        g.setLineWidth(1.3);
        g.strokeOval(x + (w - size) / 2, y + (h - size) / 2, size, size);
    }
}
