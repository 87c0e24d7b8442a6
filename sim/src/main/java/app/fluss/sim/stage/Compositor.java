package app.fluss.sim.stage;

import app.fluss.core.frame.FrameKind;
import app.fluss.sim.scenario.Headset;

/// A headset's compositor: lets the application start at a refresh, shows its newest finished image at the next
/// refresh for which it is ready, and in between shows the last one again.
final class Compositor implements FrameTaker, Pacer {
    /// Of the last frames, so many late ones call for half rate. Common practice, no source.
    private static final int LATE_FOR_LOCK = 3;

    private static final int LOOKS_BACK = 10;

    /// Share of a refresh that the work must leave before full rate is tried again. Common practice, no source.
    private static final double CALM = 0.85;

    private static final int CALM_FRAMES = 90;
    private static final double EPSILON = 1e-9;

    private final Images images = new Images();
    private final double periodMs;
    private final double leadMs;
    private final boolean locks;
    private boolean locked;
    private long lateBits;
    private int calmFrames;
    private long lastRefresh = Long.MIN_VALUE;

    Compositor(Headset headset) {
        periodMs = 1000 / headset.refreshHz();
        leadMs = headset.compositorMs();
        locks = headset.halfRateLock();
    }

    @Override
    public double startMs(double earliestMs, double beforeMs) {
        double next = beforeMs + (locked ? 2 : 1) * periodMs;
        return Math.ceil(Math.max(earliestMs, next) / periodMs - EPSILON) * periodMs;
    }

    @Override
    public double take(Frame frame) {
        long refresh = (long) Math.ceil((frame.doneMs + leadMs) / periodMs - EPSILON);
        if (frame.doneMs >= 0) {
            if (refresh == lastRefresh && images.size > 0) {
                images.displayed[images.size - 1] = Double.NaN; // a newer one is ready for the same refresh
            }
            images.add(FrameKind.RENDERED, frame.doneMs, frame.startMs, frame.number, frame.number, 1);
            images.displayed[images.size - 1] = refresh * periodMs;
        }
        if (locks) {
            judge(refresh - lastRefresh > (locked ? 2 : 1), Math.max(frame.cpuMs, frame.gpuMs));
        }
        lastRefresh = refresh;
        return frame.doneMs;
    }

    private void judge(boolean late, double workMs) {
        lateBits = (lateBits << 1 | (late ? 1 : 0)) & ((1L << LOOKS_BACK) - 1);
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

    @Override
    public double leftMs() {
        return Double.NEGATIVE_INFINITY;
    }

    @Override
    public void finish() {
        // Every frame was shown or replaced when it came.
    }

    Images images() {
        return images;
    }
}
