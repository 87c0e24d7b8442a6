package app.fluss.app.theme;

import app.fluss.files.draw.Emblem;
import app.fluss.files.draw.Palette;
import javafx.scene.canvas.Canvas;
import javafx.scene.image.Image;

/// The emblem of Fluss as the icon of its window.
public final class Icon {
    private Icon() {}

    /// As a picture, {@value Emblem#SIZE} px wide and high.
    public static Image image() {
        Canvas canvas = new Canvas(Emblem.SIZE, Emblem.SIZE);
        Emblem.draw(new CanvasPen(canvas.getGraphicsContext2D(), Palette.DARK, 1));
        return canvas.snapshot(null, null);
    }
}
