package app.fluss.sim.stage;

import app.fluss.core.frame.FrameKind;

/// Where images are handed on to the display. With fifo an image must wait until there is room for it, and the
/// game behind it with it; the other modes take every image at once.
final class HandOver {
    private final Images images = new Images();
    private final Fifo fifo;
    private final boolean queued;
    private double lastMs = Double.NEGATIVE_INFINITY;

    private HandOver(Fifo fifo, boolean queued) {
        this.fifo = fifo;
        this.queued = queued;
    }

    /// To a display that shows each image in turn.
    static HandOver queued(double periodMs, int places) {
        return new HandOver(new Fifo(periodMs, places), true);
    }

    /// To a display, or a stream, that takes what comes.
    static HandOver free() {
        return new HandOver(new Fifo(1, 1), false);
    }

    /// Hands an image on, at the earliest when it is ready; images of frames that were finished in the warm-up
    /// are not kept.
    ///
    /// @return when it was handed on, ms
    double offer(FrameKind kind, double readyMs, double contentMs, int before, Frame frame, double phase) {
        double at = Math.max(readyMs, lastMs);
        double shown = Double.NaN;
        if (queued) {
            at = Math.max(at, fifo.roomMs());
            shown = fifo.show(at);
        }
        lastMs = at;
        if (frame.doneMs >= 0) {
            images.add(kind, at, contentMs, before, frame.number, phase);
            images.displayed[images.size - 1] = shown;
        }
        return at;
    }

    /// Whether an image may have to wait for room.
    boolean isQueued() {
        return queued;
    }

    /// When the newest image was handed on, ms.
    double lastMs() {
        return lastMs;
    }

    Images images() {
        return images;
    }
}
