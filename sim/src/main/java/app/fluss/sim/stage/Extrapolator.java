package app.fluss.sim.stage;

import app.fluss.core.frame.FrameKind;
import app.fluss.sim.scenario.Generator;

/// Shows each frame at once and goes on from it by the motion of the last two, until the next comes.
final class Extrapolator implements FrameTaker {
    private static final double FOLLOWS = 0.1;

    private final HandOver handOver;
    private final SameGpu gpu = new SameGpu();
    private final int multiplier;
    private final double costMs;
    private final boolean phantom;
    private final Frame before = new Frame();
    private final Frame newest = new Frame();
    private int taken;
    private double meanMs = Double.NaN;

    Extrapolator(HandOver handOver, Generator generator, double costMs) {
        this.handOver = handOver;
        this.multiplier = generator.multiplier();
        this.costMs = costMs;
        this.phantom = generator.behaviour() == Generator.Behaviour.PHANTOM;
    }

    @Override
    public double take(Frame frame) {
        goOn(frame.readyMs);
        if (taken > 0) {
            double interval = frame.readyMs - newest.readyMs;
            meanMs = Double.isNaN(meanMs) ? interval : meanMs + FOLLOWS * (interval - meanMs);
        }
        before.set(newest);
        newest.set(frame);
        taken++;
        handOver.offer(FrameKind.RENDERED, frame.readyMs, frame.startMs, frame.number, frame, 1);
        gpu.arrive(frame.readyMs);
        for (int j = 1; j < multiplier; j++) {
            gpu.make(costMs, Double.POSITIVE_INFINITY);
        }
        return gpu.gameFreeMs(frame.readyMs);
    }

    /// Hands on the images after the newest frame that are due before a time.
    private void goOn(double untilMs) {
        if (taken < 2 || Double.isNaN(meanMs)) {
            return;
        }
        double motion = newest.startMs - before.startMs;
        for (int j = 1; j < multiplier; j++) {
            double due = newest.readyMs + Math.max(j * costMs, j * meanMs / multiplier);
            if (due < untilMs) {
                double content = phantom ? newest.startMs : newest.startMs + motion * j / multiplier;
                handOver.offer(FrameKind.GENERATED, due, content, newest.number, newest, 1);
            }
        }
    }

    @Override
    public double leftMs() {
        return handOver.lastMs();
    }

    @Override
    public void finish() {
        goOn(Double.POSITIVE_INFINITY);
    }
}
