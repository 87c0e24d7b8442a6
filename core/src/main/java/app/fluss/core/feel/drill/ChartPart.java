package app.fluss.core.feel.drill;

/// Where on the usual screens of a run a fault can be seen.
public enum ChartPart {
    /// Claimed, rendered, presented and delivered rate.
    RATES("rates"),
    /// Frame times over time.
    FRAME_TIMES("frame times"),
    /// Refreshes and what they show.
    REFRESHES("refresh weave"),
    /// The table of figures.
    FIGURES("figures");

    private final String title;

    ChartPart(String title) {
        this.title = title;
    }

    /// The name for people.
    public String title() {
        return title;
    }
}
