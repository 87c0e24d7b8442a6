package app.fluss.core.gpu;

/// A power supply and what it feeds. Which supply a machine needs is for the makers' manuals to say; this only
/// adds up.
///
/// @param ratingW what it is rated for, above 0
/// @param firstCardW board power of the first card, 0 or more
/// @param secondCardW board power of the second card, 0 or more
/// @param restW everything else, 0 or more
public record Supply(double ratingW, double firstCardW, double secondCardW, double restW) {
    /// For moments a card takes more than its board power; this share of both cards is put aside. Common practice,
    /// no source.
    private static final double TRANSIENT_SHARE = 0.3;

    /// @throws IllegalArgumentException outside the ranges
    public Supply {
        if (!(ratingW > 0 && firstCardW >= 0 && secondCardW >= 0 && restW >= 0)) {
            throw new IllegalArgumentException("powers must be 0 or more and the rating above 0");
        }
    }

    /// What everything takes together, W.
    public double steadyW() {
        return firstCardW + secondCardW + restW;
    }

    /// What is put aside for moments, W.
    public double transientW() {
        return TRANSIENT_SHARE * (firstCardW + secondCardW);
    }

    /// Whether the rating covers both.
    public boolean isEnough() {
        return steadyW() + transientW() <= ratingW;
    }
}
