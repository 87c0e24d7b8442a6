package app.fluss.core.latency.edge;

import java.util.List;

/// Which part of an input is a press.
public enum PressKind {
    /// The higher of two levels.
    HIGH("higher level"),
    /// The lower of two levels.
    LOW("lower level"),
    /// Every burst of sound.
    EVERY("every sound"),
    /// The first, third, fifth … burst: the others are releases.
    FIRST("first of two"),
    /// The second, fourth, sixth … burst: the recording begins with a release.
    SECOND("second of two");

    private final String title;

    PressKind(String title) {
        this.title = title;
    }

    /// The name for people.
    public String title() {
        return title;
    }

    /// What else of the same input may be the press, with this one.
    public List<PressKind> alternatives() {
        return switch (this) {
            case HIGH, LOW -> List.of(HIGH, LOW);
            case EVERY, FIRST, SECOND -> List.of(EVERY, FIRST, SECOND);
        };
    }
}
