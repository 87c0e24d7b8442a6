package app.fluss.core.latency;

/// One click and the light that answered it.
///
/// @param inputMs the input edge, ms after the first sample
/// @param photonMs when the light passed the threshold, ms after the first sample; NaN if it never did
/// @param before settled light before, in the signal's unit
/// @param after settled light after
/// @param state what is to be thought of it
public record Trial(double inputMs, double photonMs, double before, double after, State state) {
    /// What is to be thought of a trial.
    public enum State {
        /// A clean edge.
        ACCEPTED,
        /// The light changed, but not cleanly: somebody should look at it.
        AMBIGUOUS,
        /// The light did not change in time.
        MISSED
    }

    /// From input to light, ms; NaN for a missed trial.
    public double latencyMs() {
        return photonMs - inputMs;
    }
}
