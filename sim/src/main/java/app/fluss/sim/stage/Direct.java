package app.fluss.sim.stage;

import app.fluss.core.frame.FrameKind;

/// No generator: each frame is handed on when it is finished.
final class Direct implements FrameTaker {
    private final HandOver handOver;

    Direct(HandOver handOver) {
        this.handOver = handOver;
    }

    @Override
    public double take(Frame frame) {
        handOver.offer(FrameKind.RENDERED, frame.readyMs, frame.startMs, frame.number, frame, 1);
        return frame.readyMs;
    }

    @Override
    public double leftMs() {
        return handOver.lastMs();
    }

    @Override
    public void finish() {
        // Nothing waits.
    }
}
