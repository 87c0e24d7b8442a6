package app.fluss.sim.stage;

import app.fluss.sim.scenario.Game;
import app.fluss.sim.scenario.SecondGpu;

/// A second GPU: frames are copied over its slot one after the other, and it makes images one after the other.
/// Where the slot is behind by more than one frame, the next is dropped; where the card is behind, images that
/// would come too late are skipped. So neither queue grows without end.
final class OtherGpu implements Processor {
    private final double copyMs;
    private final double waitMs;
    private final CardBusy busy;
    private double slotFreeMs = Double.NEGATIVE_INFINITY;
    private double freeMs = Double.NEGATIVE_INFINITY;

    /// @param busy is told when the card works
    OtherGpu(SecondGpu card, Game game, CardBusy busy) {
        this.busy = busy;
        copyMs = card.slot().copyMs(game.widthPx(), game.heightPx(), card.bytesPerPixel());
        waitMs = card.compositionWaitMs();
    }

    @Override
    public double arrive(double doneMs) {
        if (slotFreeMs > doneMs + copyMs) {
            return Double.NaN;
        }
        slotFreeMs = Math.max(slotFreeMs, doneMs) + copyMs;
        freeMs = Math.max(freeMs, slotFreeMs + waitMs);
        return slotFreeMs + waitMs;
    }

    @Override
    public double make(double costMs, double latestStartMs) {
        if (freeMs > latestStartMs) {
            return Double.NaN;
        }
        busy.add(freeMs, freeMs + costMs);
        freeMs += costMs;
        return freeMs;
    }

    @Override
    public double gameFreeMs(double doneMs) {
        return doneMs;
    }
}
