package app.fluss.sim.stage;

/// A generator that looks at what the game shows at its own rate: at each look it gets the newest frame, and
/// the ones in between are replaced.
final class Capture implements FrameTaker {
    private final FrameTaker generator;
    private final double intervalMs;
    private final Frame waiting = new Frame();
    private boolean waits;
    private long look = (long) Math.floor(-2 * GameLoop.WARM_UP_MS);

    Capture(FrameTaker generator, double fps) {
        this.generator = generator;
        this.intervalMs = 1000 / fps;
    }

    @Override
    public double take(Frame frame) {
        double busyMs = lookUntil(frame.doneMs);
        waiting.set(frame);
        waits = true;
        return frame.doneMs + busyMs;
    }

    /// Looks, as long as that is before a time.
    ///
    /// @return how long the game's GPU was taken for what was made, ms
    private double lookUntil(double ms) {
        double busyMs = 0;
        if (waits) {
            long first = Math.max(look, (long) Math.ceil(waiting.readyMs / intervalMs));
            if (first * intervalMs < ms) {
                look = first + 1;
                waits = false;
                double seenAt = first * intervalMs;
                waiting.readyMs = seenAt;
                busyMs = generator.take(waiting) - seenAt;
            }
        }
        return busyMs;
    }

    @Override
    public double leftMs() {
        return Double.NEGATIVE_INFINITY;
    }

    @Override
    public void finish() {
        lookUntil(Double.POSITIVE_INFINITY);
        generator.finish();
    }
}
