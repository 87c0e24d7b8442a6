package app.fluss.core.latency.edge;

/// One click and the light that answered it.
///
/// @param inputMs the input edge, ms after the first sample
/// @param photonMs when the light passed the threshold, ms after the first sample; NaN if it never did
/// @param before settled light before, in the signal's unit
/// @param after settled light after
/// @param state what is to be thought of it
/// @param doubt why
public record Trial(double inputMs, double photonMs, double before, double after, State state, Doubt doubt) {
    /// What is to be thought of a trial.
    public enum State {
        /// A clean edge.
        ACCEPTED,
        /// The light changed, but not cleanly: somebody should look at it.
        AMBIGUOUS,
        /// The light did not change in time.
        MISSED
    }

    /// A trial that came as times.
    ///
    /// @param photonMs NaN for a missed one
    public static Trial of(double inputMs, double photonMs) {
        return Double.isNaN(photonMs)
                ? new Trial(inputMs, photonMs, Double.NaN, Double.NaN, State.MISSED, Doubt.NOTHING_CHANGED)
                : new Trial(inputMs, photonMs, Double.NaN, Double.NaN, State.ACCEPTED, Doubt.NONE);
    }

    /// From input to light, ms; NaN for a missed trial.
    public double latencyMs() {
        return photonMs - inputMs;
    }

    /// The same with a doubt that makes somebody look at it.
    Trial doubted(Doubt why) {
        return new Trial(inputMs, photonMs, before, after, State.AMBIGUOUS, why);
    }
}
