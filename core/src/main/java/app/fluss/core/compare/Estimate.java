package app.fluss.core.compare;

import app.fluss.core.measure.Figure;
import java.util.Optional;

/// How far two sides differ, and how sure that is.
///
/// @param difference `b - a`, or why there is none
/// @param interval 95 % interval of the difference; it holds the difference
/// @param ratio `exp(mean log b - mean log a)`, or why there is none
/// @param ratioInterval 95 % interval of the ratio; it holds the ratio
/// @param method how the intervals were found
/// @param borrowedFrom runs that the spread was borrowed from; 0 unless it was
/// @param why there is no interval, in words; empty if there is one
/// @param p the chance of such a difference where nothing differs; NaN without an interval
/// @param freedom degrees of freedom of the interval of the difference; NaN without one, and where it is of
///     another kind
/// @param ratioFreedom the same of the ratio
/// @param shift Hodges–Lehmann beside Welch, from four runs a side
public record Estimate(
        Figure difference,
        Optional<Interval> interval,
        Figure ratio,
        Optional<Interval> ratioInterval,
        Method method,
        int borrowedFrom,
        String why,
        double p,
        double freedom,
        double ratioFreedom,
        Optional<Shift> shift) {
    /// A shift that assumes no shape of distribution.
    ///
    /// @param median of all differences
    /// @param interval 95 % by ranks, if there are enough runs
    public record Shift(double median, Optional<Interval> interval) {}

    /// Two sides by their own spread.
    ///
    /// @param a the figure of each run of the baseline, one or more
    /// @param b the figure of each run of the other side, one or more
    public static Estimate of(double[] a, double[] b) {
        return BetweenRuns.of(a, b, PooledSpread.NONE);
    }

    /// Two sides that do not compare.
    static Estimate refused(Figure why) {
        return new Estimate(
                why,
                Optional.empty(),
                why,
                Optional.empty(),
                Method.NONE,
                0,
                why instanceof Figure.Missing(String words) ? words : "",
                Double.NaN,
                Double.NaN,
                Double.NaN,
                Optional.empty());
    }

    /// A difference without an interval.
    public static Estimate without(Figure difference, Figure ratio, String why) {
        return new Estimate(
                difference,
                Optional.empty(),
                ratio,
                Optional.empty(),
                Method.NONE,
                0,
                why,
                Double.NaN,
                Double.NaN,
                Double.NaN,
                Optional.empty());
    }

    /// The interval of the difference at another confidence; empty where it cannot be had.
    ///
    /// @param confidence above 0 and below 1
    public Optional<Interval> intervalAt(double confidence) {
        return freedom > 0 ? interval.map(ends -> ends.at(confidence, freedom)) : Optional.empty();
    }

    /// The interval of the ratio at another confidence; empty where it cannot be had.
    ///
    /// @param confidence above 0 and below 1
    public Optional<Interval> ratioIntervalAt(double confidence) {
        return ratioFreedom > 0 ? ratioInterval.map(ends -> ends.logAt(confidence, ratioFreedom)) : Optional.empty();
    }
}
