package app.fluss.core.picture;

import app.fluss.core.measure.Ordered;
import java.util.Arrays;

/// Tells repeats from changes by how much moves from picture to picture. In a clip of good quality the two are far
/// apart; a lossy one leaves differences between equal pictures and smears weak motion. So the groups must stand
/// apart, what is far weaker than its neighbours is what a codec refined after them, and where neither is clear it
/// cannot be told: a count by default would be that of the clip itself.
final class MotionGroups {
    private static final double LEAST = 0.03;
    private static final double STILL = 0.15;
    private static final double APART = 1.5;
    private static final double FAR_APART = 3;
    private static final double TAIL = 0.03;
    private static final double FEW_SHARE = 0.03;
    private static final double NEARLY_ALL = 0.9;
    private static final double WEAK = 0.45;
    private static final double MOST_WEAK = 0.03;
    private static final int NEAR = 3;
    private static final double GROWS = 1.1;
    private static final double GROWS_AT_TIMES = 1.35;
    private static final int FEWEST_PAIRS = 5;
    private static final double WEAK_MOTION = 2.3;
    private static final double CLEAR_MOTION = 3.5;
    private static final double STRONG_MOTION = 10;

    private final double[] logs;
    private final double[] growth;
    private final boolean[] changed;
    private final PictureCount.Kind kind;
    private double threshold = Double.NaN;

    /// @param peak what moves from the picture before where most moves; NaN for the first
    /// @param overOne what moves from the picture before, in all
    /// @param overTwo what moves from the one before that, in all
    MotionGroups(double[] peak, double[] overOne, double[] overTwo) {
        logs = new double[peak.length];
        growth = new double[peak.length];
        for (int i = 1; i < logs.length; i++) {
            logs[i] = logarithm(peak[i]);
            growth[i] = i < 2 ? 0 : logarithm(overTwo[i]) - logarithm(overOne[i]);
        }
        changed = new boolean[logs.length];
        kind = logs.length < 3 ? PictureCount.Kind.CANNOT_TELL : told();
    }

    private static double logarithm(double motion) {
        return Math.log(Math.max(LEAST, motion));
    }

    PictureCount.Kind kind() {
        return kind;
    }

    /// Whether a picture differs from the one before; only the first does where that cannot be told.
    boolean isNew(int picture) {
        return picture == 0 || changed[picture];
    }

    /// Logarithm of the motion above which a picture is another one; NaN if there is one group.
    double threshold() {
        return threshold;
    }

    private PictureCount.Kind told() {
        double[] sorted = Arrays.copyOfRange(logs, 1, logs.length);
        Arrays.sort(sorted);
        int at = split(sorted);
        if (at > 0 && isOfRepeats(sorted, at)) {
            return twoGroups(sorted);
        }
        threshold = Double.NaN;
        Arrays.fill(changed, true);
        Ordered grows = Ordered.of(Arrays.copyOfRange(growth, 2, growth.length));
        boolean moves = grows.median() > Math.log(GROWS) || grows.quantile(0.9) > Math.log(GROWS_AT_TIMES);
        if (!moves && sorted[sorted.length / 2] < Math.log(STRONG_MOTION)) {
            Arrays.fill(changed, false);
            return PictureCount.Kind.NOTHING_MOVES;
        }
        if (isOneGroup()) {
            return PictureCount.Kind.ALL_CHANGE;
        }
        Arrays.fill(changed, false);
        return PictureCount.Kind.CANNOT_TELL;
    }

    /// Where the weakest of the changes stand furthest above the strongest of the repeats; -1 if that is nowhere far
    /// enough.
    private int split(double[] sorted) {
        int n = sorted.length;
        double best = 0;
        int at = -1;
        for (int i = 1; i < n; i++) {
            double low = lowTail(sorted, i);
            double high = highTail(sorted, i);
            double enough = Math.log(Math.min(i, n - i) < FEW_SHARE * n ? FAR_APART : APART);
            boolean pulses = n - i < FEW_SHARE * n && sorted[i] < Math.log(CLEAR_MOTION);
            if (high - low > Math.max(best, enough) && !pulses) {
                best = high - low;
                at = i;
                threshold = (low + high) / 2;
            }
        }
        return at;
    }

