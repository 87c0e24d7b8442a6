package app.fluss.files.draw;

import app.fluss.files.draw.Palette.Role;

/// The emblem of Fluss: three threads of a weave, the middle one off beat. It is drawn with the shapes of
/// the weave.
public final class Emblem {
    /// Width and height, px: {@value}.
    public static final int SIZE = 64;

    private Emblem() {}

    /// Draws it at the origin.
    public static void draw(Pen pen) {
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
    }
}
