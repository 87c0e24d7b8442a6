package app.fluss.core.compare;

import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import java.util.Optional;

/// One figure on both sides: how far they differ, and what may be said of it. Every comparison of Fluss is made of
/// these.
///
/// @param a the baseline
/// @param b the other side
/// @param estimate the difference with its interval
/// @param holmP p of the difference, adjusted for all figures of its comparison; NaN without an interval
/// @param primary whether it is the figure that the comparison is made for
/// @param note what must be known to read it, in words; empty if nothing
public record Difference(Side a, Side b, Estimate estimate, double holmP, boolean primary, String note) {
    /// What one side has of the figure.
    ///
    /// @param level mean of its runs
    /// @param runs how many runs have it
    /// @param grade the weakest of them; empty if none has
    /// @param steadiness of a single run with a log: how steady it was within itself; nothing about the next run
    public record Side(Level level, int runs, Optional<Grade> grade, Optional<Interval> steadiness) {
        /// Mean of its runs, or why there is none.
        public Figure mean() {
            return level.figure();
        }
    }

    /// A difference of which more is said later.
    static Difference of(Side a, Side b, Estimate estimate, String note) {
        return new Difference(a, b, estimate, Double.NaN, false, note);
    }

    /// The same, judged with others.
    ///
    /// @param adjusted p by Holm; NaN without an interval
    public Difference judged(double adjusted, boolean isPrimary) {
        return new Difference(a, b, estimate, adjusted, isPrimary, note);
    }

    /// `b - a`, or why there is none.
    public Figure difference() {
        return estimate.difference();
    }

    /// 95 % interval of the difference, if there is one.
    public Optional<Interval> interval() {
        return estimate.interval();
    }

    /// How many times the baseline the other side is, or why that is not known.
    public Figure ratio() {
        return estimate.ratio();
    }

    /// 95 % interval of the ratio, if there is one.
    public Optional<Interval> ratioInterval() {
        return estimate.ratioInterval();
    }

    /// How the intervals were found.
    public Method method() {
        return estimate.method();
    }

    /// Whether the difference stands once all figures of its comparison are judged together.
    public boolean stands() {
        return holmP <= Holm.LEVEL;
    }
}
