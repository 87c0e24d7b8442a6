package app.fluss.files.study;

/// Whether a run counts.
public enum Outcome {
    /// It does.
    KEPT("kept"),
    /// It does not, and is to be measured again.
    REPEAT("to be repeated"),
    /// It does not.
    DISCARDED("discarded");

    private final String title;

    Outcome(String title) {
        this.title = title;
    }

    /// The name for people.
    public String title() {
        return title;
    }
}
