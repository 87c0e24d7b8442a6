package app.fluss.sim.stage;

import app.fluss.core.frame.FrameKind;
import app.fluss.core.vr.HalfRateLock;
import app.fluss.sim.scenario.Headset;

/// A headset's compositor: lets the application start at a refresh, shows its newest finished image at the next
/// refresh for which it is ready, and in between shows the last one again.
final class Compositor implements FrameTaker, Pacer {
    private static final double EPSILON = 1e-9;

    private final Images images = new Images();
    private final double periodMs;
    private final double leadMs;
    private final boolean locks;
    private final HalfRateLock lock;
    private long lastRefresh = Long.MIN_VALUE;

    Compositor(Headset headset) {
        periodMs = 1000 / headset.refreshHz();
        leadMs = headset.compositorMs();
        locks = headset.halfRateLock();
        lock = new HalfRateLock(periodMs);
    }

    @Override
    public double startMs(double earliestMs, double beforeMs) {
        double next = beforeMs + lock.every() * periodMs;
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
            lock.frame(refresh - lastRefresh, Math.max(frame.cpuMs, frame.gpuMs));
        }
        lastRefresh = refresh;
        return frame.doneMs;
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
