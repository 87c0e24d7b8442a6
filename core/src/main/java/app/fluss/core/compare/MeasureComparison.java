package app.fluss.core.compare;

import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.measure.Measure;
import java.util.List;
import java.util.Optional;

/// One figure on both sides.
///
/// @param measure which figure
/// @param a the baseline: mean of its runs that have it, in the measure's unit
/// @param b the other side: mean of its runs that have it
/// @param difference `b - a`
/// @param interval 95 % interval of the difference, if there is one
/// @param ratio `b / a`, from unrounded values; of geometric means where there are several runs
/// @param ratioInterval 95 % interval of the ratio, if there is one
/// @param method how the intervals were found
/// @param restsA what the figure of the baseline rests on
/// @param restsB what the figure of the other side rests on
/// @param note what must be known to read it, in words; empty if nothing
public record MeasureComparison(
        Measure measure,
        Figure a,
        Figure b,
        Figure difference,
        Optional<Interval> interval,
        Figure ratio,
        Optional<Interval> ratioInterval,
        Method method,
        Rests restsA,
        Rests restsB,
        String note) {
    /// What the figure of a side rests on: the runs that have it, whatever the others are.
    ///
    /// @param runs how many runs have it
    /// @param grade the weakest of them; empty if none has
    public record Rests(int runs, Optional<Grade> grade) {
        /// On nothing.
        static final Rests NOTHING = new Rests(0, Optional.empty());

        static Rests on(List<Analysis> runs) {
            return new Rests(
                    runs.size(),
                    runs.stream().map(run -> run.settings().grade()).reduce(Grade::weaker));
        }
    }

    /// The same, resting on these.
    MeasureComparison resting(Rests onA, Rests onB, String toKnow) {
        return new MeasureComparison(
                measure, a, b, difference, interval, ratio, ratioInterval, method, onA, onB, toKnow);
    }

    /// How an interval was found.
    public enum Method {
        /// Welch's interval on the figures of three or more runs a side; ratios through logarithms.
        WELCH_ON_RUNS("Welch on run figures"),
        /// Moving-block bootstrap within the runs: says nothing about what differs from run to run.
        WITHIN_RUN("moving-block bootstrap within one run"),
        /// There is no interval.
        NONE("none");

        private final String label;

        Method(String label) {
            this.label = label;
        }

        /// The name in files and for people.
        public String label() {
            return label;
        }
    }

    /// Whether the interval leaves out "no difference". Without an interval nothing is told apart.
    public boolean isClear() {
        return interval.isPresent() && !interval.get().contains(0);
    }
}
