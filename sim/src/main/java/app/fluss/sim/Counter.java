package app.fluss.sim;

/// What an overlay's counter counts.
public enum Counter {
    /// Images handed on.
    PRESENTED,
    /// Rendered images only: blind to generated ones.
    RENDERED,
    /// Rendered images times the multiplier that is set, whatever happens.
    NOMINAL
}
