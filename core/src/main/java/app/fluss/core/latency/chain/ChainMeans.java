package app.fluss.core.latency.chain;

import app.fluss.core.measure.Figure;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;

/// What the stages of a path add on average, from the same draws as a [ChainEstimate], which takes
/// several times as long. The input device is left out, so that it need not be stated.
///
/// @param behindDeviceMs sum of the stages that are known, ms
/// @param unknown stages that are not known
public record ChainMeans(double behindDeviceMs, Set<LatencyStage> unknown) {
    /// Keeps a copy.
    public ChainMeans {
        unknown = Set.copyOf(unknown);
    }

    /// Estimates.
    ///
    /// @param threshold share of the light's step at which it counts, above 0 and below 1
    public static ChainMeans of(ChainModel model, double threshold) {
        Map<LatencyStage, String> missing = new EnumMap<>(LatencyStage.class);
        ChainDraw draw = new ChainDraw(model, threshold, ChainEstimate.SEED, missing);
        LatencyStage[] stages = LatencyStage.values();
        double[] sums = new double[stages.length];
        double[] added = new double[stages.length];
        for (int i = 0; i < ChainEstimate.DRAWS; i++) {
            draw.next(added);
            for (int s = 0; s < sums.length; s++) {
                sums[s] += added[s];
            }
        }
        Set<LatencyStage> unknown = EnumSet.noneOf(LatencyStage.class);
        double behindDevice = 0;
        Set<LatencyStage> present = ChainDraw.stages(model);
        for (int s = 0; s < sums.length; s++) {
            LatencyStage stage = stages[s];
            boolean counts = stage != LatencyStage.DEVICE && present.contains(stage);
            if (counts && missing.containsKey(stage)) {
                unknown.add(stage);
            } else if (counts) {
                behindDevice += sums[s] / ChainEstimate.DRAWS;
            }
        }
        return new ChainMeans(behindDevice, unknown);
    }

    /// What this path adds to another one of the same bench on average, ms.
    ///
    /// @return missing where a stage is known on one side only
    public Figure addedTo(ChainMeans before) {
        return unknown.equals(before.unknown)
                ? Figure.of(behindDeviceMs - before.behindDeviceMs)
                : Figure.missing("a stage is stated for one of the two paths only");
    }
}
