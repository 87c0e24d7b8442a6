package app.fluss.app.importing;

/// What a clip is looked at for.
public enum ClipUse {
    /// Numbers that stand on its pictures.
    NUMBERS(
            "Numbers on the screen",
            "A recording of the screen with a counter in a corner: its numbers are read on every picture and held against"
                    + " the pictures themselves."),
    /// Which of its pictures are distinct.
    PICTURES(
            "Distinct pictures",
            "A recording or a film of the game in steady motion: how many of its images are really new, and how long each"
                    + " stays."),
    /// From an input to its answer.
    LATENCY("Latency", "A film of button and screen at 120 pictures/s and more: how long the screen takes to answer.");

    private final String title;
    private final String explanation;

    ClipUse(String title, String explanation) {
        this.title = title;
        this.explanation = explanation;
    }

    String title() {
        return title;
    }

    String explanation() {
        return explanation;
    }
}
