package app.fluss.core.bench;

/// Which cards were plugged in.
public enum CardsIn implements Word {
    /// Both.
    BOTH("both"),
    /// The one that draws the game.
    FIRST_ONLY("first only");

    private final String word;

    CardsIn(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
