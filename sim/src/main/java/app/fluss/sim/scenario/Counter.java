package app.fluss.sim.scenario;

/// What an overlay's counter counts.
public enum Counter {
    /// Images handed on.
    HONEST,
    /// Rendered images only: blind to generated ones.
    BLIND,
    /// Rendered images times the multiplier that is set, whatever happens.
    PHANTOM
}
