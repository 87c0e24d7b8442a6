package app.fluss.files.study;

import app.fluss.core.generation.PicturesSeen;
import app.fluss.core.picture.PictureCount;
import app.fluss.core.picture.PictureDifferences;
import java.util.Optional;

/// A clip of a run's game, as it was counted. The clip itself is not kept: clips take gigabytes.
///
/// @param clipName name of its file
/// @param fps pictures a second of the clip, 1 to 10000
/// @param lookedAt which part of the pictures was looked at, in words
/// @param differences how its pictures differ
public record StoredPictures(String clipName, double fps, String lookedAt, PictureDifferences differences) {
    private static final double MOST_FPS = 10_000;

    /// @throws IllegalArgumentException outside the range
    public StoredPictures {
        if (!isRate(fps)) {
            throw new IllegalArgumentException("fps must be in 1..10000, got " + fps);
        }
    }

    /// Whether a clip can have so many pictures a second.
    public static boolean isRate(double fps) {
        return fps >= 1 && fps <= MOST_FPS;
    }

    static double rate(double fps) {
        if (!isRate(fps)) {
            throw new IllegalArgumentException("fps is " + fps);
        }
        return fps;
    }

    /// What was seen of the game's rate; a clip in which nothing moves, or nothing can be told, shows none.
    public Optional<PicturesSeen> seen() {
        PictureCount count = differences.count();
        return count.isCounted() ? Optional.of(new PicturesSeen(fps, count.deliveredFps(fps))) : Optional.empty();
    }
}
