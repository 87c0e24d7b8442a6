package app.fluss.core.vr;

import app.fluss.core.compare.Interval;
import app.fluss.core.compare.Wilson;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.RefreshLedger;
import java.util.Arrays;
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
/// @param evenShare share of the new images that stayed for the commonest number of refreshes, 0 to 1
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
        Figure evenShare,
        Figure appFps) {
    private static final String NONE = "fewer than two new images were shown";

    /// From the refreshes of a run.
    ///
    /// @param log the run; images that it calls generated are the compositor's and not new
    /// @param ledger its refreshes, at the headset's rate
    public static Reprojection of(FrameLog log, RefreshLedger ledger) {
        Counter counter = new Counter();
        int before = -1;
        for (int position = 0; position < ledger.shown(); position++) {
            int image = ledger.image(position);
            if (ledger.isRepeat(position) || log.kind(image) == FrameKind.GENERATED) {
                continue;
            }
            if (before >= 0 && !restarts(log, ledger.image(before), image)) {
                counter.step(ledger.refresh(position) - (long) ledger.refresh(before));
            }
            before = position;
        }
        return counter.counted(ledger.mode().refreshHz());
    }

    /// Counts refreshes from one new image to the next.
    static final class Counter {
        private static final int LONGEST_HOLD = 64;

        private final long[] time = new long[3];
        private final long[] holds = new long[LONGEST_HOLD + 1];
        private long without;
        private long longest;
        private long images;

        /// Takes the next image.
        ///
        /// @param refreshes since the new image before, 0 or more
        void step(long refreshes) {
            time[Math.clamp(refreshes - 1, 0, 2)] += refreshes;
            holds[(int) Math.min(refreshes, LONGEST_HOLD)]++;
            without += Math.max(0, refreshes - 1);
            longest = Math.max(longest, refreshes - 1);
            images++;
        }

        Reprojection counted(double refreshHz) {
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
                    share(Arrays.stream(holds).max().orElse(0), images),
                    share(images, refreshes).map(each -> each * refreshHz));
        }
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
