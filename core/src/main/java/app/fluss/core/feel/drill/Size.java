package app.fluss.core.feel.drill;

/// How large a fault is: for what share of the run it is there.
public enum Size {
    /// The whole run.
    LARGE("large", 1),
    /// A third of it.
    MEDIUM("medium", 1.0 / 3),
    /// An eighth of it.
    SMALL("small", 1.0 / 8);

    private final String title;
    private final double share;

    Size(String title, double share) {
        this.title = title;
        this.share = share;
    }

    /// The name for people.
    public String title() {
        return title;
    }

    /// The share of the run, above 0, at most 1.
    public double share() {
        return share;
    }
}
