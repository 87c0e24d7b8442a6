package app.fluss.core.measure;

import java.util.Arrays;

/// The stutters of a run, by a [StutterRule], and the frames beyond fixed lengths.
public final class Stutters {
    private static final int BLOCK = 64;

    private final int[] intervals;
    private final StutterRule rule;
    private final Figure perMinute;
    private final Figure timeShare;
    private final int over50;
    private final int over100;

    private Stutters(int[] intervals, StutterRule rule, FrameTimes times, double stutterMs, int over50, int over100) {
        this.intervals = intervals;
        this.rule = rule;
        this.over50 = over50;
        this.over100 = over100;
        double elapsed = times.elapsedMs();
        String none = "there is no frame time";
        this.perMinute =
                elapsed > 0 ? Figure.ofFinite(intervals.length * 60_000 / elapsed, none) : Figure.missing(none);
        this.timeShare = elapsed > 0 ? Figure.ofFinite(stutterMs / elapsed, none) : Figure.missing(none);
    }

    /// Finds the stutters.
    ///
    /// No running median is kept: `f > k median` and `f > median + over` say that the median lies below a
    /// threshold, which is so if more than half of the window does. Counting is only needed where the threshold
    /// lies above the smallest value near by, so that smooth stretches cost one comparison a frame.
    public static Stutters of(FrameTimes times, StutterRule rule) {
        double[] f = times.shared();
        double[] smallest = smallestOfBlocks(f);
        int[] found = new int[16];
        int count = 0;
        double stutterMs = 0;
        int over50 = 0;
        int over100 = 0;
        for (int i = 0; i < f.length; i++) {
            double value = f[i];
            over50 += value > 50 ? 1 : 0;
            over100 += value > 100 ? 1 : 0;
            double threshold = Math.min(value / rule.factor(), value - rule.overMs());
            if (threshold > smallestNear(smallest, i) && medianIsBelow(f, i, threshold)) {
                found = count == found.length ? Arrays.copyOf(found, count * 2) : found;
                found[count++] = i;
                stutterMs += value;
            }
        }
        return new Stutters(Arrays.copyOf(found, count), rule, times, stutterMs, over50, over100);
    }

    private static double[] smallestOfBlocks(double[] f) {
        double[] smallest = new double[(f.length + BLOCK - 1) / BLOCK];
        Arrays.fill(smallest, Double.POSITIVE_INFINITY);
        for (int i = 0; i < f.length; i++) {
            smallest[i / BLOCK] = Math.min(smallest[i / BLOCK], f[i]);
        }
        return smallest;
    }

    private static double smallestNear(double[] smallest, int i) {
        int first = Math.max(0, i - StutterRule.SIDE) / BLOCK;
        int last = Math.min((i + StutterRule.SIDE) / BLOCK, smallest.length - 1);
        return first == last ? smallest[first] : Math.min(smallest[first], smallest[last]);
    }

    private static boolean medianIsBelow(double[] f, int i, double threshold) {
        int from = Math.max(0, i - StutterRule.SIDE);
        int to = Math.min(f.length, i + StutterRule.SIDE + 1);
        int length = to - from;
        if (length % 2 == 0) {
            // Only at the ends: the median of an even window is a mean of two values, which a count does not give.
            double[] window = Arrays.copyOfRange(f, from, to);
            Arrays.sort(window);
            return (window[length / 2 - 1] + window[length / 2]) / 2 < threshold;
        }
        int below = 0;
        for (int j = from; j < to; j++) {
            below += f[j] < threshold ? 1 : 0;
        }
        return below > length / 2;
    }

    /// Number of stutters.
    public int count() {
        return intervals.length;
    }

    /// Index in the [FrameTimes] of the stutter with this 0-based number.
    public int interval(int number) {
        return intervals[number];
    }

    /// The rule that was used.
    public StutterRule rule() {
        return rule;
    }

    /// Stutters per minute of elapsed time.
    public Figure perMinute() {
        return perMinute;
    }

    /// Share of the elapsed time spent in stutters, 0 to 1.
    public Figure timeShare() {
        return timeShare;
    }

    /// Frames longer than 50 ms.
    public int over50() {
        return over50;
    }

    /// Frames longer than 100 ms.
    public int over100() {
        return over100;
    }
}
