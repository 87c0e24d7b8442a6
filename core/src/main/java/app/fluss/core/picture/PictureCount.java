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
/// @param kind what the differences were like
public record PictureCount(
        int pictures, int distinct, Figure threshold, SortedMap<Integer, Integer> holds, int longest, Kind kind) {
    /// Distinct pictures a second.
    ///
    /// @param fps pictures a second of the clip
    public double deliveredFps(double fps) {
        return distinct * fps / pictures;
    }

    /// How long one image stayed at most, ms.
    public double longestHoldMs(double fps) {
        return longest * 1000 / fps;
    }

    /// What the differences of successive pictures are like.
    public enum Kind {
        /// Some repeat, some do not.
        MIXED,
        /// Every picture is another one.
        ALL_CHANGE,
        /// Nothing moves.
        NOTHING_MOVES
    }
}
