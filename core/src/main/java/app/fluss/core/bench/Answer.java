package app.fluss.core.bench;

/// Yes or no.
public enum Answer implements Word {
    /// It is so.
    YES("yes"),
    /// It is not.
    NO("no");

    private final String word;

    Answer(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
