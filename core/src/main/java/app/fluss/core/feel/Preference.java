package app.fluss.core.feel;

import app.fluss.core.feel.blind.ExactBinomial;
import java.util.List;

/// Whether a person prefers one of the two intervals whatever is shown. The order is drawn by a fair
/// coin, so without a preference the first is named in half of the trials, however well they are told
/// apart.
///
/// @param first trials in which the first was named
/// @param trials all of them
/// @param chance of a share at least so far from a half without a preference, two-sided, exact
public record Preference(int first, int trials, double chance) {
    private static final double UNLIKELY = 0.05;

    /// Of the trials of a task; one or more.
    public static Preference of(List<Trial> trials) {
        int first = (int) trials.stream().filter(Trial::choseFirst).count();
        return new Preference(first, trials.size(), ExactBinomial.twoSided(first, trials.size()));
    }

    /// Whether one is preferred.
    public boolean isShown() {
        return chance < UNLIKELY;
    }

    /// In words.
    public String words() {
        return isShown()
                ? "The %s interval was named more often (%d of %d, two-sided p = %.3f): the threshold may be too high."
                        .formatted(
                                2 * first > trials ? "first" : "second",
                                Math.max(first, trials - first),
                                trials,
                                chance)
                : "No preference for the first or the second interval is shown (first named in %d of %d)."
                        .formatted(first, trials);
    }
}
