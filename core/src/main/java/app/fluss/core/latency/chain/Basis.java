package app.fluss.core.latency.chain;

/// What a time rests on.
public enum Basis {
    /// Samples of this run.
    MEASURED,
    /// The rule for this stage, on what was measured or stated.
    ESTIMATED,
    /// Nothing: something was not stated.
    UNKNOWN
}
