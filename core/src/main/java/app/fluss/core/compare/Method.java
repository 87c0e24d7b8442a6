package app.fluss.core.compare;

/// How the interval of a difference was found, and so what it speaks of.
public enum Method {
    /// Welch on the figures of runs; ratios on their logarithms.
    WELCH("welch", "from run to run, by Welch on the figures of runs"),
    /// Student's t with the spread of the scene's other runs.
    BORROWED("borrowed", "from run to run, with the spread borrowed from other runs of the scene"),
    /// Regression on path and time, stretch by stretch of one run.
    TOGGLE("toggle", "at this spot, in one sitting"),
    /// Hodges–Lehmann on the trials of few runs.
    WITHIN_RUNS("within-runs", "within these runs, by Hodges–Lehmann on their trials"),
    /// There is no interval.
    NONE("none", "none");

    private final String id;
    private final String title;

    Method(String id, String title) {
        this.id = id;
        this.title = title;
    }

    /// The name in files.
    public String id() {
        return id;
    }

    /// What it speaks of, for people.
    public String title() {
        return title;
    }

    /// Whether it says how much the next run would differ.
    public boolean isFromRunToRun() {
        return this == WELCH || this == BORROWED;
    }
}
