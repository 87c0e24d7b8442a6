package app.fluss.core.picture;

import app.fluss.core.measure.Figure;
import java.util.SortedMap;

/// The distinct pictures of a clip, counted.
///
/// @param pictures of the clip
/// @param distinct those that differ from the one before, the first included
/// @param threshold mean absolute difference above which a picture is another one, 0 to 255
/// @param holds how many images stayed for how many pictures
/// @param longest pictures that one image stayed at most
/// @param longestMs how long it stayed by the clip's own stamps, ms; NaN if it has none
/// @param kind what the differences were like
public record PictureCount(
        int pictures,
        int distinct,
        Figure threshold,
        SortedMap<Integer, Integer> holds,
        int longest,
        double longestMs,
        Kind kind) {
    /// Distinct pictures a second.
    ///
    /// @param fps pictures a second of the clip
    public double deliveredFps(double fps) {
        return distinct * fps / pictures;
    }

    /// How long one image stayed at most, ms.
    public double longestHoldMs(double fps) {
        return Double.isNaN(longestMs) ? longest * 1000 / fps : longestMs;
    }

    /// What the differences of successive pictures are like.
    public enum Kind {
        /// Some repeat, some do not.
        MIXED,
        /// Every picture is another one.
        ALL_CHANGE,
        /// Nothing moves.
        NOTHING_MOVES,
        /// What moves and what the coding leaves over cannot be told apart.
        CANNOT_TELL
    }

    /// Whether distinct pictures could be counted.
    public boolean isCounted() {
        return kind == Kind.MIXED || kind == Kind.ALL_CHANGE;
    }

    /// Why they could not, in words; empty where they could.
    public String whyNot() {
        return switch (kind) {
            case MIXED, ALL_CHANGE -> "";
            case NOTHING_MOVES -> "nothing moves in the clip";
            case CANNOT_TELL -> "motion and what the coding leaves over cannot be told apart";
        };
    }
}
