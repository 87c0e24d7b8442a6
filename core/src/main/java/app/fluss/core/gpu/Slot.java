package app.fluss.core.gpu;

/// A card's slot. Payload is raw rate times line code, one direction; packet headers, which take a further 5 to
/// 20 % in practice, are not deducted. Rates: PCI Express Base Specification, generations 1 to 5 (from memory).
///
/// @param generation 1 to 5
/// @param lanes 1, 2, 4, 8 or 16
public record Slot(int generation, int lanes) {
    private static final double[] TRANSFERS_GT = {2.5, 5, 8, 16, 32};
    private static final double CODE_8_10 = 8.0 / 10;
    private static final double CODE_128_130 = 128.0 / 130;
    private static final int BITS = 8;

    /// What of the payload a copy of images reaches. Common practice, no source.
    private static final double REACHED = 0.85;

    /// @throws IllegalArgumentException outside the ranges
    public Slot {
        if (!(generation >= 1 && generation <= TRANSFERS_GT.length)) {
            throw new IllegalArgumentException("generation must be in 1..5, got " + generation);
        }
        if (!(lanes >= 1 && lanes <= 16 && Integer.bitCount(lanes) == 1)) {
            throw new IllegalArgumentException("lanes must be 1, 2, 4, 8 or 16, got " + lanes);
        }
    }

    /// Payload, gigabytes (1e9) a second.
    public double payloadGigabytes() {
        double code = generation <= 2 ? CODE_8_10 : CODE_128_130;
        return TRANSFERS_GT[generation - 1] * code / BITS * lanes;
    }

    /// How long the copy of an image takes, ms: `width · height · bytes / (payload · 0.85)`.
    public double copyMs(int widthPx, int heightPx, int bytesPerPixel) {
        return widthPx * (double) heightPx * bytesPerPixel / (payloadGigabytes() * 1e9 * REACHED) * 1000;
    }
}
