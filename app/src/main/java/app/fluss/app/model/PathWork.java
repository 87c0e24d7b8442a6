package app.fluss.app.model;

import app.fluss.core.ladder.SettingLadder;
import java.util.List;
import java.util.Optional;

/// What is worked out for the path of a run, besides what it is compared by.
///
/// @param ladders runs of its scene that differ in one setting
/// @param laddersEstimated whether latency on them is from stages, for it was not measured on every rung
/// @param secondCard where images are made on a second card
/// @param screen the display; empty where the run's display is not stated
public record PathWork(
        List<SettingLadder> ladders,
        boolean laddersEstimated,
        Optional<SecondCard> secondCard,
        Optional<ScreenPicture> screen) {
    /// Nothing is selected.
    public static final PathWork NONE = new PathWork(List.of(), false, Optional.empty(), Optional.empty());
}
