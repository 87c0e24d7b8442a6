package app.fluss.sim.stage;

import app.fluss.sim.truth.Shown;

/// No waiting: each image takes over in the middle of a scan-out. The eye gets one image a refresh: the one that
/// has most of the scan-out, if that is a third or more.
final class TearingSync implements Sync {
    private static final double ENOUGH = 1.0 / 3;

    private final double periodMs;

    TearingSync(double periodMs) {
        this.periodMs = periodMs;
    }

    @Override
    public Shown show(Images images, double runMs) {
        for (int i = 0; i < images.size; i++) {
            images.displayed[i] = images.present[i];
        }
        ShownCount count = new ShownCount();
        if (images.size == 0) {
            return count.of(0, runMs);
        }
        int first = 0;
        int owner = -1;
        // The scan-outs follow each other from the first image on, for a log has no other origin.
        double begin = images.present[0];
        double last = images.present[images.size - 1];
        for (; begin + periodMs <= last; begin += periodMs) {
            double end = begin + periodMs;
            int best = -1;
            double most = 0;
            int i = first;
            for (; i < images.size && images.present[i] < end; i++) {
                double until = i + 1 < images.size ? Math.min(end, images.present[i + 1]) : end;
                double owned = until - Math.max(begin, images.present[i]);
                if (owned > most) {
                    most = owned;
                    best = i;
                }
            }
            first = Math.max(first, i - 1);
            if (best >= 0 && best != owner && most >= ENOUGH * periodMs) {
                owner = best;
                count.add(images.content[best], -1);
            }
        }
        return count.of(images.size, runMs);
    }
}
