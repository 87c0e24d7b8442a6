package app.fluss.core.feel.blind;

import java.util.OptionalInt;

/// What a player said after a trial.
///
/// @param shown which side it was
/// @param said which side the player took it for
/// @param smoothness 1 to 5, the best last; empty if not rated
/// @param response 1 to 5, the best last; empty if not rated
public record BlindAnswer(Side shown, Side said, OptionalInt smoothness, OptionalInt response) {
    private static final int BEST = 5;

    /// @throws IllegalArgumentException outside the ranges
    public BlindAnswer {
        check(smoothness);
        check(response);
    }

    private static void check(OptionalInt rating) {
        if (rating.isPresent() && (rating.getAsInt() < 1 || rating.getAsInt() > BEST)) {
            throw new IllegalArgumentException("a rating is 1 to %d, got %d".formatted(BEST, rating.getAsInt()));
        }
    }

    /// Whether the player was right.
    public boolean isRight() {
        return shown == said;
    }
}
