package app.fluss.core.bench;

/// What a compositor holds the application to.
public enum RateHeld implements Word {
    /// Every refresh.
    FULL("full"),
    /// Every second refresh.
    HALF("half"),
    /// Nothing.
    AS_IT_COMES("as it comes");

    private final String word;

    RateHeld(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
