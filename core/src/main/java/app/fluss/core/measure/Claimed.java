package app.fluss.core.measure;

import java.util.Optional;

/// What a counter or a tool said of a run, or a person noted of one. Evidence about the counter: it says nothing of
/// what
/// was counted.
///
/// @param mean images per second, each reading for as long as it stood
/// @param lowest images per second
/// @param highest images per second
/// @param base what a generator took for its base, images per second
/// @param onePercentLow the 1 % low by the tool's own convention, images per second
/// @param lowConvention that convention in the tool's words; empty if unknown
public record Claimed(
        Figure mean, Figure lowest, Figure highest, Figure base, Figure onePercentLow, String lowConvention) {
    private static final Figure SAID_NOTHING = Figure.missing("no counter readings belong to this run");

    /// Nothing was said.
    public static final Claimed NONE = new Claimed(
            SAID_NOTHING,
            SAID_NOTHING,
            SAID_NOTHING,
            Figure.missing("no readings of a generator's base belong to this run"),
            Figure.missing("no tool named a 1 % low of this run"),
            "");

    /// Only a mean.
    public static Claimed ofMean(Figure fps) {
        return new Claimed(fps, NONE.lowest, NONE.highest, NONE.base, NONE.onePercentLow, "");
    }

    /// The same with what a generator took for its base.
    public Claimed withBase(Figure fps) {
        return new Claimed(mean, lowest, highest, fps, onePercentLow, lowConvention);
    }

    /// What this says, and where it says nothing what another does.
    public Claimed or(Claimed other) {
        return new Claimed(
                either(mean, other.mean),
                either(lowest, other.lowest),
                either(highest, other.highest),
                either(base, other.base),
                either(onePercentLow, other.onePercentLow),
                onePercentLow.isKnown() ? lowConvention : other.lowConvention);
    }

    private static Figure either(Figure first, Figure second) {
        return first.isKnown() || !second.isKnown() ? first : second;
    }

    /// The convention of the low, if its name is one of those that Fluss knows.
    public Optional<LowConvention> convention() {
        return LowConvention.named(lowConvention);
    }
}
