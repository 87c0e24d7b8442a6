package app.fluss.core.stream.blame;

import app.fluss.core.measure.FrameTimes;
import app.fluss.core.measure.Ordered;
import app.fluss.core.measure.StutterRule;
import app.fluss.core.measure.Stutters;
import java.util.Arrays;
import java.util.stream.IntStream;

/// How long images stay on a client's display when all is well. On a fixed refresh a rate that is no part of it has
/// long and short stays by turns, 60/s on 90 Hz 11 and 22 ms, and neither is a hitch.
///
/// @param refreshMs the display's refresh period as the stays show it; NaN if they lie on none
/// @param usualMs mean stay of images that did not hitch
record ShownCadence(double refreshMs, double usualMs) {
    /// A stay of about twice the usual, and 4 ms longer. Below the 2 of a stutter, for on a fixed refresh one missed
    /// refresh is a ratio of 2 but for rounding.
    private static final StutterRule LONG = new StutterRule(1.75, 4);

    private static final double ON_GRID = 0.15;
    private static final double MOST = 0.9;
    private static final double ABOUT_ONE = 0.75;
    private static final double ROUNDED = 0.05;
    private static final double ALIKE = 0.2;
    private static final int FEWEST = 20;

    /// @param stays how long each image stayed, ms
    static ShownCadence of(double[] stays) {
        Ordered ordered = Ordered.of(stays);
        double median = ordered.median();
        double refresh = stays.length < FEWEST ? Double.NaN : refresh(stays, ordered.quantile(0.05));
        if (Double.isNaN(refresh)) {
            return new ShownCadence(Double.NaN, median);
        }
        // The mean without what stays far longer; what is left may still hold hitches, so it is taken twice.
        double most95 = ordered.quantile(0.95);
        double usual =
                Arrays.stream(stays).filter(stay -> stay <= most95).average().orElse(median);
        for (int round = 0; round < 2; round++) {
            double most = longest(usual, refresh) + refresh;
            usual = Arrays.stream(stays).filter(stay -> stay < most).average().orElse(median);
        }
        // Of stays that are all alike the middle one is not moved by a hitch and by what catches up after it.
        boolean alike = Math.abs(usual - median) < ALIKE * refresh;
        return new ShownCadence(refresh, alike ? median : usual);
    }

    private static double refresh(double[] stays, double shortest) {
        if (!(shortest > 0)) {
            return Double.NaN;
        }
        double[] near = Arrays.stream(stays)
                .filter(stay -> Math.abs(stay / shortest - 1) < 2 * ON_GRID)
                .toArray();
        double period = Ordered.of(near).median();
        long on = Arrays.stream(stays)
                .filter(stay -> Math.abs(stay / period - Math.rint(stay / period)) < ON_GRID)
                .count();
        return on >= MOST * stays.length ? period : Double.NaN;
    }

    /// The longest stay of an even cadence.
    private static double longest(double usual, double refresh) {
        return Math.ceil(usual / refresh - ROUNDED) * refresh;
    }

    /// The intervals of images that stayed about a refresh longer than the longest stay of the cadence. On a display of
    /// many refreshes an image a single one of them is nothing that anybody sees.
    int[] hitches(FrameTimes times) {
        if (Double.isNaN(refreshMs)) {
            Stutters stutters = Stutters.of(times, LONG);
            return IntStream.range(0, stutters.count()).map(stutters::interval).toArray();
        }
        double most = Math.max(
                longest(usualMs, refreshMs) + ABOUT_ONE * refreshMs,
                Math.max(LONG.factor() * usualMs, usualMs + LONG.overMs()));
        double[] stays = times.toArray();
        return IntStream.range(0, stays.length).filter(i -> stays[i] > most).toArray();
    }
}
