package app.fluss.sim.scenario;

/// In-home streaming: the host encodes what it shows, a link carries it, a client decodes it. The scenario's
/// display then is the client's.
///
/// @param fps images sent, /s, above 0, at most 1000; at each the newest image of the host
/// @param bitRateMbps of the video, Mbit/s, above 0, at most 10000
/// @param keyEveryS time between key frames, s, above 0, at most 600
/// @param keyFactor size of a key frame over that of another, 1 to 50
/// @param encode work to encode an image; its hitches are the encoder's
/// @param link the link
/// @param decode work to decode an image; its hitches are the decoder's
/// @param bufferMs how long the client holds images back against jitter, ms, 0 to 1000
/// @param clientClockOffsetMs what the client's clock is ahead of the host's, ms, -1e9 to 1e9
public record Stream(
        double fps,
        double bitRateMbps,
        double keyEveryS,
        double keyFactor,
        Work encode,
        Link link,
        Work decode,
        double bufferMs,
        double clientClockOffsetMs) {
    /// @throws IllegalArgumentException outside the ranges
    public Stream {
        Range.above("fps", fps, 0, 1000);
        Range.above("bit_rate_mbps", bitRateMbps, 0, 10_000);
        Range.above("key_every_s", keyEveryS, 0, 600);
        Range.within("key_factor", keyFactor, 1, 50);
        Range.within("buffer_ms", bufferMs, 0, 1000);
        Range.within("client_clock_offset_ms", clientClockOffsetMs, -1e9, 1e9);
    }
}
