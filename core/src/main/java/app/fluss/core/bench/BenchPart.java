package app.fluss.core.bench;

/// What a fact is a fact of.
public enum BenchPart {
    /// A machine: cards, processor, memory, power.
    RIG("rig"),
    /// A screen.
    DISPLAY("display"),
    /// A picture mode of a screen, with its lag.
    PICTURE_MODE("picture mode"),
    /// The way from host to client.
    LINK("link"),
    /// What a stream is played on.
    CLIENT("stream client"),
    /// A headset.
    HEADSET("headset"),
    /// A game as it is set.
    GAME("game"),
    /// A scene as it was measured.
    SCENE("scene"),
    /// A stage of a path.
    STAGE("stage");

    private final String title;

    BenchPart(String title) {
        this.title = title;
    }

    /// The name for people.
    public String title() {
        return title;
    }
}
