package app.fluss.core.measure;

/// How good the evidence of a run is, best first. Runs are compared at the weaker grade. Our own convention.
public enum Grade {
    /// A frame log and measured latency.
    A("a frame log and measured latency"),
    /// A frame log.
    B("a frame log"),
    /// A tool's summary of the whole run.
    C("a tool's summary"),
    /// A counter, read from a recording on every picture.
    D_PLUS("a counter read from a recording"),
    /// Readings of a counter.
    D("readings of a counter"),
    /// An impression, or measured latency alone, which says nothing of rates.
    E("an impression or latency alone");

    private final String rests;

    Grade(String rests) {
        this.rests = rests;
    }

    /// What a run of this grade rests on, in words.
    public String rests() {
        return rests;
    }

    /// As it is written: A, B, C, D+, D or E.
    @Override
    public String toString() {
        return this == D_PLUS ? "D+" : name();
    }

    /// Whether there is a frame log.
    public boolean hasLog() {
        return this == A || this == B;
    }

    /// The weaker of two.
    public Grade weaker(Grade other) {
        return compareTo(other) >= 0 ? this : other;
    }
}
