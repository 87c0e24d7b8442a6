package app.fluss.core.bench;

/// What a game is like to play.
public enum GameKind implements Word {
    /// Hitting what moves.
    AIMING("aiming"),
    /// Pressing in time.
    RHYTHM("rhythm"),
    /// Driving.
    RACING("racing"),
    /// Following a story.
    STORY("story"),
    /// Looking around.
    EXPLORING("exploring"),
    /// In a headset.
    VR("VR");

    private final String word;

    GameKind(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
