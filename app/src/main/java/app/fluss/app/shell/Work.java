package app.fluss.app.shell;

/// The order of work, and the tools below it.
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
    COMPARE("Compare"),
    /// What follows for each game.
    DECIDE("Decide"),
    /// Which cap with which multiplier.
    TUNE("Tune"),
    /// What a person notices.
    FEEL("Feel");

    private final String title;

    Work(String title) {
        this.title = title;
    }

    /// The name for people.
    public String title() {
        return title;
    }
}
