package app.fluss.core.latency.chain;

/// The device that the input comes from.
///
/// @param pollingMs interval at which it is asked, ms, 0 or more; NaN if not stated
/// @param fixedMs its own delay, ms, 0 or more; NaN if not stated
public record InputDevice(double pollingMs, double fixedMs) {
    /// Nothing is stated.
    public static final InputDevice UNKNOWN = new InputDevice(Double.NaN, Double.NaN);
}
