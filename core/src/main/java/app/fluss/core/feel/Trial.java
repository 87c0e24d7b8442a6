package app.fluss.core.feel;

/// One trial of two intervals, one of which has something added, and its answer.
///
/// @param level what was added, in the task's unit, above 0
/// @param addedFirst whether the first interval had it
/// @param choseFirst whether the first was named
public record Trial(double level, boolean addedFirst, boolean choseFirst) {
    /// @throws IllegalArgumentException unless the level is above 0 and finite
    public Trial {
        if (!(level > 0 && Double.isFinite(level))) {
            throw new IllegalArgumentException("the level of a trial must be above 0, got " + level);
        }
    }

    /// Whether the interval that had it was named.
    public boolean isRight() {
        return addedFirst == choseFirst;
    }
}
