package app.fluss.app.shell;

/// The order of work.
public enum Work {
    /// What stands on the bench.
    BENCH("Bench"),
    /// What is measured, how often, in what order.
    PLAN("Plan"),
    /// Measuring.
    CAPTURE("Capture"),
    /// One run.
    EXAMINE("Examine"),
    /// Paths against the native one.
    COMPARE("Compare");

    private final String title;

    Work(String title) {
        this.title = title;
    }

    /// The name for people.
    public String title() {
        return title;
    }
}
