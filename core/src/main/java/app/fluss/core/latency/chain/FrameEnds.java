package app.fluss.core.latency.chain;

/// Where frames end, and which one a moment falls into. A table by time says where to begin to look, so that
/// a look takes no longer for many frames than for few.
final class FrameEnds {
    private final double[] endMs;
    private final int[] from;
    private final double perMs;

    /// @param endMs ascending, ms after the start of the first, at least one; the last is above 0
    FrameEnds(double[] endMs) {
        this.endMs = endMs;
        from = new int[endMs.length + 1];
        perMs = endMs.length / lastMs();
        int frame = 0;
        for (int k = 0; k < from.length; k++) {
            while (frame < endMs.length - 1 && endMs[frame] * perMs < k) {
                frame++;
            }
            from[k] = frame;
        }
    }

    double lastMs() {
        return endMs[endMs.length - 1];
    }

    double ms(int frame) {
        return endMs[frame];
    }

    /// The first frame that ends at a moment or later.
    ///
    /// @param ms 0 to [#lastMs]
    int frameAt(double ms) {
        int frame = from[(int) (ms * perMs)];
        while (endMs[frame] < ms) {
            frame++;
        }
        return frame;
    }
}
