package app.fluss.core.picture;

import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Ordered;
import java.util.Arrays;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/// How the pictures of a clip differ, and which of them are distinct. By motion, as [MotionGroups] tells
/// it; older evidence holds plain differences of brightness, which are told as they were then: their
/// logarithms fall into two groups, repeats and changes, and the threshold lies where the spread within
/// the groups is least (Otsu, "A threshold selection method from gray-level histograms", IEEE
/// Transactions on Systems, Man, and Cybernetics 9 (1979) 62-66, from memory). A look over two pictures
/// tells noise from motion: noise is no larger over two than over one, motion is.
public final class PictureDifferences {
    private static final double APART = 1.35;
    private static final double GROWS = 1.1;
    private static final double FEWEST_SHARE = 0.005;
    private static final double LEAST = 1e-3;
    private static final int FEWEST_PAIRS = 5;

    /// The gap between two groups is at least this part of their distance.
    private static final double GAPS = 8;

    private final double[] peak;
    private final double[] overOne;
    private final double[] overTwo;
    private final double[] ms;
    private final @Nullable MotionGroups motion;
    private final double split;

    /// @param motion null for plain differences
    private PictureDifferences(
            double[] peak, double[] overOne, double[] overTwo, double[] ms, @Nullable MotionGroups motion) {
        this.peak = peak;
        this.overOne = overOne;
        this.overTwo = overTwo;
        this.ms = ms;
        this.motion = motion;
        this.split = motion != null ? motion.threshold() : overOne.length < 3 ? Double.NaN : split();
    }

    /// Differences as they were kept before motion was looked at.
    ///
    /// @param overOne mean absolute difference of each picture from the one before, 0 to 255; NaN for the first.
    ///     The array is taken over
    /// @param overTwo the same from the one before that; NaN for the first two
    public static PictureDifferences ofMeans(double[] overOne, double[] overTwo) {
        return new PictureDifferences(overOne, overOne, overTwo, new double[0], null);
    }

    /// Differences that motion explains, root mean squares of brightness, 0 to 255. The arrays are taken
    /// over.
    ///
    /// @param peak from the picture before, in the blocks where most moves; NaN for the first
    /// @param overOne from the picture before, in all blocks; NaN for the first
    /// @param overTwo from the one before that, in all blocks; NaN for the first two
    /// @param ms when each picture is shown, ms; NaN where not known
    public static PictureDifferences ofMotion(double[] peak, double[] overOne, double[] overTwo, double[] ms) {
        return new PictureDifferences(peak, overOne, overTwo, ms, new MotionGroups(peak, overOne, overTwo));
    }

    /// Whether it is motion that was looked at.
    public boolean isByMotion() {
        return motion != null;
    }

    /// How a picture differs from the one before where most moves, 0 to 255; NaN for the first.
    public double peak(int picture) {
        return peak[picture];
    }

    /// When a picture is shown, ms; NaN if not known.
    public double ms(int picture) {
        return ms.length == 0 ? Double.NaN : ms[picture];
    }

    /// Number of pictures.
    public int size() {
        return overOne.length;
    }

    /// How a picture differs from the one before, 0 to 255; NaN for the first.
    public double overOne(int picture) {
        return overOne[picture];
    }

    /// How a picture differs from the one two before, 0 to 255; NaN for the first two.
    public double overTwo(int picture) {
        return overTwo[picture];
    }

    /// Distinct pictures a second in each whole second of the clip: its worst stretch shows.
    ///
    /// @param fps pictures a second of the clip, 1 or more
    /// @throws IllegalStateException before there are three pictures
    public double[] perSecond(double fps) {
        double above = above();
        double[] rates = new double[(int) (size() / fps)];
        for (int i = 0; i < size(); i++) {
            int second = (int) second(i, fps);
            if (second < rates.length && isNew(i, above)) {
                rates[second]++;
            }
        }
        return rates;
    }

    /// The pictures that can be told apart as images of a log of their own, each presented when it is
    /// first shown, ms from the clip's begin; empty where they could not be counted.
    ///
    /// @param fps pictures a second of the clip, 1 or more
    /// @throws IllegalStateException before there are three pictures
    public Optional<FrameLog> images(double fps) {
        if (!count().isCounted()) {
            return Optional.empty();
        }
        double above = above();
        double[] shown = new double[size()];
        int n = 0;
        for (int i = 0; i < size(); i++) {
            if (isNew(i, above)) {
                shown[n++] = second(i, fps) * 1000;
            }
        }
        return Optional.of(FrameLog.presentedAt(shown, n).build());
    }

    private double second(int picture, double fps) {
        double at = ms(picture) / 1000;
        return at >= 0 ? at : picture / fps;
    }

    private boolean isNew(int picture, double above) {
        return picture == 0 || (motion != null ? motion.isNew(picture) : logarithm(peak[picture]) > above);
    }

    private double logarithm(double difference) {
        return Math.log(Math.max(LEAST, difference));
    }

