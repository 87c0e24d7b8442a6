package app.fluss.sim.stage;

import app.fluss.core.measure.DisplayMode;
import app.fluss.sim.truth.Shown;

/// How a display takes images: fills in when each was first shown, and counts what the eye got.
public interface Sync {
    /// Shows images in order. Afterwards each has its display time, or none if it was lost.
    ///
    /// @param runMs length of the run, ms
    Shown show(Images images, double runMs);

    /// Counts images that have their display times already, on refreshes at a rate.
    static Shown count(Images images, double runMs, double refreshHz) {
        ShownCount count = new ShownCount();
        for (int i = 0; i < images.size; i++) {
            if (!Double.isNaN(images.displayed[i])) {
                count.add(images.content[i], Math.round(images.displayed[i] * refreshHz / 1000));
            }
        }
        return count.of(images.size, runMs);
    }

    /// The display's way.
    static Sync of(DisplayMode mode) {
        return switch (mode.sync()) {
            case FIFO -> new FifoSync(mode.periodMs());
            case LATEST -> new LatestSync(mode.periodMs());
            case TEARING -> new TearingSync(mode.periodMs());
            case VRR -> new VariableSync(mode.periodMs(), mode.vrrFloorHz());
        };
    }
}
