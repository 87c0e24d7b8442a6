package app.fluss.core.attribute;

import app.fluss.core.compare.Interval;
import java.util.Optional;

/// What one part of a package gives.
///
/// @param name of the step or the effect
/// @param value a ratio, or a difference in ms
/// @param interval 95 %; empty where the runs have no common spread
public record Part(String name, double value, Optional<Interval> interval) {
    /// From a figure on the scale that parts are added on.
    ///
    /// @param error its standard error; NaN without one
    static Part of(String name, Cells cells, double added, double error) {
        Cells.Spread spread = cells.spread();
        Optional<Interval> interval = Double.isNaN(error) || !spread.sd().isKnown()
                ? Optional.empty()
                : Optional.of(new Interval(
                        cells.scale().out(added - spread.reach() * error),
                        cells.scale().out(added + spread.reach() * error)));
        return new Part(name, cells.scale().out(added), interval);
    }
}
