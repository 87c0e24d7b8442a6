package app.fluss.core.bench;

/// What a scale or a margin is a share of.
public enum ScaleBasis implements Word {
    /// Of width and of height alike.
    EACH_AXIS("each axis"),
    /// Of the number of pixels.
    THE_AREA("the area");

    private final String word;

    ScaleBasis(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
