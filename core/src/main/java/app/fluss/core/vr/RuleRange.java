package app.fluss.core.vr;

import app.fluss.core.measure.Figure;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.function.Function;

/// What would be shown under each rule that a compositor may follow.
///
/// @param byRule every rule is in it
public record RuleRange(Map<CompositorRule, Reprojection> byRule) {
    /// From the least to the most over the rules; NaN where no rule gives the figure.
    public record Span(double low, double high) {}

    /// Keeps a copy, in the order of the rules.
    public RuleRange {
        byRule = Collections.unmodifiableMap(new EnumMap<>(byRule));
    }

    /// Plays a run under each rule.
    ///
    /// @param headset its own rule does not matter
    /// @param gpuFactor what the GPU work is multiplied by, above 0
    public static RuleRange of(HeadsetReplay headset, HeadsetReplay.Work work, double gpuFactor) {
        Map<CompositorRule, Reprojection> played = new EnumMap<>(CompositorRule.class);
        for (CompositorRule rule : CompositorRule.values()) {
            played.put(rule, headset.under(rule).play(work, gpuFactor));
        }
        return new RuleRange(played);
    }

    /// Over the rules.
    public Span over(Function<Reprojection, Figure> figure) {
        double low = Double.NaN;
        double high = Double.NaN;
        for (Reprojection seen : byRule.values()) {
            double value = figure.apply(seen).orNaN();
            low = Double.isNaN(low) || value < low ? value : low;
            high = Double.isNaN(high) || value > high ? value : high;
        }
        return new Span(low, high);
    }
}
