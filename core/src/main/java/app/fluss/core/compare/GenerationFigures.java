package app.fluss.core.compare;

import app.fluss.core.measure.Figure;

/// What generation costs and gives. With b0 and d0 the native rendered and delivered rate, b1, p1 and d1 the
/// rendered, presented and delivered rate with generation, and m the multiplier as set, each ratio one of
/// geometric means over runs:
///
/// @param baseCost `1 - b1/b0`, share of the native rendered rate that was lost
/// @param foundMultiplier `p1/b1`
/// @param deliveredGain `d1/d0`
/// @param efficiency `(p1/b0)/m`, 1 where the base does not fall and every image is made
/// @param generatedShare `1 - b1/p1`, share of the images handed on that were generated
/// @param surplusFps `p1 - d1`, images per second that nobody sees
/// @param nominal the multiplier that efficiency was worked out with
/// @param nominalAssumed whether `nominal` was not stated but taken as the whole number at the found multiplier
public record GenerationFigures(
        Figure baseCost,
        Figure foundMultiplier,
        Figure deliveredGain,
        Figure efficiency,
        Figure generatedShare,
        Figure surplusFps,
        Figure nominal,
        boolean nominalAssumed) {
    /// How close to a whole number a found multiplier must be for that number to be taken as the one set.
    private static final double WHOLE_WITHIN = 0.05;

    /// Works the figures out of ratios, so that no two of them disagree.
    ///
    /// @param base rendered rate with generation over the native rendered rate
    /// @param found presented over rendered rate with generation
    /// @param gain delivered rate with generation over the native delivered rate
    /// @param made presented rate with generation over the native rendered rate
    /// @param surplus presented less delivered rate with generation, /s
    /// @param multiplier as set; NaN if not stated
    static GenerationFigures of(
            Figure base, Figure found, Figure gain, Figure made, Figure surplus, double multiplier) {
        boolean stated = !Double.isNaN(multiplier);
        Figure nominal = stated ? Figure.of(multiplier) : nearestWhole(found);
        return new GenerationFigures(
                base.map(ratio -> 1 - ratio),
                found,
                gain,
                made.with(nominal, (ratio, m) -> ratio / m),
                found.map(ratio -> 1 - 1 / ratio),
                surplus,
                nominal,
                !stated && nominal.isKnown());
    }

    /// Whether the path is meant to make images, or made some. A stream or a headset makes none, and then only
    /// what became of the rates says something.
    public boolean isGenerating() {
        return nominal.orNaN() > 1 || generatedShare.orNaN() > 0;
    }

    private static Figure nearestWhole(Figure found) {
        double value = found.orNaN();
        double whole = Math.rint(value);
        return whole >= 2 && Math.abs(value - whole) <= WHOLE_WITHIN * whole
                ? Figure.of(whole)
                : Figure.missing("the multiplier that was set is not stated");
    }
}
