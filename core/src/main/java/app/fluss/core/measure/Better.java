package app.fluss.core.measure;

/// Which way a figure is better.
public enum Better {
    /// A larger value is.
    MORE("more is better"),
    /// A smaller value is.
    LESS("less is better"),
    /// Neither by itself.
    NEITHER("neither");

    private final String words;

    Better(String words) {
        this.words = words;
    }

    /// In words.
    public String words() {
        return words;
    }
}
