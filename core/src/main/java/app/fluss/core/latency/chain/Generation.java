package app.fluss.core.latency.chain;

/// How images are made between rendered ones, as far as latency goes.
public sealed interface Generation {
    /// No generator.
    record None() implements Generation {}

    /// Between the image before and the one after, which must be waited for. The image of phase j/m is handed
    /// on `cost + (j - 1) / m · T` after the rendered one came in, and already shows j/m of a change.
    ///
    /// @param multiplier m, images presented per rendered one, 2 to 20
    /// @param costMs time to make one, ms; NaN if not stated
    /// @param partial whether generated images show part of a change; not if they repeat the one before
    /// @param captureMs interval at which the generator looks at what the game shows, ms; 0 if it gets
    ///     every image
    /// @param copyMs to the card that it works on, ms; 0 on the game's own card, NaN if not known
    /// @param compositionMs what the copy waits for the system's composition, ms
    /// @param ownCard whether it works on a card of its own, which skips images when it cannot follow; on the
    ///     game's card the game's frames get longer instead
    record Interpolation(
            int multiplier,
            double costMs,
            boolean partial,
            double captureMs,
            double copyMs,
            double compositionMs,
            boolean ownCard)
            implements Generation {
        /// @throws IllegalArgumentException for a multiplier outside its range
        public Interpolation {
            if (multiplier < 2 || multiplier > 20) {
                throw new IllegalArgumentException("multiplier must be 2..20, got " + multiplier);
            }
        }
    }

    /// After the newest image, ahead of time: the rendered image waits for nothing, and what the made ones
    /// cost is in the frame time.
    ///
    /// @param multiplier images presented per rendered one, 2 or more
    record Extrapolation(int multiplier) implements Generation {}
}
