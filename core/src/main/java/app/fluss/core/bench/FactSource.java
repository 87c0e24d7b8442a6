package app.fluss.core.bench;

/// Where a fact comes from.
public enum FactSource {
    /// Measured on this bench.
    MEASURED("measured"),
    /// Read from the machine.
    READ("read from the machine"),
    /// Typed by the analyst.
    TYPED("typed"),
    /// A setting of the path.
    SET("set on the path"),
    /// What a simulated bench was made of.
    SIMULATED("simulated"),
    /// What stood on the bench when the run was added. Nobody said that the run was measured with it, so it serves as
    /// a value to work with and is never compared.
    BENCH("on the bench when the run was added, not confirmed");

    private final String title;

    FactSource(String title) {
        this.title = title;
    }

    /// The name for people.
    public String title() {
        return title;
    }

    /// Whether the fact was recorded for the run, so that runs can be compared by it.
    public boolean isRecorded() {
        return this != BENCH;
    }
}
