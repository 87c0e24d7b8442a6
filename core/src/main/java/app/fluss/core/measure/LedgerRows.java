package app.fluss.core.measure;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameSlice;
import app.fluss.core.frame.Values;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Optional;

/// The rows of a [RefreshLedger] while they are written and after: shown images with their refresh and time,
/// and lost images, both in order.
final class LedgerRows {
    /// Half of the finest step that logs print, ms: game times that are closer are the same game time.
    private static final double SAME_CONTENT_MS = 5e-4;

    private static final double GRID_FOLLOWS = 0.1;

    private int[] images;
    private int[] refreshes;
    private double[] times;
    private int shown;
    private int[] lostImages = new int[16];
    private int lost;
    private int[] segmentEnds = {};
    private final BitSet repeats = new BitSet();
    private double gridSquares;
    private long gridSteps;

    /// @param expected how many images will be shown, about
    LedgerRows(int expected) {
        images = new int[Math.max(16, expected)];
        refreshes = new int[images.length];
        times = new double[images.length];
    }

    void show(int image, int refresh, double atMs) {
        if (shown == images.length) {
            int longer = shown * 2;
            images = Arrays.copyOf(images, longer);
            refreshes = Arrays.copyOf(refreshes, longer);
            times = Arrays.copyOf(times, longer);
        }
        images[shown] = image;
        refreshes[shown] = refresh;
        times[shown++] = atMs;
    }

    /// The image takes the place of the one shown last, within the same refresh: that one is lost.
    void replaceLast(int image, double atMs) {
        lose(images[shown - 1]);
        images[shown - 1] = image;
        times[shown - 1] = atMs;
    }

    void lose(int image) {
        lostImages = lost == lostImages.length ? Arrays.copyOf(lostImages, lost * 2) : lostImages;
        lostImages[lost++] = image;
    }

    /// No hold or interval runs from what was shown so far to what comes next.
    void endSegment() {
        segmentEnds = Arrays.copyOf(segmentEnds, segmentEnds.length + 1);
        segmentEnds[segmentEnds.length - 1] = shown;
    }

    void noteGridError(double errorInRefreshes) {
        gridSquares += errorInRefreshes * errorInRefreshes;
        gridSteps++;
    }

    /// How far the grid moves towards a display time that misses it, as a share of the miss: enough to follow a
    /// true rate of 59.94 Hz with 60 stated, too little to follow jitter.
    static double gridFollows() {
        return GRID_FOLLOWS;
    }

    /// Marks the shown images that repeat the game time of the distinct image before them.
    void markRepeats(FrameSlice slice) {
        Optional<Values> content = slice.log().channel(Channel.CONTENT);
        if (content.isEmpty()) {
            return;
        }
        double before = Double.NaN;
        for (int position = 0; position < shown; position++) {
            double now = content.get().at(images[position]);
            if (Math.abs(now - before) < SAME_CONTENT_MS) {
                repeats.set(position);
            } else {
                before = now;
            }
        }
    }

    boolean segmentEndsBetween(int earlier, int later) {
        if (segmentEnds.length == 0) {
            return false;
        }
        int next = Arrays.binarySearch(segmentEnds, earlier + 1);
        next = next >= 0 ? next : -next - 1;
        return next < segmentEnds.length && segmentEnds[next] <= later;
    }

    /// The intervals between distinct images, ms; none across the end of a segment.
    double[] distinctIntervalsMs() {
        double[] intervals = new double[Math.max(0, shown - 1)];
        int n = 0;
        int before = -1;
        for (int position = 0; position < shown; position++) {
            if (repeats.get(position)) {
                continue;
            }
            if (before >= 0 && !segmentEndsBetween(before, position)) {
                intervals[n++] = times[position] - times[before];
            }
            before = position;
        }
        return n == intervals.length ? intervals : Arrays.copyOf(intervals, n);
    }

    int repeats() {
        return repeats.cardinality();
    }

    int shown() {
        return shown;
    }

    int lost() {
        return lost;
    }

    int image(int position) {
        return images[position];
    }

    int refresh(int position) {
        return refreshes[position];
    }

    double shownAtMs(int position) {
        return times[position];
    }

    int lostImage(int number) {
        return lostImages[number];
    }

    boolean isRepeat(int position) {
        return repeats.get(position);
    }

    Figure gridError() {
        return gridSteps > 0
                ? Figure.of(Math.sqrt(gridSquares / gridSteps))
                : Figure.missing("display times were not compared with a refresh grid");
    }
}
