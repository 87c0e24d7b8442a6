package app.fluss.sim.truth;

import java.util.Locale;

/// A hitch that was put in.
///
/// @param atMs when it struck, ms on the host's clock
/// @param cause what hitched
/// @param extraMs how much longer that took, ms
public record Hitch(double atMs, Cause cause, double extraMs) {
    /// What hitched.
    public enum Cause {
        /// The game's CPU work.
        CPU,
        /// The game's GPU work.
        GPU,
        /// Card memory that was full.
        MEMORY,
        /// The encoder of a stream.
        ENCODER,
        /// The link of a stream.
        NETWORK,
        /// The decoder of a stream.
        DECODER;

        /// The name in files.
        public String label() {
            return name().toLowerCase(Locale.ROOT);
        }
    }
}
