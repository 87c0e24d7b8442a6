package app.fluss.core.compare;

import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Measure;
import app.fluss.core.measure.Moments;
import java.util.Arrays;
import java.util.Optional;

/// Comparisons whose unit is the run.
final class RunFigures {
    /// Baselines below this are 0 within what logs print, and nothing is a multiple of them.
    private static final double NOTHING = 1e-6;

    private RunFigures() {}

    /// Compares three or more runs a side by Welch's interval; the ratio by the same on logarithms.
    static MeasureComparison compare(Measure measure, double[] a, double[] b) {
        Ratio ratio = Ratio.of(a, b);
        Welch welch = Welch.of(a, b);
        return new MeasureComparison(
                measure,
                mean(a),
                mean(b),
                Figure.of(welch.difference()),
                Optional.of(welch.interval()),
                ratio.value(),
                ratio.interval(),
                MeasureComparison.Method.WELCH_ON_RUNS,
                MeasureComparison.Rests.NOTHING,
                MeasureComparison.Rests.NOTHING,
                "");
    }

    /// Compares without an interval; a missing side leaves difference and ratio missing with its reason.
    static MeasureComparison withoutInterval(Measure measure, Figure a, Figure b) {
        return new MeasureComparison(
                measure,
                a,
                b,
                b.with(a, (with, without) -> with - without),
                Optional.empty(),
                Math.abs(a.orNaN()) < NOTHING
                        ? Figure.missing("the baseline is 0")
                        : b.with(a, (with, without) -> with / without),
                Optional.empty(),
                MeasureComparison.Method.NONE,
                MeasureComparison.Rests.NOTHING,
                MeasureComparison.Rests.NOTHING,
                "");
    }

    /// Shows two sides that do not compare, with the reason.
    static MeasureComparison withoutDifference(Measure measure, Figure a, Figure b, Figure why) {
        return new MeasureComparison(
                measure,
                a,
                b,
                why,
                Optional.empty(),
                why,
                Optional.empty(),
                MeasureComparison.Method.NONE,
                MeasureComparison.Rests.NOTHING,
                MeasureComparison.Rests.NOTHING,
                "");
    }

    static Figure mean(double[] values) {
        return Figure.ofFinite(Moments.of(values).mean(), "no run has this figure");
    }

    /// The ratio of geometric means, b over a, with its interval from three runs a side.
    record Ratio(Figure value, Optional<Interval> interval) {
        static Ratio of(double[] a, double[] b) {
            if (!allAboveZero(a) || !allAboveZero(b)) {
                return new Ratio(Figure.missing("a ratio needs values above 0"), Optional.empty());
            }
            double[] logA = Arrays.stream(a).map(Math::log).toArray();
            double[] logB = Arrays.stream(b).map(Math::log).toArray();
            double log = Moments.of(logB).mean() - Moments.of(logA).mean();
            boolean several = a.length >= RunComparison.RUNS_FOR_WELCH && b.length >= RunComparison.RUNS_FOR_WELCH;
            return new Ratio(
                    Figure.of(Math.exp(log)),
                    several
                            ? Optional.of(Welch.of(logA, logB).interval())
                                    .map(i -> new Interval(Math.exp(i.low()), Math.exp(i.high())))
                            : Optional.empty());
        }

        private static boolean allAboveZero(double[] values) {
            return Arrays.stream(values).allMatch(v -> v > NOTHING);
        }
    }
}
