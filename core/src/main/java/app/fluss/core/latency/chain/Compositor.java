package app.fluss.core.latency.chain;

/// A headset's compositor.
///
/// @param refreshHz /s, above 0
/// @param leadMs before a refresh at which an image must be ready, ms
public record Compositor(double refreshHz, double leadMs) {}
