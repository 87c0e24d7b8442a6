package app.fluss.core.picture;

import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Ordered;
import java.util.Arrays;
import java.util.SortedMap;
import java.util.TreeMap;

/// Counts the distinct pictures of a clip. Two pictures that show the same image differ by noise only; the
/// noise is learnt from the clip itself: the mean absolute differences of successive pictures fall into two
/// groups, repeats and changes, and the threshold lies where their spread within the groups is least (Otsu,
/// "A threshold selection method from gray-level histograms", IEEE Transactions on Systems, Man, and
/// Cybernetics 9 (1979) 62-66, from memory), on a logarithmic scale.
///
/// Where there is one group only, a look over two pictures tells which: noise is no larger over two than over
/// one, motion is.
public final class DistinctPictures {
    private static final double APART = 1.35;
    private static final double GROWS = 1.1;
    private static final double FEWEST_SHARE = 0.005;
    private static final double LEAST = 1e-3;

    private final double[] overOne;
    private final double[] overTwo;
    private final int[] mask;
    private final int pixels;
    private byte[] before = new byte[0];
    private byte[] twoBefore = new byte[0];
    private int size;

    /// @param width of a picture, px
    /// @param height of a picture, px
    /// @param pictures how many will come
    /// @throws IllegalArgumentException if the areas to look at do not lie within the pictures
    public DistinctPictures(int width, int height, int pictures, Look look) {
        boolean[] counts = look.mask(width, height);
        int[] at = new int[counts.length];
        int n = 0;
        for (int i = 0; i < counts.length; i++) {
            if (counts[i]) {
                at[n++] = i;
            }
        }
        mask = Arrays.copyOf(at, n);
        pixels = n;
        overOne = new double[pictures];
        overTwo = new double[pictures];
    }

    /// Takes the next picture.
    ///
    /// @param luma brightness, row by row, unsigned; is copied
    public void add(byte[] luma) {
        overOne[size] = size == 0 ? Double.NaN : difference(luma, before);
        overTwo[size] = size < 2 ? Double.NaN : difference(luma, twoBefore);
        byte[] free = twoBefore;
        twoBefore = before;
        before = free.length == luma.length ? free : new byte[luma.length];
        System.arraycopy(luma, 0, before, 0, luma.length);
        size++;
    }

    private double difference(byte[] a, byte[] b) {
        long sum = 0;
        for (int i : mask) {
            sum += Math.abs((a[i] & 0xFF) - (b[i] & 0xFF));
        }
        return (double) sum / pixels;
    }

    /// What was counted.
    ///
    /// @param pictures of the clip
    /// @param distinct those that differ from the one before, the first included
    /// @param threshold mean absolute difference above which a picture is another one, 0 to 255
    /// @param holds how many images stayed for how many pictures
    /// @param longest pictures that one image stayed at most
    /// @param kind what the differences were like
    public record Count(
            int pictures, int distinct, Figure threshold, SortedMap<Integer, Integer> holds, int longest, Kind kind) {
        /// Distinct pictures a second.
        ///
        /// @param fps pictures a second of the clip
        public double deliveredFps(double fps) {
            return distinct * fps / pictures;
        }

        /// How long one image stayed at most, ms.
        public double longestHoldMs(double fps) {
            return longest * 1000 / fps;
        }
    }

    /// What the differences of successive pictures are like.
    public enum Kind {
        /// Some repeat, some do not.
        MIXED,
        /// Every picture is another one.
        ALL_CHANGE,
        /// Nothing moves.
        NOTHING_MOVES
    }

    /// Counts what has come in.
    ///
    /// @throws IllegalStateException before there are three pictures
    public Count count() {
        if (size < 3) {
            throw new IllegalStateException("fewer than three pictures tell nothing");
        }
        double[] one = logarithms(overOne, 1);
        double split = split(one);
        if (Double.isNaN(split)) {
            boolean moves = Ordered.of(logarithms(overTwo, 2)).median()
                    > Ordered.of(one).median() + Math.log(GROWS);
            return counted(
                    moves ? Double.NEGATIVE_INFINITY : Double.POSITIVE_INFINITY,
                    Figure.missing("the differences fall into one group"),
                    moves ? Kind.ALL_CHANGE : Kind.NOTHING_MOVES);
        }
        return counted(split, Figure.of(Math.exp(split)), Kind.MIXED);
    }

    private double[] logarithms(double[] differences, int from) {
        double[] logs = new double[size - from];
        for (int i = 0; i < logs.length; i++) {
            logs[i] = Math.log(Math.max(LEAST, differences[from + i]));
        }
        return logs;
    }

    /// Where two groups part; NaN if they are not apart.
    private static double split(double[] logs) {
        double[] sorted = logs.clone();
        Arrays.sort(sorted);
        int n = sorted.length;
        double all = 0;
        for (double value : sorted) {
            all += value;
        }
        double below = 0;
        double best = -1;
        int at = -1;
        for (int i = 1; i < n; i++) {
            below += sorted[i - 1];
            double apart = below / i - (all - below) / (n - i);
            double between = (double) i * (n - i) * apart * apart;
            if (between > best) {
                best = between;
                at = i;
            }
        }
        int fewest = Math.max(1, (int) (FEWEST_SHARE * n));
        if (at < fewest || n - at < fewest) {
            return Double.NaN;
        }
        double low = Ordered.of(Arrays.copyOf(sorted, at)).median();
        double high = Ordered.of(Arrays.copyOfRange(sorted, at, n)).median();
        double gap = sorted[at] - sorted[at - 1];
        boolean clear = high - low > Math.log(APART) && gap >= (high - low) / GAPS;
        return clear ? (sorted[at] + sorted[at - 1]) / 2 : Double.NaN;
    }

    /// The gap between two groups is at least this part of their distance.
    private static final double GAPS = 8;

    private Count counted(double split, Figure threshold, Kind kind) {
        SortedMap<Integer, Integer> holds = new TreeMap<>();
        int distinct = 1;
        int hold = 1;
        int longest = 1;
        for (int i = 1; i < size; i++) {
            if (Math.log(Math.max(LEAST, overOne[i])) > split) {
                holds.merge(hold, 1, Integer::sum);
                hold = 0;
                distinct++;
            }
            hold++;
            longest = Math.max(longest, hold);
        }
        holds.merge(hold, 1, Integer::sum);
        return new Count(size, distinct, threshold, holds, longest, kind);
    }
}
