package app.fluss.core.measure;

import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/// Frame times over elapsed time, reduced so that any stretch can be drawn at once: the smallest and largest
/// frame time of each stretch of 64 frames, of four such stretches together, and so on.
///
/// The 5 % and 95 % quantile of each stretch of 64 frames are exact (type 7); those of longer stretches are the
/// means of the ones in them, which shows a band for the eye and is no figure.
public final class BandLevels {
    private static final int STRETCH = 64;
    private static final int FAN = 4;

    private final FrameTimes times;
    private final double[] endMs;
    private final Level[] levels;

    private BandLevels(FrameTimes times, double[] endMs, Level[] levels) {
        this.times = times;
        this.endMs = endMs;
        this.levels = levels;
    }

    /// Reduces frame times.
    public static BandLevels of(FrameTimes times) {
        double[] f = times.shared();
        double[] endMs = new double[f.length];
        double sum = 0;
        for (int i = 0; i < f.length; i++) {
            sum += f[i];
            endMs[i] = sum;
        }
        Level base = base(f);
        Level[] levels = {base};
        while (levels[levels.length - 1].size() > FAN) {
            levels = Arrays.copyOf(levels, levels.length + 1);
            levels[levels.length - 1] = coarser(levels[levels.length - 2]);
        }
        return new BandLevels(times, endMs, levels);
    }

    private static Level base(double[] f) {
        int n = (f.length + STRETCH - 1) / STRETCH;
        Level level = new Level(n, STRETCH);
        double[] window = new double[STRETCH];
        for (int s = 0; s < n; s++) {
            int from = s * STRETCH;
            int length = Math.min(STRETCH, f.length - from);
            System.arraycopy(f, from, window, 0, length);
            Arrays.sort(window, 0, length);
            level.min[s] = window[0];
            level.max[s] = window[length - 1];
            level.p5[s] = quantile(window, length, 0.05);
            level.p95[s] = quantile(window, length, 0.95);
        }
        return level;
    }

    private static double quantile(double[] ascending, int n, double p) {
        double h = QuantileMethod.TYPE_7.position(n, p);
        int below = (int) h;
        double low = ascending[below - 1];
        return below == n ? low : low + (h - below) * (ascending[below] - low);
    }

    private static Level coarser(Level fine) {
        int n = (fine.size() + FAN - 1) / FAN;
        Level level = new Level(n, fine.frames * FAN);
        for (int s = 0; s < n; s++) {
            int from = s * FAN;
            int to = Math.min(fine.size(), from + FAN);
            double min = Double.POSITIVE_INFINITY;
            double max = 0;
            double p5 = 0;
            double p95 = 0;
            for (int i = from; i < to; i++) {
                min = Math.min(min, fine.min[i]);
                max = Math.max(max, fine.max[i]);
                p5 += fine.p5[i];
                p95 += fine.p95[i];
            }
            level.min[s] = min;
            level.max[s] = max;
            level.p5[s] = p5 / (to - from);
            level.p95[s] = p95 / (to - from);
        }
        return level;
    }

    /// Elapsed time of the whole run, ms.
    public double elapsedMs() {
        return endMs.length == 0 ? 0 : endMs[endMs.length - 1];
    }

    /// Elapsed time at the end of an interval, ms.
    public double endMs(int interval) {
        return endMs[interval];
    }

    /// The frame times that the levels were made from.
    public FrameTimes times() {
        return times;
    }

    /// The first interval that ends after an elapsed time; the number of intervals if none does.
    public int intervalAfter(double ms) {
        int at = Arrays.binarySearch(endMs, ms);
        return at >= 0 ? at + 1 : -at - 1;
    }

    /// Fills columns of equal elapsed time between `fromMs` and `toMs`. A column in which no frame ends holds
    /// NaN.
    ///
    /// @param columns as many as are to be drawn; overwritten
    public void fill(double fromMs, double toMs, Columns columns) {
        int width = columns.min.length;
        double step = (toMs - fromMs) / width;
        int first = intervalAfter(fromMs);
        int last = intervalAfter(toMs);
        Level level = levelFor((double) (last - first) / width);
        int from = first;
        for (int x = 0; x < width; x++) {
            int to = x == width - 1 ? last : intervalAfter(fromMs + (x + 1) * step);
            columns.clear(x);
            if (level == null) {
                for (int i = from; i < to; i++) {
                    double f = times.at(i);
                    columns.add(x, f, f, levels[0].p5[i / STRETCH], levels[0].p95[i / STRETCH]);
                }
            } else {
                for (int s = from / level.frames; s * (long) level.frames < to; s++) {
                    columns.add(x, level.min[s], level.max[s], level.p5[s], level.p95[s]);
                }
            }
            columns.finish(x);
            from = to;
        }
    }

    /// The coarsest level with two stretches or more in a column; null where single frames are few enough.
    private @Nullable Level levelFor(double framesInColumn) {
        Level best = null;
        for (Level level : levels) {
            if (level.frames * 2.0 <= framesInColumn) {
                best = level;
            }
        }
        return best;
    }

    /// Columns to draw: smallest, largest and the band between, ms; NaN where no frame ends. Used again for
    /// each drawing.
    public static final class Columns {
        private final double[] min;
        private final double[] max;
        private final double[] p5;
        private final double[] p95;
        private int parts;

        /// @param width number of columns
        public Columns(int width) {
            min = new double[width];
            max = new double[width];
            p5 = new double[width];
            p95 = new double[width];
        }

        /// Number of columns.
        public int width() {
            return min.length;
        }

        /// Smallest frame time that ends in a column, ms.
        public double min(int x) {
            return min[x];
        }

        /// Largest frame time that ends in a column, ms.
        public double max(int x) {
            return max[x];
        }

        /// Lower edge of the band, ms.
        public double p5(int x) {
            return p5[x];
        }

        /// Upper edge of the band, ms.
        public double p95(int x) {
            return p95[x];
        }

        private void clear(int x) {
            parts = 0;
            min[x] = Double.POSITIVE_INFINITY;
            max[x] = Double.NEGATIVE_INFINITY;
            p5[x] = 0;
            p95[x] = 0;
        }

        private void add(int x, double low, double high, double lower, double upper) {
            min[x] = Math.min(min[x], low);
            max[x] = Math.max(max[x], high);
            p5[x] += lower;
            p95[x] += upper;
            parts++;
        }

        private void finish(int x) {
            if (parts == 0) {
                min[x] = Double.NaN;
                max[x] = Double.NaN;
            }
            p5[x] = parts == 0 ? Double.NaN : p5[x] / parts;
            p95[x] = parts == 0 ? Double.NaN : p95[x] / parts;
        }
    }

    /// One reduction: `frames` frames in each entry.
    private static final class Level {
        final int frames;
        final double[] min;
        final double[] max;
        final double[] p5;
        final double[] p95;

        Level(int n, int frames) {
            this.frames = frames;
            min = new double[n];
            max = new double[n];
            p5 = new double[n];
            p95 = new double[n];
        }

        int size() {
            return min.length;
        }
    }
}