    private static double lowTail(double[] sorted, int at) {
        return Math.max(Math.log(STILL), sorted[at - 1 - (int) (TAIL * at)]);
    }

    private static double highTail(double[] sorted, int at) {
        return sorted[at + (int) (TAIL * (sorted.length - at))];
    }

    /// Whether what lies below moves no more over two pictures than over one, as repeats do; where the groups are far
    /// apart a little more is a codec's refining.
    private boolean isOfRepeats(double[] sorted, int at) {
        for (int i = 1; i < logs.length; i++) {
            changed[i] = logs[i] > threshold;
        }
        double[] still = new double[logs.length];
        int n = 0;
        for (int i = 2; i < logs.length; i++) {
            if (!changed[i] && !changed[i - 1]) {
                still[n++] = growth[i];
            }
        }
        boolean moves = n >= FEWEST_PAIRS && Ordered.of(Arrays.copyOf(still, n)).median() > Math.log(GROWS);
        boolean farApart = highTail(sorted, at) - lowTail(sorted, at) > Math.log(FAR_APART)
                && threshold > Math.log(APART)
                && sorted[(at + sorted.length) / 2] > Math.log(CLEAR_MOTION);
        return !moves || farApart;
    }

    private PictureCount.Kind twoGroups(double[] sorted) {
        int all = 0;
        boolean[] weak = new boolean[changed.length];
        int n = 0;
        for (int i = 1; i < changed.length; i++) {
            if (changed[i]) {
                all++;
                weak[i] = isWeak(i);
                n += weak[i] ? 1 : 0;
            }
        }
        for (int i = 1; i < changed.length; i++) {
            changed[i] &= !weak[i];
        }
        boolean plain = sorted[sorted.length / 2] > Math.log(STRONG_MOTION) && threshold > Math.log(CLEAR_MOTION);
        if (n > MOST_WEAK * all || (all > NEARLY_ALL * sorted.length && !plain && !isOneGroup())) {
            Arrays.fill(changed, false);
            return PictureCount.Kind.CANNOT_TELL;
        }
        return PictureCount.Kind.MIXED;
    }

    /// Whether a change is far weaker than another one close by.
    private boolean isWeak(int picture) {
        double strongest = Double.NEGATIVE_INFINITY;
        for (int i = Math.max(1, picture - NEAR); i <= Math.min(logs.length - 1, picture + NEAR); i++) {
            if (i != picture && changed[i]) {
                strongest = Math.max(strongest, logs[i]);
            }
        }
        return logs[picture] < strongest + Math.log(WEAK);
    }

    /// Whether all that changed is motion, and evenly: strong, or further over two pictures than over one each
    /// time. Where every second picture is a repeat, the way over two is no longer than over one in half of them.
    private boolean isOneGroup() {
        double[] some = new double[logs.length];
        double[] ways = new double[logs.length];
        int n = 0;
        int pairs = 0;
        for (int i = 1; i < logs.length; i++) {
            if (changed[i]) {
                some[n++] = logs[i];
                if (i > 1 && changed[i - 1]) {
                    ways[pairs++] = growth[i];
                }
            }
        }
        if (pairs < FEWEST_PAIRS) {
            return false;
        }
        Ordered motion = Ordered.of(Arrays.copyOf(some, n));
        double middle = motion.median();
        double low = motion.quantile(0.05);
        Ordered grows = Ordered.of(Arrays.copyOf(ways, pairs));
        double least = grows.quantile(0.1);
        boolean even = low > middle + Math.log(0.5);
        boolean strong = middle > Math.log(STRONG_MOTION) && grows.median() > Math.log(1.01);
        boolean clear = middle > Math.log(WEAK_MOTION) && least > Math.log(1.25);
        boolean steady = least > Math.log(1.5) && motion.quantile(0.95) - low < Math.log(1.3);
        return strong ? low > middle + Math.log(0.3) : even && (clear || steady);
    }
}
