package app.fluss.core.bench;

/// One of two cards.
public enum CardPlace implements Word {
    /// The card that draws the game.
    FIRST_CARD("first card"),
    /// The card that makes images.
    SECOND_CARD("second card");

    private final String word;

    CardPlace(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
