package app.fluss.app.theme;

import app.fluss.files.draw.Marks;
import app.fluss.files.draw.Palette;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen;
import javafx.scene.canvas.Canvas;
import javafx.scene.image.Image;

/// The mark of Fluss: three threads of a weave, the middle one off beat.
public final class Icon {
    private static final int SIZE = 64;

    private Icon() {}

    /// The mark as a picture, drawn with the shapes of the weave.
    public static Image image() {
        Canvas canvas = new Canvas(SIZE, SIZE);
        Pen pen = new CanvasPen(canvas.getGraphicsContext2D(), Palette.DARK, 1);
        pen.fill(Role.GROUND);
        pen.fillRoundRect(0, 0, SIZE, SIZE, 18);
        for (int row = 0; row < 3; row++) {
            double y = 10 + row * 16;
            double shift = row == 1 ? 8 : 0;
            Marks.rendered(pen, 8 + shift, y, 14, 12);
            Marks.generated(pen, 24 + shift, y, 14, 12);
            if (row == 1) {
                Marks.lost(pen, 50, y, 11);
            } else {
                Marks.rendered(pen, 42, y, 14, 12);
            }
        }
        return canvas.snapshot(null, null);
    }
}
