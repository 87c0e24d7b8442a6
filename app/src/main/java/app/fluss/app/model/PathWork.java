package app.fluss.app.model;

import app.fluss.core.ladder.SettingLadder;
import app.fluss.files.attribute.PathAttribution;
import java.util.List;
import java.util.Optional;

/// What is worked out for the path of a run, besides what it is compared by.
///
/// @param runId number of the run that it was worked out for; -1 for none. So what belongs to two runs is never
///     taken for the same
/// @param against its path against the native one; empty for a native run, and where none was measured
/// @param ladders runs of its scene that differ in one setting
/// @param laddersEstimated whether latency on them is from stages, for it was not measured on every rung
/// @param secondCard where images are made on a second card
/// @param screen the display; empty where the run's display is not stated
/// @param headset where the run was seen in a headset
/// @param power of the runs of its scene; empty if its log has no power
/// @param attribution what did what, where its path differs from the native one in several things
public record PathWork(
        long runId,
        Optional<Comparison> against,
        List<SettingLadder> ladders,
        boolean laddersEstimated,
        Optional<SecondCard> secondCard,
        Optional<ScreenPicture> screen,
        Optional<HeadsetWork> headset,
        List<PowerUse> power,
        Optional<PathAttribution> attribution) {
    /// Nothing is selected.
    public static final PathWork NONE = new PathWork(
            -1,
            Optional.empty(),
            List.of(),
            false,
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            List.of(),
            Optional.empty());
}
