package app.fluss.core.gpu;

import java.util.List;

/// A size of images.
///
/// @param widthPx 1 or more
/// @param heightPx 1 or more
public record Output(int widthPx, int heightPx) {
    /// The usual ones, smallest first.
    public static final List<Output> USUAL = List.of(
            new Output(1280, 720),
            new Output(1920, 1080),
            new Output(2560, 1440),
            new Output(3440, 1440),
            new Output(3840, 2160));

    private static final double MEGA = 1e6;

    /// Pixels, millions.
    public double megapixels() {
        return widthPx * (double) heightPx / MEGA;
    }

    /// The name for people.
    public String title() {
        return widthPx + " × " + heightPx;
    }
}
