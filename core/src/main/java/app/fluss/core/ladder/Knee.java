package app.fluss.core.ladder;

import java.util.List;
import java.util.Locale;

/// Where more of a setting stops paying: the rung whose delivered rate lies farthest above the straight line
/// from the first rung to the last, both axes taken from 0 to 1 (Satopää and others, "Finding a 'Kneedle' in a
/// Haystack", ICDCS Workshops 2011, 166-171, from memory).
public sealed interface Knee {
    /// There is one.
    ///
    /// @param rung its place on the ladder, 0-based
    /// @param words what it rests on, for the user
    record At(int rung, String words) implements Knee {}

    /// There is none.
    ///
    /// @param why for the user
    record None(String why) implements Knee {}

    /// Share of the rate within which all rungs count as alike. Our own convention.
    double ALIKE = 0.05;

    /// Distance from the line, as a share of the range, below which a ladder counts as straight. Our own convention.
    double STRAIGHT = 0.1;

    /// Finds it. A rung without a cap stands as far beyond the last as that is from the one before.
    static Knee of(List<Rung> rungs) {
        int last = rungs.size() - 1;
        if (last < 2) {
            return new None("A knee takes three values of the setting; there are %d.".formatted(rungs.size()));
        }
        double[] x = new double[last + 1];
        double[] y = new double[last + 1];
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (int i = 0; i <= last; i++) {
            double value = rungs.get(i).value();
            x[i] = Double.isInfinite(value) ? 2 * x[i - 1] - x[i - 2] : value;
            y[i] = rungs.get(i).deliveredFps().orNaN();
            least = Math.min(least, y[i]);
            most = Math.max(most, y[i]);
        }
        if (Double.isNaN(most)) {
            return new None("A delivered rate is missing on one of the rungs.");
        }
        if (most - least < ALIKE * most) {
            return new None(said("The delivered rate hardly changes: from %.1f to ", least) + said("%.1f/s.", most));
        }
        int knee = -1;
        double farthest = STRAIGHT;
        for (int i = 1; i < last; i++) {
            double line = y[0] + (y[last] - y[0]) * (x[i] - x[0]) / (x[last] - x[0]);
            double above = (y[i] - line) / (most - least);
            if (above > farthest) {
                farthest = above;
                knee = i;
            }
        }
        if (knee < 0) {
            return new None("The delivered rate goes in a straight line: more brings more, as far as was measured.");
        }
        int fewest = rungs.stream().mapToInt(Rung::runs).min().orElseThrow();
        String rests = said(
                        "Up to here each step of 1 changes the delivered rate by %+.2f/s, ",
                        (y[knee] - y[0]) / (x[knee] - x[0]))
                + said("beyond it by %+.2f/s.", (y[last] - y[knee]) / (x[last] - x[knee]))
                + " It rests on %d values, the fewest with %s."
                        .formatted(last + 1, fewest == 1 ? "one run" : fewest + " runs");
        return new At(knee, rests);
    }

    private static String said(String words, double value) {
        return String.format(Locale.ROOT, words, value);
    }
}
