package app.fluss.core.measure;

/// The ideal cadence of `b` images per second on a display of `R` Hz: image i stays for
/// `floor((i + 1) R / b) - floor(i R / b)` refreshes.
///
/// @param imagesPerSecond b, above 0 and at most `refreshHz`
/// @param refreshHz R
public record Cadence(double imagesPerSecond, double refreshHz) {
    /// How close R / b must be to a whole number to count as even: {@value}. Rounding of the division is far
    /// smaller.
    public static final double EVEN_WITHIN = 1e-9;

    private static final double SLOW_BEAT_MS = 500;

    /// @throws IllegalArgumentException outside the ranges
    public Cadence {
        if (!(imagesPerSecond > 0 && imagesPerSecond <= refreshHz)) {
            throw new IllegalArgumentException("imagesPerSecond must be above 0 and at most refreshHz, got %s on %s"
                    .formatted(imagesPerSecond, refreshHz));
        }
    }

    /// Refreshes for which image `index` (0-based) stays.
    public int hold(int index) {
        return (int) (before(index + 1L) - before(index));
    }

    private long before(long index) {
        return (long) Math.floor(index * refreshHz / imagesPerSecond + EVEN_WITHIN);
    }

    /// Whether every image stays equally long.
    public boolean isEven() {
        double ratio = refreshHz / imagesPerSecond;
        return Math.abs(ratio - Math.rint(ratio)) <= EVEN_WITHIN;
    }

    /// Mean of `|hold - R/b|` over a whole period, refreshes: `2 x (1 - x)` with x the fraction of R/b, since a
    /// share x of the images stays one refresh longer than the rest.
    public double holdDeviation() {
        double ratio = refreshHz / imagesPerSecond;
        double x = isEven() ? 0 : ratio - Math.floor(ratio);
        return 2 * x * (1 - x);
    }

    /// How long the pattern takes to come round when R/b is near a whole number, ms: one refresh is gained or
    /// lost per beat. Missing for an even cadence, which has no beat.
    public Figure beatPeriodMs() {
        if (isEven()) {
            return Figure.missing("the cadence is even and has no beat");
        }
        double whole = Math.max(1, Math.rint(refreshHz / imagesPerSecond));
        return Figure.of(1000 / Math.abs(refreshHz / whole - imagesPerSecond) / whole);
    }

    /// Whether the beat is so slow that single jumps are seen, half a second apart or more. Our own convention.
    public boolean hasSlowBeat() {
        return beatPeriodMs().orNaN() >= SLOW_BEAT_MS;
    }
}
