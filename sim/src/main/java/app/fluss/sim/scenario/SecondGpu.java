package app.fluss.sim.scenario;

import app.fluss.core.gpu.Slot;

/// A second card that generates: it gets every image over its slot and has a queue of its own.
///
/// @param slot the slot that the images come through
/// @param bytesPerPixel of a copied image, 1 to 16
/// @param compositionWaitMs what the copy waits for the system's composition, ms, 0 to 100
public record SecondGpu(Slot slot, int bytesPerPixel, double compositionWaitMs) {
    /// @throws IllegalArgumentException outside the ranges
    public SecondGpu {
        Range.within("bytes_per_pixel", bytesPerPixel, 1, 16);
        Range.within("composition_wait_ms", compositionWaitMs, 0, 100);
    }
}
