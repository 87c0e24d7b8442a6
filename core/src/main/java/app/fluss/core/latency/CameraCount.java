package app.fluss.core.latency;

/// A latency counted in frames of a camera.
///
/// @param frames difference of the frame numbers of input and light, 0 or more
/// @param cameraFps frames a second, above 0
/// @param bothCounted whether both ends were counted; else the input's time is known exactly
public record CameraCount(int frames, double cameraFps, boolean bothCounted) {
    /// @throws IllegalArgumentException outside the ranges
    public CameraCount {
        if (frames < 0 || !(cameraFps > 0)) {
            throw new IllegalArgumentException(
                    "frames must be 0 or more and cameraFps above 0, got %d and %s".formatted(frames, cameraFps));
        }
    }

    private double frameMs() {
        return 1000 / cameraFps;
    }

    /// The latency, ms. With one end known exactly the light was on average half a frame earlier than it was first
    /// seen.
    public double latencyMs() {
        return bothCounted ? frames * frameMs() : (frames - 0.5) * frameMs();
    }

    /// Standard uncertainty from counting, ms: triangular over a frame to either side where both ends are rounded,
    /// rectangular over half a frame where one is (JCGM 100:2008, 4.3, from memory).
    public double uncertaintyMs() {
        return bothCounted ? frameMs() / Math.sqrt(6) : frameMs() / 2 / Math.sqrt(3);
    }
}
