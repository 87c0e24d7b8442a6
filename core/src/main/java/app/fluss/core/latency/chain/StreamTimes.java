package app.fluss.core.latency.chain;

/// A stream's stages. Times in ms; NaN if not stated.
///
/// @param fps images taken by the encoder, /s, above 0
/// @param encodeMs to encode one
/// @param transferMs to send one: its bits by the link's rate
/// @param delayMs one way, without load
/// @param jitterMs mean extra delay
/// @param decodeMs to decode one
/// @param bufferMs what the client holds back against jitter
public record StreamTimes(
        double fps,
        double encodeMs,
        double transferMs,
        double delayMs,
        double jitterMs,
        double decodeMs,
        double bufferMs) {}