    /// Logarithm of the difference above which a picture is another one.
    private double above() {
        return switch (kind()) {
            case MIXED -> split;
            case ALL_CHANGE -> Double.NEGATIVE_INFINITY;
            case NOTHING_MOVES, CANNOT_TELL -> Double.POSITIVE_INFINITY;
        };
    }

    private PictureCount.Kind kind() {
        if (size() < 3) {
            throw new IllegalStateException("fewer than three pictures tell nothing");
        }
        if (motion != null) {
            return motion.kind();
        }
        if (!Double.isNaN(split)) {
            return PictureCount.Kind.MIXED;
        }
        boolean moves = Ordered.of(logarithms(overTwo, 2)).median()
                > Ordered.of(logarithms(overOne, 1)).median() + Math.log(GROWS);
        return moves ? PictureCount.Kind.ALL_CHANGE : PictureCount.Kind.NOTHING_MOVES;
    }

    /// Counts.
    ///
    /// @throws IllegalStateException before there are three pictures
    public PictureCount count() {
        double above = above();
        SortedMap<Integer, Integer> holds = new TreeMap<>();
        int distinct = 1;
        int hold = 1;
        int longest = 1;
        int shownFirst = 0;
        double longestMs = ms.length == 0 ? Double.NaN : 0;
        for (int i = 1; i < size(); i++) {
            if (isNew(i, above)) {
                holds.merge(hold, 1, Integer::sum);
                longestMs = Math.max(longestMs, ms(i) - ms(shownFirst));
                shownFirst = i;
                hold = 0;
                distinct++;
            }
            hold++;
            longest = Math.max(longest, hold);
        }
        holds.merge(hold, 1, Integer::sum);
        longestMs = Math.max(longestMs, (ms(size() - 1) - ms(shownFirst)) * hold / Math.max(1, hold - 1));
        Figure threshold = Figure.ofFinite(Math.exp(split), "the differences fall into one group");
        return new PictureCount(size(), distinct, threshold, holds, longest, longestMs, kind());
    }

    private double[] logarithms(double[] differences, int from) {
        double[] logs = new double[Math.max(0, differences.length - from)];
        for (int i = 0; i < logs.length; i++) {
            logs[i] = logarithm(differences[from + i]);
        }
        return logs;
    }

    /// Where repeats and changes part; NaN if there is one group. Where few pictures repeat, or some
    /// change far more than others, the spread within groups is least elsewhere: then the widest gap is
    /// taken below which pictures do repeat.
    private double split() {
        double[] sorted = logarithms(peak, 1);
        Arrays.sort(sorted);
        int otsu = otsu(sorted);
        if (parts(sorted, otsu)) {
            return middle(sorted, otsu);
        }
        int widest = -1;
        for (int i = 1; i < sorted.length; i++) {
            boolean wider = widest < 0 || sorted[i] - sorted[i - 1] > sorted[widest] - sorted[widest - 1];
            if (wider && sorted[i] - sorted[i - 1] > Math.log(GROWS) && parts(sorted, i)) {
                widest = i;
            }
        }
        return widest < 0 ? Double.NaN : middle(sorted, widest);
    }

    private static double middle(double[] sorted, int at) {
        return (sorted[at] + sorted[at - 1]) / 2;
    }

    /// Where the spread within two groups is least, as the index of the first of the upper group.
    private static int otsu(double[] sorted) {
        int n = sorted.length;
        double all = 0;
        for (double value : sorted) {
            all += value;
        }
        double below = 0;
        double best = -1;
        int at = 1;
        for (int i = 1; i < n; i++) {
            below += sorted[i - 1];
            double apart = below / i - (all - below) / (n - i);
            double between = (double) i * (n - i) * apart * apart;
            if (between > best) {
                best = between;
                at = i;
            }
        }
        return at;
    }

    /// Whether the groups below and above an index are apart, and the lower one is of repeats.
    private boolean parts(double[] sorted, int at) {
        int n = sorted.length;
        int fewest = Math.max(1, (int) (FEWEST_SHARE * n));
        if (at < fewest || n - at < fewest) {
            return false;
        }
        double low = sorted[at / 2];
        double high = sorted[(at + n) / 2];
        double gap = sorted[at] - sorted[at - 1];
        return high - low > Math.log(APART) && gap >= (high - low) / GAPS && !moves(middle(sorted, at));
    }

    /// Whether pictures that would count as repeats differ more from the one two before than from the one
    /// before, where both are called repeats: noise does not grow, motion does.
    private boolean moves(double above) {
        double[] growth = new double[size()];
        int n = 0;
        for (int i = 2; i < size(); i++) {
            if (!isNew(i, above) && !isNew(i - 1, above)) {
                growth[n++] = logarithm(overTwo[i]) - logarithm(overOne[i]);
            }
        }
        return n >= FEWEST_PAIRS && Ordered.of(Arrays.copyOf(growth, n)).median() > Math.log(GROWS);
    }
}
