package app.fluss.core.feel;

import app.fluss.core.compare.Interval;
import app.fluss.core.measure.Figure;
import java.util.Optional;

/// What a person notices in three of four trials.
///
/// @param level in the task's unit, or why it is not given
/// @param interval 95 %, by the profile of the likelihood; empty without a level
/// @param lapse the share of trials that are missed however large the level is, as fitted; NaN where nothing was
/// @param slope of the logistic over the natural logarithm of the level; NaN where nothing was fitted
/// @param trials that it rests on
public record Threshold(Figure level, Optional<Interval> interval, double lapse, double slope, int trials) {
    static Threshold missing(String why, int trials) {
        return new Threshold(Figure.missing(why), Optional.empty(), Double.NaN, Double.NaN, trials);
    }

    static Threshold missing(String why, PsychometricFit.Point best, int trials) {
        return new Threshold(Figure.missing(why), Optional.empty(), best.lapse(), best.slope(), trials);
    }

    /// The share of right answers that the fit gives at a level.
    ///
    /// @param at above 0, in the task's unit
    /// @return 0.5 to 1; NaN where there is no threshold
    public double share(double at) {
        return PsychometricFit.share(Math.log(at / level.orNaN()), slope, lapse);
    }
}
