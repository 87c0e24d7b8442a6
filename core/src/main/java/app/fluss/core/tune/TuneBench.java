package app.fluss.core.tune;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.path.StatedCopy;
import java.util.Map;

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

    private static final int USUAL_IN_FLIGHT = 2;
    private static final String USUAL_BYTES = "4";

    /// @throws IllegalArgumentException outside the ranges
    public TuneBench {
        if (!(costMs >= 0 && copyMs >= 0) || waiting < 1 || waiting > 8 || inFlight < 1 || inFlight > 16) {
            throw new IllegalArgumentException(
                    "costMs and copyMs must be 0 or more, waiting 1..8 and inFlight 1..16, got %s, %s, %d and %d"
                            .formatted(costMs, copyMs, waiting, inFlight));
        }
    }

    /// As a bench is stated; what is not stated is as usual, and a copy that is not takes no time.
    ///
    /// @param costMs GPU time to make one image, ms, 0 or more
    /// @param ownCard whether images are made on a card of their own
    /// @param setup facts of bench and game
    public static TuneBench stated(double costMs, boolean ownCard, DisplayMode mode, Setup setup) {
        Setup usual = Setup.EMPTY
                .with(
                        Map.of(
                                FactKey.COPY_BYTES, USUAL_BYTES,
                                FactKey.WAITING_IMAGES, Integer.toString(USUAL_WAITING),
                                FactKey.FRAMES_IN_FLIGHT, Integer.toString(USUAL_IN_FLIGHT)),
                        FactSource.BENCH)
                .with(setup.facts());
        double copyMs = StatedCopy.ms(usual);
        return new TuneBench(
                costMs,
                ownCard,
                ownCard && copyMs > 0 ? copyMs : 0,
                mode,
                (int) usual.number(FactKey.WAITING_IMAGES),
                (int) usual.number(FactKey.FRAMES_IN_FLIGHT));
    }

    /// Without a copy, and with the usual number of images that may wait.
    public TuneBench(double costMs, boolean ownCard, DisplayMode mode, int inFlight) {
        this(costMs, ownCard, 0, mode, USUAL_WAITING, inFlight);
    }
}
