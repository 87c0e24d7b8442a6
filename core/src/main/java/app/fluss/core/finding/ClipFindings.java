package app.fluss.core.finding;

import app.fluss.core.picture.PictureCount;
import java.util.ArrayList;
import java.util.List;

/// What a clip of the game shows of its distinct pictures.
final class ClipFindings {
    private static final double FEWEST_S = 3;

    private ClipFindings() {}

    /// The findings of a count, worst first.
    ///
    /// @param fps pictures a second of the clip
    /// @param claimedFps what a counter said meanwhile, /s; NaN if nothing was read
    static List<Finding> of(PictureCount count, double fps, double claimedFps) {
        List<Finding> found = new ArrayList<>();
        double delivered = count.deliveredFps(fps);
        switch (count.kind()) {
            case NOTHING_MOVES ->
                found.add(Finding.of(FindingCode.CLIP_STILL, "Successive pictures differ by no more than noise."));
            case CANNOT_TELL ->
                found.add(Finding.of(
                        FindingCode.CLIP_CANNOT_TELL,
                        "How successive pictures differ forms no two clear groups: slow motion, or too few bits."));
            case ALL_CHANGE ->
                found.add(Finding.of(
                        FindingCode.CLIP_ALL_DISTINCT,
                        "Every picture differs from the one before.",
                        "The game shows at least %s images/s; more than the clip has cannot be seen in it."
                                .formatted(RunFindings.rate(fps)),
                        "Record with more pictures a second, or leave an overlay out that changes by itself."));
            case MIXED -> {
                // Of images that come faster than its pictures a clip still shows a new one each time.
                if (delivered < Math.min(claimedFps, fps) * (1 - Thresholds.SAME_RATE)) {
                    found.add(Finding.of(
                            FindingCode.PHANTOM_IMAGES,
                            "The counter says %s/s; of %s pictures/s in the clip %s can be told apart."
                                    .formatted(
                                            RunFindings.rate(claimedFps),
                                            RunFindings.rate(fps),
                                            RunFindings.rate(delivered))));
                }
            }
        }
        if (count.pictures() < FEWEST_S * fps) {
            found.add(Finding.of(
                    FindingCode.CLIP_SHORT,
                    "The clip lasts %s s.".formatted(RunFindings.number(count.pictures() / fps, 1)),
                    "The rate of so short a stretch says little of the scene.",
                    "Record for %s s and more.".formatted(RunFindings.number(FEWEST_S, 0))));
        }
        found.sort(Finding.WORST_FIRST);
        return List.copyOf(found);
    }
}
