package app.fluss.files.study;

/// Where a fact comes from.
public enum FactSource {
    /// Measured on this bench.
    MEASURED("measured"),
    /// Read from the machine.
    READ("read from the machine"),
    /// Typed by the analyst.
    TYPED("typed");

    private final String title;

    FactSource(String title) {
        this.title = title;
    }

    /// The name for people.
    public String title() {
        return title;
    }
}
