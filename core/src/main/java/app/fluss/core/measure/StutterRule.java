package app.fluss.core.measure;

/// When a frame counts as a stutter: longer than `factor` times the median of the frames around it, and more
/// than `overMs` above that median. Our own convention.
///
/// @param factor above 1
/// @param overMs at least 0, ms
public record StutterRule(double factor, double overMs) {
    /// Frames on each side of the one in question; with it 51. At the ends the window is cut off.
    public static final int SIDE = 25;

    /// Twice the median and more than 4 ms above it.
    public static final StutterRule DEFAULT = new StutterRule(2, 4);

    /// @throws IllegalArgumentException outside the ranges
    public StutterRule {
        if (!(factor > 1 && overMs >= 0)) {
            throw new IllegalArgumentException(
                    "factor must be above 1 and overMs at least 0, got %s and %s".formatted(factor, overMs));
        }
    }

    /// In one line.
    String definition() {
        return "Frames over %s times the median of the %d around them and more than %s ms above it."
                .formatted(plain(factor), 2 * SIDE + 1, plain(overMs));
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? Long.toString(Math.round(value)) : Double.toString(value);
    }
}
