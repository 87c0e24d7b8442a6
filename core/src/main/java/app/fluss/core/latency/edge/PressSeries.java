package app.fluss.core.latency.edge;

/// Presses as they would be if one reading of the input were right.
final class PressSeries {
    private final PressKind kind;
    private final double[] samples;
    private final boolean fromStart;
    private final boolean likely;
    private final boolean heldAtStart;

    /// @param kind what is taken for a press
    /// @param samples where each begins, in samples and parts of them, ascending; the array is taken over
    /// @param fromStart whether the level, or the first event, at the start speaks for this reading
    /// @param likely whether how long, or how loud, the presses are speaks for it
    /// @param heldAtStart whether the input is already pressed when the recording begins
    PressSeries(PressKind kind, double[] samples, boolean fromStart, boolean likely, boolean heldAtStart) {
        this.kind = kind;
        this.samples = samples;
        this.fromStart = fromStart;
        this.likely = likely;
        this.heldAtStart = heldAtStart;
    }

    PressKind kind() {
        return kind;
    }

    /// Where presses begin; not to be changed.
    double[] samples() {
        return samples;
    }

    boolean fromStart() {
        return fromStart;
    }

    boolean likely() {
        return likely;
    }

    boolean heldAtStart() {
        return heldAtStart;
    }

    /// Number of presses.
    int size() {
        return samples.length;
    }
}
