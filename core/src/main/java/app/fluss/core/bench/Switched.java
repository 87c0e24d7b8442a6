package app.fluss.core.bench;

/// Whether something is switched on.
public enum Switched implements Word {
    /// It is not.
    OFF("off"),
    /// It is.
    ON("on");

    private final String word;

    Switched(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
