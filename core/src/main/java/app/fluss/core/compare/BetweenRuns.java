package app.fluss.core.compare;

import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Moments;
import java.util.Arrays;
import java.util.Optional;

/// Compares the figures of runs. The unit is the run: how many frames it has makes it no surer what the next would
/// give.
final class BetweenRuns {
    /// Runs a side from which intervals rest on their own spread: {@value}.
    static final int FEWEST = 3;

    /// Runs a side from which Hodges–Lehmann stands beside: {@value}.
    static final int FOR_SHIFT = 4;

    /// Values below this are 0 within what logs print, and nothing is a multiple of them.
    private static final double NOTHING = 1e-6;

    private static final String RESOLUTION =
            "the runs of a side are equal to the last digit recorded: that is resolution, not certainty";

    private BetweenRuns() {}

    /// Compares two sides.
    ///
    /// @param a the figure of each run of the baseline, one or more
    /// @param b the figure of each run of the other side, one or more
    /// @param scene what can be borrowed where a side has few runs
    static Estimate of(double[] a, double[] b, PooledSpread scene) {
        int fewest = Math.min(a.length, b.length);
        boolean logs = allAboveZero(a) && allAboveZero(b);
        if (fewest >= FEWEST) {
            return welch(a, b, logs);
        } else if (logs && scene.sd().isKnown()) {
            return borrowed(a, b, scene);
        } else if (fewest == 2) {
            return welch(a, b, logs);
        }
        return Estimate.without(
                difference(a, b), ratio(a, b), "one run a side tells nothing of the next, and " + why(scene, logs));
    }

    private static String why(PooledSpread scene, boolean logs) {
        return logs && scene.sd() instanceof Figure.Missing(String why)
                ? why
                : "a figure that can be 0 has no spread to borrow";
    }

    static Figure difference(double[] a, double[] b) {
        return Figure.of(Moments.of(b).mean() - Moments.of(a).mean());
    }

    /// The ratio of geometric means; missing where a value is 0.
    static Figure ratio(double[] a, double[] b) {
        if (Math.abs(Moments.of(a).mean()) < NOTHING) {
            return Figure.missing("the baseline is 0");
        }
        return allAboveZero(a) && allAboveZero(b)
                ? Figure.of(Math.exp(logRatio(a, b)))
                : Figure.missing("a ratio needs values above 0 in every run");
    }

    private static double logRatio(double[] a, double[] b) {
        return Moments.of(PooledSpread.logs(b)).mean()
                - Moments.of(PooledSpread.logs(a)).mean();
    }

    private static boolean allAboveZero(double[] values) {
        return Arrays.stream(values).allMatch(value -> value > NOTHING);
    }

    private static Estimate welch(double[] a, double[] b, boolean logs) {
        if (isConstant(a) && isConstant(b)) {
            return Estimate.without(difference(a, b), ratio(a, b), RESOLUTION);
        }
        Welch plain = Welch.of(a, b);
        Optional<Welch> ofLogs =
                logs ? Optional.of(Welch.of(PooledSpread.logs(a), PooledSpread.logs(b))) : Optional.empty();
        return new Estimate(
                Figure.of(plain.difference()),
                Optional.of(plain.interval()),
                ratio(a, b),
                ofLogs.map(Welch::interval).map(BetweenRuns::exp),
                Method.WELCH,
                0,
                "",
                // What stands leaves "no difference" out of both its intervals.
                Math.max(plain.p(), ofLogs.map(Welch::p).orElse(0.0)),
                plain.degreesOfFreedom(),
                ofLogs.map(Welch::degreesOfFreedom).orElse(Double.NaN),
                Math.min(a.length, b.length) >= FOR_SHIFT ? Optional.of(shift(a, b)) : Optional.empty());
    }

    private static Estimate.Shift shift(double[] a, double[] b) {
        return new Estimate.Shift(HodgesLehmann.shift(a, b), HodgesLehmann.interval(a, b));
    }

    private static boolean isConstant(double[] values) {
        Moments moments = Moments.of(values);
        return moments.sd() <= PooledSpread.ROUNDING * Math.abs(moments.mean());
    }

    /// Student's t on logarithms with the spread of the scene; the difference by the same share of each side.
    private static Estimate borrowed(double[] a, double[] b, PooledSpread scene) {
        double sd = scene.sd().orNaN();
        double reach = Student.reach(scene.freedom());
        double log = logRatio(a, b);
        double error = sd * Math.sqrt(1.0 / a.length + 1.0 / b.length);
        double meanA = Moments.of(a).mean();
        double meanB = Moments.of(b).mean();
        double plainError = sd * Math.sqrt(meanA * meanA / a.length + meanB * meanB / b.length);
        double difference = meanB - meanA;
        return new Estimate(
                Figure.of(difference),
                Optional.of(new Interval(difference - reach * plainError, difference + reach * plainError)),
                Figure.of(Math.exp(log)),
                Optional.of(exp(new Interval(log - reach * error, log + reach * error))),
                Method.BORROWED,
                scene.runs(),
                "",
                Math.max(
                        Student.twoSided(log / error, scene.freedom()),
                        Student.twoSided(difference / plainError, scene.freedom())),
                scene.freedom(),
                scene.freedom(),
                Optional.empty());
    }

    static Interval exp(Interval logs) {
        return new Interval(Math.exp(logs.low()), Math.exp(logs.high()));
    }
}
