package app.fluss.core.latency.edge;

/// Which part of an input is a press.
public enum PressKind {
    /// The higher of two levels.
    HIGH("the higher level"),
    /// The lower of two levels.
    LOW("the lower level"),
    /// Every burst of sound.
    EVERY("every sound"),
    /// The first, third, fifth … burst: the others are releases.
    FIRST("the first of two sounds"),
    /// The second, fourth, sixth … burst: the recording begins with a release.
    SECOND("the second of two sounds");

    private final String title;

    PressKind(String title) {
        this.title = title;
    }

    /// The name for people.
    public String title() {
        return title;
    }

    /// What a press is if this is the release.
    public PressKind other() {
        return switch (this) {
            case HIGH -> LOW;
            case LOW -> HIGH;
            case FIRST, EVERY -> SECOND;
            case SECOND -> FIRST;
        };
    }
}
