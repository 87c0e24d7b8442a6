package app.fluss.core.measure;

/// What a display was set to while a run was measured.
///
/// @param refreshHz refresh rate; the ceiling with variable refresh. Above 0, at most 2000
/// @param sync how images are taken
/// @param vrrFloorHz lowest rate of the variable-refresh window; NaN if not known, which is no obstacle to
///     anything but the count of repeats below it
public record DisplayMode(double refreshHz, SyncMode sync, double vrrFloorHz) {
    private static final double HIGHEST_HZ = 2000;

    /// @throws IllegalArgumentException outside the ranges
    public DisplayMode {
        if (!(refreshHz > 0 && refreshHz <= HIGHEST_HZ)) {
            throw new IllegalArgumentException(
                    "refreshHz must be above 0 and at most %s, got %s".formatted(HIGHEST_HZ, refreshHz));
        }
        if (vrrFloorHz <= 0 || vrrFloorHz > refreshHz) {
            throw new IllegalArgumentException("vrrFloorHz must be above 0 and at most refreshHz, got " + vrrFloorHz);
        }
    }

    /// A mode without a known variable-refresh floor.
    public DisplayMode(double refreshHz, SyncMode sync) {
        this(refreshHz, sync, Double.NaN);
    }

    /// Length of one refresh, ms; the shortest one with variable refresh.
    public double periodMs() {
        return 1000 / refreshHz;
    }
}
