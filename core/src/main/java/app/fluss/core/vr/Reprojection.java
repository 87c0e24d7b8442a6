package app.fluss.core.vr;

import app.fluss.core.compare.Interval;
import app.fluss.core.compare.Wilson;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.RefreshLedger;
import java.util.Optional;

/// How many refreshes of a headset brought a new image of the application; in the others the last one was shown
/// again, corrected for the turn of the head.
///
/// @param refreshes counted, from the first new image to the last
/// @param withoutNewImage of those, without a new image
/// @param share of those, 0 to 1
/// @param interval 95 % of the share, by Wilson; refreshes are not independent of each other, so it is the narrowest
///     that it can be. Empty without a refresh
/// @param fullTime share of the time in which each refresh brought a new image, by the interval between new images
/// @param halfTime share in which each second one did
/// @param belowHalfTime share in which fewer did
/// @param longestSpell most refreshes in a row without a new image
/// @param appFps new images a second
public record Reprojection(
        long refreshes,
        long withoutNewImage,
        Figure share,
        Optional<Interval> interval,
        Figure fullTime,
        Figure halfTime,
        Figure belowHalfTime,
        long longestSpell,
        Figure appFps) {
    private static final String NONE = "fewer than two new images were shown";

    /// From the refreshes of a run.
    ///
    /// @param log the run; images that it calls generated are the compositor's and not new
    /// @param ledger its refreshes, at the headset's rate
    public static Reprojection of(FrameLog log, RefreshLedger ledger) {
        long[] time = new long[3];
        long without = 0;
        long longest = 0;
        long images = 0;
        int before = -1;
        for (int position = 0; position < ledger.shown(); position++) {
            int image = ledger.image(position);
            if (ledger.isRepeat(position) || log.kind(image) == FrameKind.GENERATED) {
                continue;
            }
            if (before >= 0 && !restarts(log, ledger.image(before), image)) {
                int step = ledger.refresh(position) - ledger.refresh(before);
                time[Math.clamp(step - 1, 0, 2)] += step;
                without += Math.max(0, step - 1L);
                longest = Math.max(longest, step - 1L);
                images++;
            }
            before = position;
        }
        long refreshes = time[0] + time[1] + time[2];
        return new Reprojection(
                refreshes,
                without,
                share(without, refreshes),
                refreshes > 0 ? Optional.of(Wilson.of(without, refreshes)) : Optional.empty(),
                share(time[0], refreshes),
                share(time[1], refreshes),
                share(time[2], refreshes),
                longest,
                share(images, refreshes).map(each -> each * ledger.mode().refreshHz()));
    }

    private static Figure share(long part, long all) {
        return Figure.ofFinite((double) part / all, NONE);
    }

    /// Whether the log's clock starts anew after one image and up to another.
    private static boolean restarts(FrameLog log, int after, int upTo) {
        for (int start : log.segmentStarts()) {
            if (start > after && start <= upTo) {
                return true;
            }
        }
        return false;
    }
}
