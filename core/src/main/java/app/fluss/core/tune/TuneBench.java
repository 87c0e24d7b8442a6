package app.fluss.core.tune;

import app.fluss.core.measure.DisplayMode;

/// What stays the same while cap and multiplier are tried.
///
/// @param costMs GPU time to make one image, ms, 0 or more
/// @param ownCard whether images are made on a card of their own, so that the game gives up nothing
/// @param mode refresh and sync of the display
/// @param inFlight frames between start and end at most, 1 to 16
public record TuneBench(double costMs, boolean ownCard, DisplayMode mode, int inFlight) {
    /// @throws IllegalArgumentException outside the ranges
    public TuneBench {
        if (!(costMs >= 0) || inFlight < 1 || inFlight > 16) {
            throw new IllegalArgumentException(
                    "costMs must be 0 or more and inFlight 1..16, got %s and %d".formatted(costMs, inFlight));
        }
    }
}
