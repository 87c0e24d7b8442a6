package app.fluss.core.tune;

import app.fluss.core.measure.Rates;

/// What a cap and a multiplier would give.
///
/// @param capFps the cap, /s; NaN for none
/// @param multiplier images presented per rendered one; 1 for none
/// @param capHeld share of the time in which the game keeps up with the cap, 0 to 1; NaN without a cap
/// @param rates rendered, presented and delivered
/// @param latencyMs mean from input to half light as far as stages are known, ms; for differences
/// @param addedMs over the native run without a cap, ms
/// @param motionMs mean motion timing error, ms; NaN if it cannot be had
/// @param evenShare share of images with the commonest hold, 0 to 1; NaN if it cannot be had
/// @param load busy share of the card that generates, or of the game's where nothing is generated, 0 to 1
public record TuneCell(
        double capFps,
        int multiplier,
        double capHeld,
        Rates rates,
        double latencyMs,
        double addedMs,
        double motionMs,
        double evenShare,
        double load) {
    /// Share of the time from which a cap counts as held. Common practice, no source.
    public static final double REACHED = 0.9;

    private static final double WASTE = 0.05;

    /// Base rate, /s.
    public double baseFps() {
        return rates.rendered().orNaN();
    }

    /// Delivered rate, /s.
    public double deliveredFps() {
        return rates.delivered().orNaN();
    }

    /// Images handed on that nobody sees, /s.
    public double surplusFps() {
        return rates.presented().orNaN() - rates.delivered().orNaN();
    }

    /// Whether images are handed on that nobody sees, more than one in twenty.
    public boolean isWasteful() {
        return surplusFps() > WASTE * deliveredFps();
    }

    /// Whether the cap is out of reach: the game seldom keeps up with it.
    public boolean isOutOfReach() {
        return capHeld < REACHED;
    }
}
