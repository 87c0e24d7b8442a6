package app.fluss.sim.stage;

import app.fluss.sim.truth.Shown;

/// At each refresh the newest image that is there; older ones that waited are lost.
final class LatestSync implements Sync {
    private final double periodMs;

    LatestSync(double periodMs) {
        this.periodMs = periodMs;
    }

    @Override
    public Shown show(Images images, double runMs) {
        ShownCount count = new ShownCount();
        int next = 0;
        long refresh = 0;
        while (next < images.size) {
            refresh = Math.max(refresh, (long) Math.ceil(images.present[next] / periodMs));
            double at = refresh * periodMs;
            int newest = -1;
            while (next < images.size && images.present[next] <= at) {
                newest = next++;
            }
            if (newest >= 0) {
                images.displayed[newest] = at;
                count.add(images.content[newest], refresh);
            }
            refresh++;
        }
        return count.of(images.size, runMs);
    }
}
