package app.fluss.core.gpu;

/// How images get to the card that generates, and back. With the display's cable in the second card each
/// rendered image is copied over once. With it in the first card everything that is shown must come back as
/// well: a double copy.
///
/// The slot carries both directions at once, so the one with more to carry sets the highest rate.
///
/// @param slot of the second card
/// @param copyMs time of one copy, ms, above 0
/// @param cableInSecond whether the display's cable is in the second card
/// @param multiplier images presented for each rendered one, 1 or more
public record CopyRoute(Slot slot, double copyMs, boolean cableInSecond, int multiplier) {
    /// @throws IllegalArgumentException outside the ranges
    public CopyRoute {
        if (!(copyMs > 0 && multiplier >= 1)) {
            throw new IllegalArgumentException(
                    "copyMs must be above 0 and multiplier 1 or more, got %s and %d".formatted(copyMs, multiplier));
        }
    }

    /// For images of a size.
    ///
    /// @param bytesPerPixel of a copied image, 1 or more
    public static CopyRoute of(
            Slot slot, int widthPx, int heightPx, int bytesPerPixel, boolean cableInSecond, int multiplier) {
        return new CopyRoute(slot, slot.copyMs(widthPx, heightPx, bytesPerPixel), cableInSecond, multiplier);
    }

    /// Images that come back for each rendered one.
    public int copiesBack() {
        return cableInSecond ? 0 : multiplier;
    }

    /// What copying adds to the way of one image, ms.
    public double addedMs() {
        return cableInSecond ? copyMs : 2 * copyMs;
    }

    /// The highest rendered rate that the slot carries, images/s.
    public double highestBaseFps() {
        return 1000 / (copyMs * Math.max(1, copiesBack()));
    }

    /// Share of the slot that a rendered rate takes in its fuller direction; above 1 if it does not fit.
    ///
    /// @param baseFps rendered images a second
    public double busyShare(double baseFps) {
        return baseFps / highestBaseFps();
    }
}
