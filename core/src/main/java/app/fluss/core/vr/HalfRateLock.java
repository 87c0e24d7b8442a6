package app.fluss.core.vr;

/// When a compositor holds an application to every second refresh, and when it lets it go again: after three late
/// frames of the last ten, until ninety in a row leave 15 % of a refresh. Common practice, no source; compositors
/// differ.
public final class HalfRateLock {
    private static final int LATE_FOR_LOCK = 3;
    private static final int LOOKS_BACK = 10;
    private static final double CALM = 0.85;
    private static final int CALM_FRAMES = 90;

    private final double periodMs;
    private boolean locked;
    private long lateBits;
    private int calmFrames;

    /// Not locked.
    ///
    /// @param periodMs of a refresh, ms, above 0
    public HalfRateLock(double periodMs) {
        this.periodMs = periodMs;
    }

    /// Refreshes from one start of a frame to the next.
    public int every() {
        return locked ? 2 : 1;
    }

    /// Takes the next frame.
    ///
    /// @param refreshes since the frame before was first shown
    /// @param workMs the longer of its CPU and GPU work, ms
    public void frame(long refreshes, double workMs) {
        lateBits = (lateBits << 1 | (refreshes > every() ? 1 : 0)) & ((1L << LOOKS_BACK) - 1);
        calmFrames = workMs < CALM * periodMs ? calmFrames + 1 : 0;
        if (!locked && Long.bitCount(lateBits) >= LATE_FOR_LOCK) {
            locked = true;
            lateBits = 0;
            calmFrames = 0;
        } else if (locked && calmFrames >= CALM_FRAMES) {
            locked = false;
            lateBits = 0;
        }
    }
}
