package app.fluss.sim.stage;

import app.fluss.core.frame.FrameKind;
import app.fluss.sim.scenario.Generator;

/// Makes the images between a frame and the one before, so that the frame itself must wait. Image j of m is due
/// `cost + (j - 1) / m · T` after the frame came in, T being a running mean of the base interval.
final class Interpolator implements FrameTaker {
    /// Weight of the newest interval in the running mean.
    private static final double FOLLOWS = 0.1;

    /// Images are never closer than this share of their usual distance, even where one was late.
    private static final double CLOSEST = 0.5;

    private final HandOver handOver;
    private final Processor processor;
    private final int multiplier;
    private final double costMs;
    private final boolean phantom;
    private final Frame before = new Frame();
    private boolean hasBefore;
    private double arrivedBefore = Double.NaN;
    private double meanMs = Double.NaN;
    private double leftMs = Double.NEGATIVE_INFINITY;

    Interpolator(HandOver handOver, Processor processor, Generator generator, double costMs) {
        this.handOver = handOver;
        this.processor = processor;
        this.multiplier = generator.multiplier();
        this.costMs = costMs;
        this.phantom = generator.behaviour() == Generator.Behaviour.PHANTOM;
    }

    @Override
    public double take(Frame frame) {
        double arrived = processor.arrive(frame.readyMs);
        if (Double.isNaN(arrived)) {
            return processor.gameFreeMs(frame.readyMs);
        }
        if (hasBefore) {
            double interval = arrived - arrivedBefore;
            meanMs = Double.isNaN(meanMs) ? interval : meanMs + FOLLOWS * (interval - meanMs);
            between(frame, arrived);
        } else {
            handOver.offer(FrameKind.RENDERED, arrived, frame.startMs, frame.number, frame, 1);
        }
        arrivedBefore = arrived;
        before.set(frame);
        hasBefore = true;
        return processor.gameFreeMs(frame.readyMs);
    }

    private void between(Frame frame, double arrived) {
        double step = meanMs / multiplier;
        for (int j = 1; j < multiplier; j++) {
            double ready = processor.make(costMs, arrived + meanMs);
            if (Double.isNaN(ready)) {
                continue;
            }
            double due = Math.max(ready, at(arrived, j, step));
            double phase = (double) j / multiplier;
            if (phantom) {
                handOver.offer(FrameKind.GENERATED, due, before.startMs, before.number, before, 1);
            } else {
                double content = before.startMs + (frame.startMs - before.startMs) * phase;
                handOver.offer(FrameKind.GENERATED, due, content, before.number, frame, phase);
            }
        }
        double handedOn = handOver.offer(
                FrameKind.RENDERED, at(arrived, multiplier, step), frame.startMs, before.number, frame, 1);
        // What a full display queue held it up beyond its own pace.
        double held = handedOn - (arrived + costMs + (multiplier - 1) * step);
        leftMs = handOver.isQueued() ? frame.readyMs + Math.max(0, held) : Double.NEGATIVE_INFINITY;
    }

    private double at(double arrived, int j, double step) {
        return Math.max(arrived + costMs + (j - 1) * step, handOver.lastMs() + CLOSEST * step);
    }

    @Override
    public double leftMs() {
        return leftMs;
    }

    @Override
    public void finish() {
        // The last frame was handed on with those before it.
    }
}
