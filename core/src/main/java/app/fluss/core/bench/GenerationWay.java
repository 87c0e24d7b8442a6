package app.fluss.core.bench;

/// How a generator makes images.
public enum GenerationWay implements Word {
    /// It waits for the next image and makes those between.
    BETWEEN_TWO("between two"),
    /// It carries motion on from the newest image.
    AFTER_THE_NEWEST("after the newest");

    private final String word;

    GenerationWay(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
