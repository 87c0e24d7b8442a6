package app.fluss.core.vr;

import app.fluss.core.compare.Interval;
import app.fluss.core.compare.VarianceInflation;
import app.fluss.core.compare.Wilson;
import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.Values;
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
/// @param interval 95 % of the share, by Wilson with the effective number of refreshes: misses come in spells.
///     Empty without a refresh
/// @param effectiveRefreshes how many independent refreshes they are worth
/// @param fullTime share of the time in which each refresh brought a new image, by the interval between new images
/// @param halfTime share in which each second one did
/// @param belowHalfTime share in which fewer did
/// @param longestSpell most refreshes in a row without a new image
/// @param evenShare share of the new images that stayed for the commonest number of refreshes, 0 to 1
/// @param appFps new images a second
/// @param rowsAlike whether all of this rests on taking each row of the log for a new image, which nothing in it
///     confirms: they come at most refreshes, and it has no kinds, no game times and no work that would be done in time
public record Reprojection(
        long refreshes,
        long withoutNewImage,
        Figure share,
        Optional<Interval> interval,
        Figure effectiveRefreshes,
        Figure fullTime,
        Figure halfTime,
        Figure belowHalfTime,
        long longestSpell,
        Figure evenShare,
        Figure appFps,
        boolean rowsAlike) {
    /// Share of the time at full rate from which rows may be refreshes rather than images.
    private static final double MAY_BE_REFRESHES = 0.5;

    /// Share of the images that are done in time where an application keeps up.
    private static final double KEEPS_UP = 0.99;

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
        return counter.counted(
                ledger.mode().refreshHz(), !tellsNew(log, ledger.mode().periodMs()));
    }

    private static boolean tellsNew(FrameLog log, double periodMs) {
        return log.kindsStated()
                || log.has(Channel.CONTENT)
                || log.channel(Channel.GPU).stream().anyMatch(work -> isInTime(work, periodMs));
    }

    private static boolean isInTime(Values work, double periodMs) {
        int inTime = 0;
        for (int i = 0; i < work.size(); i++) {
            inTime += work.at(i) < periodMs ? 1 : 0;
        }
        return inTime >= KEEPS_UP * work.size();
    }

    /// Counts refreshes from one new image to the next.
    static final class Counter {
        private static final int LONGEST_HOLD = 64;
        private static final int LONGEST_ROW = 4_000_000;

        private final long[] time = new long[3];
        private final long[] holds = new long[LONGEST_HOLD + 1];
        private long without;
        private long longest;
        private long images;
        private long spells;
        private long[] missed = new long[64];
        private int length;

        /// Takes the next image.
        ///
        /// @param refreshes since the new image before, 0 or more
        void step(long refreshes) {
            row(Math.max(1, refreshes));
            spells += refreshes > 1 ? 1 : 0;
            time[Math.clamp(refreshes - 1, 0, 2)] += refreshes;
            holds[(int) Math.min(refreshes, LONGEST_HOLD)]++;
            without += Math.max(0, refreshes - 1);
            longest = Math.max(longest, refreshes - 1);
            images++;
        }

        /// One refresh with a new image, then those without.
        private void row(long refreshes) {
            long end = length + refreshes;
            if (end > LONGEST_ROW) {
                return; // the first hours tell how misses hang together
            }
            if (end > missed.length * (long) Long.SIZE) {
                missed = Arrays.copyOf(missed, (int) Math.max(2L * missed.length, end / Long.SIZE + 1));
            }
            for (int at = length + 1; at < end; at++) {
                missed[at / Long.SIZE] |= 1L << at % Long.SIZE;
            }
            length = (int) end;
        }

        private double effective(long refreshes) {
            return length == 0 ? Double.NaN : refreshes / VarianceInflation.of(missed, length);
        }

        /// @param alike whether nothing tells rows that are new images from others
        Reprojection counted(double refreshHz, boolean alike) {
            long refreshes = time[0] + time[1] + time[2];
            double effective = effective(refreshes);
            Figure fullTime = share(time[0], refreshes);
            return new Reprojection(
                    refreshes,
                    without,
                    share(without, refreshes),
                    effective > 0
                            ? Optional.of(Wilson.ofSpells((double) without / refreshes, effective, spells))
                            : Optional.empty(),
                    Figure.ofFinite(effective, NONE),
                    fullTime,
                    share(time[1], refreshes),
                    share(time[2], refreshes),
                    longest,
                    share(Arrays.stream(holds).max().orElse(0), images),
                    share(images, refreshes).map(each -> each * refreshHz),
                    alike && fullTime.orNaN() >= MAY_BE_REFRESHES);
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
