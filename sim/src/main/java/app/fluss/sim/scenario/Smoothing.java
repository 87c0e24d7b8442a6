package app.fluss.sim.scenario;

/// Motion smoothing in the display: one more interpolator, on whatever picture comes in.
///
/// @param panelHz refreshes of the panel, /s, 60 to 1000
/// @param lagMs from a picture at the input to the same picture on the panel, ms, 0 to 1000
public record Smoothing(double panelHz, double lagMs) {
    /// The only input rate that it acts on. Common practice, no source.
    public static final double INPUT_HZ = 60;

    /// @throws IllegalArgumentException outside the ranges
    public Smoothing {
        Range.within("panel_hz", panelHz, 60, 1000);
        Range.within("lag_ms", lagMs, 0, 1000);
    }
}
