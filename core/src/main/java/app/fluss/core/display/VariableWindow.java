package app.fluss.core.display;

import app.fluss.core.measure.Figure;

/// What a variable-refresh window does to a rate of images: within it each is shown as it comes, above its
/// ceiling the display limits, below its floor each is repeated as often as it takes to come back into it.
///
/// @param floorHz lowest rate, above 0
/// @param ceilingHz highest rate, at least the floor
public record VariableWindow(double floorHz, double ceilingHz) {
    /// @throws IllegalArgumentException outside the ranges
    public VariableWindow {
        if (!(floorHz > 0 && floorHz <= ceilingHz)) {
            throw new IllegalArgumentException(
                    "floorHz must be above 0 and at most ceilingHz, got %s and %s".formatted(floorHz, ceilingHz));
        }
    }

    /// How often the panel shows each image: 1 within the window. Missing where no whole number of repeats
    /// falls into it, as with a ceiling under twice the floor.
    ///
    /// @param imagesPerSecond above 0
    public Figure showings(double imagesPerSecond) {
        double least = Math.max(1, Math.ceil(floorHz / imagesPerSecond - 1e-9));
        return imagesPerSecond > ceilingHz || least * imagesPerSecond <= ceilingHz
                ? Figure.of(least)
                : Figure.missing("no whole number of repeats falls into a window from %s to %s Hz"
                        .formatted(plain(floorHz), plain(ceilingHz)));
    }

    private static String plain(double hz) {
        return hz == Math.rint(hz) ? Long.toString(Math.round(hz)) : Double.toString(hz);
    }
}
