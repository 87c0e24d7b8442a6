package app.fluss.sim.scenario;

import app.fluss.core.measure.Section;

/// A stretch of the scene that is lighter or heavier than its median.
///
/// @param name what it is called
/// @param weight how heavy it is
/// @param share share of the run that it lasts, above 0, at most 1; the shares are scaled to add up to 1
/// @param cpuFactor times the CPU work, 0.05 to 20
/// @param gpuFactor times the GPU work, 0.05 to 20
public record SceneSection(String name, Section.Weight weight, double share, double cpuFactor, double gpuFactor) {
    /// @throws IllegalArgumentException outside the ranges
    public SceneSection {
        Range.above("share", share, 0, 1);
        Range.within("cpu_factor", cpuFactor, 0.05, 20);
        Range.within("gpu_factor", gpuFactor, 0.05, 20);
    }
}
