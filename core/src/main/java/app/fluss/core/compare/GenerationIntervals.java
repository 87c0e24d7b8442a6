package app.fluss.core.compare;

import app.fluss.core.measure.Figure;
import java.util.Optional;

/// 95 % intervals of what generation costs and gives, from run to run; each empty where it cannot be had.
///
/// Base cost, gain and efficiency are ratios of the two sides and take their intervals. The found multiplier
/// and the generated share lie within one side and take that of its runs.
///
/// @param baseCost of [GenerationFigures#baseCost]
/// @param foundMultiplier of [GenerationFigures#foundMultiplier]
/// @param deliveredGain of [GenerationFigures#deliveredGain]
/// @param efficiency of [GenerationFigures#efficiency]
/// @param generatedShare of [GenerationFigures#generatedShare]
public record GenerationIntervals(
        Optional<Interval> baseCost,
        Optional<Interval> foundMultiplier,
        Optional<Interval> deliveredGain,
        Optional<Interval> efficiency,
        Optional<Interval> generatedShare) {
    /// @param base rendered rate over the native rendered rate
    /// @param gain delivered rate over the native delivered rate
    /// @param made presented rate over the native rendered rate
    /// @param multiplier presented over rendered rate, run by run
    static GenerationIntervals of(Estimate base, Estimate gain, Estimate made, Level multiplier, Figure nominal) {
        return new GenerationIntervals(
                base.ratioInterval().map(i -> new Interval(1 - i.high(), 1 - i.low())),
                multiplier.interval(),
                gain.ratioInterval(),
                nominal instanceof Figure.Known(double m)
                        ? made.ratioInterval().map(i -> new Interval(i.low() / m, i.high() / m))
                        : Optional.empty(),
                multiplier.interval().map(i -> new Interval(1 - 1 / i.low(), 1 - 1 / i.high())));
    }
}
