package app.fluss.sim.stage;

import app.fluss.sim.truth.Shown;

/// Variable refresh: an image is shown as it comes, once the scan-out before it has ended. Below the floor the
/// panel repeats the last image, and a new one waits until that scan-out has ended too. Of several that wait
/// the newest is shown.
final class VariableSync implements Sync {
    private final double scanMs;
    private final double floorMs;

    VariableSync(double scanMs, double floorHz) {
        this.scanMs = scanMs;
        this.floorMs = Double.isNaN(floorHz) ? Double.POSITIVE_INFINITY : 1000 / floorHz;
    }

    @Override
    public Shown show(Images images, double runMs) {
        ShownCount count = new ShownCount();
        double began = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < images.size; i++) {
            double at = Math.max(images.present[i], free(began, images.present[i]));
            boolean passed = i + 1 < images.size && images.present[i + 1] <= at && at > images.present[i];
            if (!passed) {
                images.displayed[i] = at;
                count.add(images.content[i], -1);
                began = at;
            }
        }
        return count.of(images.size, runMs);
    }

    /// When the panel is free for an image that comes at a time.
    private double free(double began, double ms) {
        double waited = ms - began;
        double lastBegan = waited >= floorMs && waited < Double.POSITIVE_INFINITY
                ? began + Math.floor(waited / floorMs) * floorMs
                : began;
        return lastBegan + scanMs;
    }
}
