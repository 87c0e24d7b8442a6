package app.fluss.core.tune;

import app.fluss.core.measure.DisplayMode;

/// What stays the same while cap and multiplier are tried.
///
/// @param costMs GPU time to make one image, ms, 0 or more
/// @param ownCard whether images are made on a card of their own, so that the game gives up nothing
/// @param copyMs what a copy to that card takes, ms, 0 or more
/// @param mode refresh and sync of the display
/// @param waiting with fifo, images that may wait before the game must, 1 to 8
/// @param inFlight frames between start and end at most, 1 to 16
public record TuneBench(double costMs, boolean ownCard, double copyMs, DisplayMode mode, int waiting, int inFlight) {
    /// Images that wait where nothing is stated. Common practice, no source.
    public static final int USUAL_WAITING = 2;

    /// @throws IllegalArgumentException outside the ranges
    public TuneBench {
        if (!(costMs >= 0 && copyMs >= 0) || waiting < 1 || waiting > 8 || inFlight < 1 || inFlight > 16) {
            throw new IllegalArgumentException(
                    "costMs and copyMs must be 0 or more, waiting 1..8 and inFlight 1..16, got %s, %s, %d and %d"
                            .formatted(costMs, copyMs, waiting, inFlight));
        }
    }

    /// Without a copy, and with the usual number of images that may wait.
    public TuneBench(double costMs, boolean ownCard, DisplayMode mode, int inFlight) {
        this(costMs, ownCard, 0, mode, USUAL_WAITING, inFlight);
    }
}
