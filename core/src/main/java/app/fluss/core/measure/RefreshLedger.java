package app.fluss.core.measure;

import app.fluss.core.frame.FrameSlice;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/// Which image the panel showed at which refresh, how long each stayed, and which were never shown.
///
/// *Shown* images are listed in order by position, 0-based. A shown image whose game time equals that of the
/// distinct image before it is a *repeat*: on the panel it cannot be told from a longer hold, so it lengthens
/// that hold. The hold of the last distinct image of a segment is not known, for the log ends first; it is left
/// out of every count.
///
/// With variable refresh a "refresh" is one scan-out, and repeats below the floor are only counted if the floor
/// is known.
public final class RefreshLedger {
    /// Where the times on the panel come from.
    public enum Basis {
        /// The log's own display times.
        MEASURED,
        /// Worked out from hand-over times and the sync mode, with the first refresh at the first image.
        INFERRED;

        /// The name in files.
        public String label() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    private final DisplayMode mode;
    private final Basis basis;
    private final LedgerRows rows;
    private final int[] holdCounts;
    private final int distinct;
    private final Figure deliveredRate;

    RefreshLedger(DisplayMode mode, Basis basis, LedgerRows rows) {
        this.mode = mode;
        this.basis = basis;
        this.rows = rows;
        this.holdCounts = countHolds(rows);
        this.distinct = rows.shown() - rows.repeats();
        this.deliveredRate = rate(rows.distinctIntervalsMs()).map(rate -> Math.min(rate, mode.refreshHz()));
    }

    /// The ledger of a slice: from its display times if it has them, else from its hand-over times.
    public static RefreshLedger of(FrameSlice slice, DisplayMode mode) {
        return LedgerBuilder.build(slice, mode);
    }

    /// Images per second from the intervals between them.
    static Figure rate(double[] intervalsMs) {
        double elapsed = 0;
        for (double interval : intervalsMs) {
            elapsed += interval;
        }
        return elapsed > 0
                ? Figure.ofFinite(1000.0 * intervalsMs.length / elapsed, "the images are not apart in time")
                : Figure.missing("fewer than two distinct images reached the panel");
    }

    private static int[] countHolds(LedgerRows rows) {
        int[] counts = new int[8];
        int before = -1;
        for (int position = 0; position < rows.shown(); position++) {
            if (rows.isRepeat(position)) {
                continue;
            }
            if (before >= 0 && !rows.segmentEndsBetween(before, position)) {
                int hold = rows.refresh(position) - rows.refresh(before);
                if (hold >= counts.length) {
                    counts = Arrays.copyOf(counts, Math.max(hold + 1, counts.length * 2));
                }
                counts[hold]++;
            }
            before = position;
        }
        return counts;
    }

    /// The display mode that the ledger was made for.
    public DisplayMode mode() {
        return mode;
    }

    /// Where the times on the panel come from.
    public Basis basis() {
        return basis;
    }

    /// Images that reached the panel, repeats included.
    public int shown() {
        return rows.shown();
    }

    /// Images that reached the panel and could be told from the one before.
    public int distinct() {
        return distinct;
    }

    /// Images that never reached the panel, or were replaced within one refresh.
    public int lost() {
        return rows.lost();
    }

    /// Shown images that could not be told from the one before.
    public int repeats() {
        return rows.shown() - distinct;
    }

    /// Distinct images per second of elapsed time, never above the refresh rate.
    public Figure deliveredRate() {
        return deliveredRate;
    }

    /// Index in the log of the shown image at a position.
    public int image(int position) {
        return rows.image(position);
    }

    /// Refresh at which the image at a position was first shown, 0-based.
    public int refresh(int position) {
        return rows.refresh(position);
    }

    /// When the image at a position was first shown, ms on the log's clock.
    public double shownAtMs(int position) {
        return rows.shownAtMs(position);
    }

    /// Whether the image at a position repeats the one before.
    public boolean isRepeat(int position) {
        return rows.isRepeat(position);
    }

    /// The position of the last image shown at or before a time; -1 if none was.
    public int positionAt(double ms) {
        int low = 0;
        int high = rows.shown() - 1;
        while (low <= high) {
            int middle = (low + high) >>> 1;
            if (rows.shownAtMs(middle) <= ms) {
                low = middle + 1;
            } else {
                high = middle - 1;
            }
        }
        return high;
    }

    /// Index in the log of the lost image with a 0-based number.
    public int lostImage(int number) {
        return rows.lostImage(number);
    }

    /// How many distinct images stayed for how many refreshes: hold to count, ascending.
    public Map<Integer, Integer> holdCounts() {
        Map<Integer, Integer> counts = new TreeMap<>();
        for (int hold = 0; hold < holdCounts.length; hold++) {
            if (holdCounts[hold] > 0) {
                counts.put(hold, holdCounts[hold]);
            }
        }
        return counts;
    }

    /// Share of the distinct images that stayed for the commonest hold, 0 to 1.
    public Figure evenShare() {
        int all = 0;
        int commonest = 0;
        for (int count : holdCounts) {
            all += count;
            commonest = Math.max(commonest, count);
        }
        return all > 0 ? Figure.of((double) commonest / all) : Figure.missing("no image was followed by another");
    }

    /// Mean of `|hold - mean hold|`, refreshes.
    public Figure holdDeviation() {
        long all = 0;
        long refreshes = 0;
        for (int hold = 0; hold < holdCounts.length; hold++) {
            all += holdCounts[hold];
            refreshes += (long) hold * holdCounts[hold];
        }
        if (all == 0) {
            return Figure.missing("no image was followed by another");
        }
        double mean = (double) refreshes / all;
        double sum = 0;
        for (int hold = 0; hold < holdCounts.length; hold++) {
            sum += holdCounts[hold] * Math.abs(hold - mean);
        }
        return Figure.of(sum / all);
    }

    /// Root mean square distance of the display times from an even grid at the refresh rate, as a share of one
    /// refresh, 0 to 0.5; large when the stated refresh rate is not the one that the log was made at. Missing
    /// where nothing is measured against a grid.
    public Figure gridError() {
        return rows.gridError();
    }

    LedgerRows rows() {
        return rows;
    }

    /// The intervals between distinct images on the panel, ms, in order.
    double[] distinctIntervalsMs() {
        return rows.distinctIntervalsMs();
    }
}
