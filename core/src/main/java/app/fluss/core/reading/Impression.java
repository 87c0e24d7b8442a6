package app.fluss.core.reading;

/// How a run felt, on scales from 1 (bad) to 5 (good); 0 is "not said". Evidence of the weakest kind, and often the
/// only kind that says whether a path is worth it.
///
/// @param smoothness 1 shakes, 5 flows
/// @param response 1 drags, 5 follows the hand
/// @param artefacts 1 spoil the picture, 5 none seen
/// @param words anything more; may be empty
public record Impression(int smoothness, int response, int artefacts, String words) {
    /// Nothing was said.
    public static final Impression NONE = new Impression(0, 0, 0, "");

    /// Best value of a scale: {@value}.
    public static final int BEST = 5;

    /// @throws IllegalArgumentException outside the scales
    public Impression {
        for (int value : new int[] {smoothness, response, artefacts}) {
            if (value < 0 || value > BEST) {
                throw new IllegalArgumentException("scales go from 1 to 5, 0 for not said; got " + value);
            }
        }
    }

    /// Whether anything was said.
    public boolean isSaid() {
        return !equals(NONE);
    }
}
