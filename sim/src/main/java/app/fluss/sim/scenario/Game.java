package app.fluss.sim.scenario;

import java.util.List;
import java.util.Optional;

/// The game and what draws it.
///
/// @param cpu CPU work of a frame
/// @param gpu GPU work of a frame at render scale 1 and full settings
/// @param capFps frame cap, /s, above 0, at most 5000; NaN for none
/// @param queue images that may wait for the GPU, 1 to 8
/// @param widthPx output width, 16 to 16384
/// @param heightPx output height, 16 to 16384
/// @param renderScale per axis, 0.1 to 4; GPU work goes with its square
/// @param settings what the quality settings leave of the GPU work, 0.05 to 4
/// @param sections stretches of the scene in order; empty for an even one
/// @param power how the GPU slows; empty if it does not
/// @param memory how card memory fills; empty if it does not matter
public record Game(
        Work cpu,
        Work gpu,
        double capFps,
        int queue,
        int widthPx,
        int heightPx,
        double renderScale,
        double settings,
        List<SceneSection> sections,
        Optional<Power> power,
        Optional<Memory> memory) {
    private static final double MEGA = 1e6;

    /// @throws IllegalArgumentException outside the ranges
    public Game {
        if (!Double.isNaN(capFps)) {
            Range.above("cap_fps", capFps, 0, 5000);
        }
        Range.within("queue", queue, 1, 8);
        Range.within("width_px", widthPx, 16, 16_384);
        Range.within("height_px", heightPx, 16, 16_384);
        Range.within("render_scale", renderScale, 0.1, 4);
        Range.within("settings", settings, 0.05, 4);
        sections = List.copyOf(sections);
    }

    /// A game of this work, otherwise plain: no cap, two images queued, 2560 × 1440.
    public static Game of(Work cpu, Work gpu) {
        return new Game(cpu, gpu, Double.NaN, 2, 2560, 1440, 1, 1, List.of(), Optional.empty(), Optional.empty());
    }

    /// The same with a frame cap; NaN for none.
    public Game withCap(double fps) {
        return new Game(cpu, gpu, fps, queue, widthPx, heightPx, renderScale, settings, sections, power, memory);
    }

    /// The same at a render scale.
    public Game withRenderScale(double scale) {
        return new Game(cpu, gpu, capFps, queue, widthPx, heightPx, scale, settings, sections, power, memory);
    }

    /// The same with other work.
    public Game withWork(Work cpuWork, Work gpuWork) {
        return new Game(
                cpuWork, gpuWork, capFps, queue, widthPx, heightPx, renderScale, settings, sections, power, memory);
    }

    /// The same with other heat or another power limit.
    public Game withPower(Power other) {
        return new Game(
                cpu,
                gpu,
                capFps,
                queue,
                widthPx,
                heightPx,
                renderScale,
                settings,
                sections,
                Optional.of(other),
                memory);
    }

    /// The shortest that a usual frame is, ms: by the cap or the work of the lightest stretch.
    double shortestMs() {
        double cpuFactor =
                sections.stream().mapToDouble(SceneSection::cpuFactor).min().orElse(1);
        double sectionGpu =
                sections.stream().mapToDouble(SceneSection::gpuFactor).min().orElse(1);
        double work = Math.max(cpu.medianMs() * cpuFactor, gpu.medianMs() * sectionGpu * gpuFactor());
        return Double.isNaN(capFps) ? work : Math.max(work, 1000 / capFps);
    }

    /// What pixels and settings make of the GPU work.
    public double gpuFactor() {
        return renderScale * renderScale * settings;
    }

    /// Output pixels, millions.
    public double megapixels() {
        return widthPx * (double) heightPx / MEGA;
    }
}
