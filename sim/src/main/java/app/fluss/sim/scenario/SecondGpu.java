package app.fluss.sim.scenario;

import app.fluss.core.gpu.Slot;

/// A second card that generates: it gets every image over its slot and has a queue of its own.
///
/// @param slot the slot that the images come through
/// @param bytesPerPixel of a copied image, 1 to 16
/// @param compositionWaitMs what the copy waits for the system's composition, ms, 0 to 100
/// @param idleLoadPct load that the card has without generating, percent, 0 to 50
/// @param idleSpreadPct how much that differs from run to run, standard deviation, percent, 0 to 10
public record SecondGpu(
        Slot slot, int bytesPerPixel, double compositionWaitMs, double idleLoadPct, double idleSpreadPct) {
    /// @throws IllegalArgumentException outside the ranges
    public SecondGpu {
        Range.within("bytes_per_pixel", bytesPerPixel, 1, 16);
        Range.within("composition_wait_ms", compositionWaitMs, 0, 100);
        Range.within("idle_load_pct", idleLoadPct, 0, 50);
        Range.within("idle_spread_pct", idleSpreadPct, 0, 10);
    }

    /// A card in a slot, with nothing else to do.
    public static SecondGpu in(Slot slot) {
        return new SecondGpu(slot, 4, 0, 0, 0);
    }
}
