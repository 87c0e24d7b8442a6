package app.fluss.core.toggle;

import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.Values;
import app.fluss.core.measure.Ordered;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/// Proposes where the path of a log was switched on and off. The analyst confirms it: a scene that changes looks like a
/// switch too.
public final class Switches {
    /// Without a generated image for longer than this generation is off, ms.
    private static final double QUIET_MS = 1000;

    private static final double BIN_MS = 500;
    private static final int SHORTEST_BINS = 6;
    /// A change must lower the squared error by this many noise variances a logarithm of the bins: the usual penalty of
    /// a
    /// change point in level, made stricter, for frame rates wander.
    private static final double PENALTY = 6;
    /// Levels closer than this share are one.
    private static final double SAME = 0.08;

    private static final double MAD_TO_SD = 1.4826;
    private static final int MOST_BINS = 20_000;

    private Switches() {}

    /// By kinds: the path is on where images are generated.
    ///
    /// @return empty where the log states no kinds, or generates all the time or never
    public static List<ToggleMark> byKinds(FrameLog log) {
        List<ToggleMark> marks = new ArrayList<>();
        if (!log.kindsStated()) {
            return marks;
        }
        Values present = log.present();
        double last = Double.NaN;
        for (int i = 0; i < log.size(); i++) {
            double at = present.at(i);
            if (log.kind(i) == FrameKind.GENERATED) {
                boolean quiet = Double.isNaN(last) ? at - present.at(0) > QUIET_MS : at - last > QUIET_MS;
                if (quiet && !Double.isNaN(last)) {
                    marks.add(new ToggleMark(last, false, ToggleMark.SETTLES_MS));
                }
                if (quiet) {
                    marks.add(new ToggleMark(at, true, ToggleMark.SETTLES_MS));
                }
                last = at;
            }
        }
        if (!Double.isNaN(last) && present.at(log.size() - 1) - last > QUIET_MS) {
            marks.add(new ToggleMark(last, false, ToggleMark.SETTLES_MS));
        }
        return marks;
    }

    /// By the presented rate: where its level changes and comes back, on where it is higher.
    ///
    /// @return empty where it keeps to one level
    public static List<ToggleMark> byRate(FrameLog log) {
        double[] rates = logRates(log);
        if (rates.length < 2 * SHORTEST_BINS) {
            return List.of();
        }
        List<Integer> cuts = new ArrayList<>(List.of(0, rates.length));
        double noise = noise(rates);
        split(rates, 0, rates.length, PENALTY * Math.log(rates.length) * noise * noise, cuts);
        cuts.sort(null);
        return marks(log, rates, cuts);
    }

    private static double[] logRates(FrameLog log) {
        Values present = log.present();
        double begin = present.at(0);
        double spanMs = present.at(log.size() - 1) - begin;
        int n = (int) Math.min(MOST_BINS, Math.floor(spanMs / BIN_MS));
        double[] counts = new double[Math.max(0, n)];
        for (int i = 0; i < log.size(); i++) {
            int bin = (int) ((present.at(i) - begin) / BIN_MS);
            if (bin >= 0 && bin < counts.length) {
                counts[bin]++;
            }
        }
        return Arrays.stream(counts)
                .map(count -> Math.log(Math.max(0.5, count)))
                .toArray();
    }

    /// From bin to bin, so that levels do not count.
    private static double noise(double[] rates) {
        double[] steps = new double[rates.length - 1];
        Arrays.setAll(steps, i -> Math.abs(rates[i + 1] - rates[i]));
        return Math.max(0.005, MAD_TO_SD * Ordered.of(steps).median() / Math.sqrt(2));
    }

    /// Cuts where two levels fit best, as long as that is worth its penalty.
    private static void split(double[] rates, int from, int to, double penalty, List<Integer> cuts) {
        double total = 0;
        for (int i = from; i < to; i++) {
            total += rates[i];
        }
        double left = 0;
        double best = penalty;
        int at = -1;
        for (int i = from + 1; i < to; i++) {
            left += rates[i - 1];
            int n = i - from;
            int m = to - i;
            if (n >= SHORTEST_BINS && m >= SHORTEST_BINS) {
                double step = left / n - (total - left) / m;
                double gain = step * step * n * m / (n + m);
                if (gain > best) {
                    best = gain;
                    at = i;
                }
            }
        }
        if (at > 0) {
            cuts.add(at);
            split(rates, from, at, penalty, cuts);
            split(rates, at, to, penalty, cuts);
        }
    }

    private static List<ToggleMark> marks(FrameLog log, double[] rates, List<Integer> cuts) {
        double[] levels = new double[cuts.size() - 1];
        Arrays.setAll(
                levels,
                s -> Arrays.stream(rates, cuts.get(s), cuts.get(s + 1))
                        .average()
                        .orElse(Double.NaN));
        double lowest = Arrays.stream(levels).min().orElse(Double.NaN);
        double highest = Arrays.stream(levels).max().orElse(Double.NaN);
        List<ToggleMark> marks = new ArrayList<>();
        if (!(highest - lowest > SAME)) {
            return marks;
        }
        double between = (lowest + highest) / 2;
        for (int s = 1; s < levels.length; s++) {
            boolean on = levels[s] > between;
            if (on != levels[s - 1] > between) {
                marks.add(new ToggleMark(log.present().at(0) + cuts.get(s) * BIN_MS, on, ToggleMark.SETTLES_MS));
            }
        }
        return marks;
    }
}
