package app.fluss.sim;

import app.fluss.core.measure.DisplayMode;

/// A bench to simulate.
///
/// @param seed the same seed gives the same log
/// @param seconds how long, above 0
/// @param cpu CPU work of a frame
/// @param gpu GPU work of a frame
/// @param capFps frame cap, /s; NaN for none
/// @param queue images that may wait for the GPU, 1 or more
/// @param generation what makes images between rendered ones
/// @param display how the display takes images
/// @param counter what the overlay's counter counts
public record Scenario(
        long seed,
        double seconds,
        Work cpu,
        Work gpu,
        double capFps,
        int queue,
        Generation generation,
        DisplayMode display,
        Counter counter) {
    /// @throws IllegalArgumentException outside the ranges
    public Scenario {
        if (!(seconds > 0 && queue >= 1)) {
            throw new IllegalArgumentException(
                    "seconds must be above 0 and queue at least 1, got %s and %d".formatted(seconds, queue));
        }
        if (capFps <= 0) {
            throw new IllegalArgumentException("capFps must be above 0, got " + capFps);
        }
    }

    /// The same bench with another seed: a repeat.
    public Scenario withSeed(long other) {
        return new Scenario(other, seconds, cpu, gpu, capFps, queue, generation, display, counter);
    }
}
