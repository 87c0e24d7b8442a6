package app.fluss.core.latency;

import app.fluss.core.compare.Difference;
import app.fluss.core.compare.Estimate;
import app.fluss.core.compare.HodgesLehmann;
import app.fluss.core.compare.Interval;
import app.fluss.core.compare.Level;
import app.fluss.core.compare.Method;
import app.fluss.core.compare.RunComparison;
import app.fluss.core.compare.Welch;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Moments;
import app.fluss.core.measure.Ordered;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/// What a path adds to the latency of another. From three runs a side the unit is the run's median, by Welch;
/// below that the trials, by Hodges–Lehmann, which speaks of these runs only.
public final class LatencyDifference {
    private static final int MOST = 2000;
    private static final String NOT_MEASURED = "latency was not measured on both sides";

    private LatencyDifference() {}

    /// Compares the runs of two sides.
    ///
    /// @param aMs the samples of each run of the first, ms; NaN for a missed trial, which is left out
    /// @param bMs those of the other
    /// @param resolutionMs half of the sum of the steps in which both come, ms; 0 for none. The interval is
    ///     wider by that, for what comes in steps may be half a step off on either side
    public static Difference of(List<double[]> aMs, List<double[]> bMs, double resolutionMs) {
        List<double[]> a = answered(aMs);
        List<double[]> b = answered(bMs);
        Difference.Side sideA = side(a);
        Difference.Side sideB = side(b);
        return new Difference(sideA, sideB, estimate(a, b, resolutionMs), Double.NaN, false, "");
    }

    /// What stages add up to where latency was not measured.
    public static Difference estimated(Figure addedMs) {
        return new Difference(
                side(List.of()),
                side(List.of()),
                Estimate.without(addedMs, Figure.missing(NOT_MEASURED), "estimated from the stages of both paths"),
                Double.NaN,
                false,
                "");
    }

    private static Estimate estimate(List<double[]> a, List<double[]> b, double resolutionMs) {
        if (a.isEmpty() || b.isEmpty()) {
            return Estimate.without(Figure.missing(NOT_MEASURED), Figure.missing(NOT_MEASURED), NOT_MEASURED);
        }
        return Math.min(a.size(), b.size()) >= RunComparison.FEWEST_RUNS
                ? ofRuns(medians(a), medians(b), resolutionMs)
                : ofTrials(all(a), all(b), resolutionMs);
    }

    private static List<double[]> answered(List<double[]> runs) {
        return runs.stream()
                .map(run -> Arrays.stream(run).filter(ms -> !Double.isNaN(ms)).toArray())
                .filter(run -> run.length > 0)
                .toList();
    }

    private static double[] medians(List<double[]> runs) {
        return runs.stream().mapToDouble(run -> Ordered.of(run).median()).toArray();
    }

    private static double[] all(List<double[]> runs) {
        return runs.stream().flatMapToDouble(Arrays::stream).toArray();
    }

    /// Mean of the medians of its runs.
    private static Difference.Side side(List<double[]> runs) {
        Figure mean = runs.isEmpty()
                ? Figure.missing("latency was not measured")
                : Figure.of(Moments.of(medians(runs)).mean());
        return new Difference.Side(
                Level.without(mean, "see the difference"),
                runs.size(),
                runs.isEmpty() ? Optional.empty() : Optional.of(Grade.A),
                Optional.empty());
    }

    private static Estimate ofRuns(double[] a, double[] b, double resolutionMs) {
        Welch welch = Welch.of(a, b);
        Figure shift = Figure.of(welch.difference());
        Figure ratio = Figure.of(Moments.of(b).mean() / Moments.of(a).mean());
        Interval interval = welch.interval().widened(resolutionMs);
        if (interval.low() == interval.high()) {
            return Estimate.without(
                    shift, ratio, "the medians of the runs are equal: that is resolution, not certainty");
        }
        // A difference that the steps can account for is none.
        boolean beyondSteps = Math.abs(welch.difference()) > resolutionMs;
        return new Estimate(
                shift,
                Optional.of(interval),
                ratio,
                Optional.empty(),
                Method.WELCH,
                0,
                "",
                beyondSteps ? Welch.of(a, towards(a, b, resolutionMs)).p() : 1,
                welch.degreesOfFreedom(),
                Double.NaN,
                Optional.empty());
    }

    /// The other side moved towards the first by the resolution: what must be told apart for both to differ.
    private static double[] towards(double[] a, double[] b, double resolutionMs) {
        double step =
                Math.copySign(resolutionMs, Moments.of(a).mean() - Moments.of(b).mean());
        return Arrays.stream(b).map(ms -> ms + step).toArray();
    }

    private static Estimate ofTrials(double[] a, double[] b, double resolutionMs) {
        double[] left = thinned(a);
        double[] right = thinned(b);
        double shift = HodgesLehmann.shift(left, right);
        Optional<Interval> interval = HodgesLehmann.interval(left, right)
                .map(ends -> ends.widened(resolutionMs).holding(shift));
        return new Estimate(
                Figure.of(shift),
                interval,
                Figure.missing("a shift of trials has no ratio"),
                Optional.empty(),
                interval.isPresent() ? Method.WITHIN_RUNS : Method.NONE,
                0,
                interval.isPresent() ? "" : "there are too few trials for an interval",
                Double.NaN,
                Double.NaN,
                Double.NaN,
                Optional.empty());
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
