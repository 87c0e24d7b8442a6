package app.fluss.core.feel;

/// Where a trial of two intervals is.
public enum Phase {
    /// Before the first interval.
    READY,
    /// The first interval.
    FIRST,
    /// Between the two.
    BETWEEN,
    /// The second interval.
    SECOND,
    /// The person is asked.
    QUESTION,
    /// The person rests until they go on.
    REST,
    /// Everything was asked.
    DONE
}
