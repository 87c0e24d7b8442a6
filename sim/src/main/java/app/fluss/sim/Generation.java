package app.fluss.sim;

/// What makes images between rendered ones.
public sealed interface Generation {
    /// Nothing does.
    record Off() implements Generation {}

    /// An interpolator on the game's own GPU: it waits for the next rendered image, then makes the ones
    /// between.
    ///
    /// @param multiplier images presented per rendered image, 2 to 20
    /// @param costMs GPU time for each generated image, ms
    /// @param behaviour what it really does
    record Interpolation(int multiplier, double costMs, Behaviour behaviour) implements Generation {
        /// @throws IllegalArgumentException outside the ranges
        public Interpolation {
            if (!(multiplier >= 2 && multiplier <= 20 && costMs >= 0)) {
                throw new IllegalArgumentException(
                        "multiplier must be in 2..20 and costMs at least 0, got " + multiplier + ", " + costMs);
            }
        }
    }

    /// What an interpolator really does.
    enum Behaviour {
        /// Makes images between the rendered ones.
        HONEST,
        /// Hands the image before on again and calls it generated.
        PHANTOM,
        /// Is switched on and makes nothing.
        NOT_ENGAGED
    }
}
