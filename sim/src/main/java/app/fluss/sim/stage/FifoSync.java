package app.fluss.sim.stage;

import app.fluss.sim.truth.Shown;

/// Each image waits its turn: at each refresh the oldest one that waits. Images that already waited in a queue
/// have their time.
final class FifoSync implements Sync {
    private final double periodMs;

    FifoSync(double periodMs) {
        this.periodMs = periodMs;
    }

    @Override
    public Shown show(Images images, double runMs) {
        ShownCount count = new ShownCount();
        Fifo fifo = new Fifo(periodMs, 1);
        for (int i = 0; i < images.size; i++) {
            if (Double.isNaN(images.displayed[i])) {
                images.displayed[i] = fifo.show(images.present[i]);
            }
            count.add(images.content[i], Math.round(images.displayed[i] / periodMs));
        }
        return count.of(images.size, runMs);
    }
}
