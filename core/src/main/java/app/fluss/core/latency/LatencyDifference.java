package app.fluss.core.latency;

import app.fluss.core.compare.HodgesLehmann;
import app.fluss.core.compare.Interval;
import app.fluss.core.measure.Figure;
import java.util.Arrays;
import java.util.Optional;

/// What a path adds to the latency of another, from the samples of both: the Hodges-Lehmann shift with its
/// interval.
///
/// @param shiftMs ms; above 0 if the second is slower
/// @param interval 95 % interval, ms; empty where there are too few samples
/// @param samplesA samples of the first
/// @param samplesB samples of the second
public record LatencyDifference(Figure shiftMs, Optional<Interval> interval, int samplesA, int samplesB) {
    private static final int MOST = 2000;

    /// Compares samples of any digits.
    ///
    /// @param aMs samples, ms; NaN for a missed trial, which is left out
    /// @param bMs samples of the other
    public static LatencyDifference of(double[] aMs, double[] bMs) {
        return of(aMs, bMs, 0);
    }

    /// Compares. What comes in steps may be half a step off on either side, so the interval is wider by that.
    ///
    /// @param aMs samples, ms; NaN for a missed trial, which is left out
    /// @param bMs samples of the other
    /// @param resolutionMs half of the sum of the steps in which both come, ms; 0 for none
    public static LatencyDifference of(double[] aMs, double[] bMs, double resolutionMs) {
        double[] a = answered(aMs);
        double[] b = answered(bMs);
        if (a.length == 0 || b.length == 0) {
            return new LatencyDifference(
                    Figure.missing("latency was not measured on both sides"), Optional.empty(), a.length, b.length);
        }
        return new LatencyDifference(
                Figure.of(HodgesLehmann.shift(thinned(a), thinned(b))),
                HodgesLehmann.interval(thinned(a), thinned(b))
                        .map(interval -> new Interval(interval.low() - resolutionMs, interval.high() + resolutionMs)),
                a.length,
                b.length);
    }

    private static double[] answered(double[] samples) {
        return Arrays.stream(samples).filter(ms -> !Double.isNaN(ms)).toArray();
    }

    /// Of very many samples an even choice, for all pairs of them are held at once. The interval is then that
    /// of the choice: too wide rather than too narrow.
    private static double[] thinned(double[] samples) {
        if (samples.length <= MOST) {
            return samples;
        }
        double[] some = new double[MOST];
        for (int i = 0; i < MOST; i++) {
            some[i] = samples[(int) ((long) i * samples.length / MOST)];
        }
        return some;
    }
}
