package app.fluss.sim.scenario;

/// A headset: its compositor runs at the refresh rate, takes the newest finished image, and shows the last one
/// again, turned to the newest head pose, where none is ready.
///
/// @param refreshHz refreshes, /s, 30 to 500
/// @param compositorMs before a refresh at which an image must be ready, ms, 0 to 20
/// @param halfRateLock whether the application is held to every second refresh while it misses
public record Headset(double refreshHz, double compositorMs, boolean halfRateLock) {
    /// @throws IllegalArgumentException outside the ranges
    public Headset {
        Range.within("refresh_hz", refreshHz, 30, 500);
        Range.within("compositor_ms", compositorMs, 0, 20);
    }
}
