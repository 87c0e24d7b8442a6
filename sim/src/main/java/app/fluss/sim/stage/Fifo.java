package app.fluss.sim.stage;

import java.util.Arrays;

/// A fixed-refresh display that shows each image in turn, with so many places for images that wait. Refresh k
/// is at `k · period`.
final class Fifo {
    private final double periodMs;
    private final double[] shown;
    private long count;
    private double nextMs = Double.NEGATIVE_INFINITY;

    Fifo(double periodMs, int places) {
        this.periodMs = periodMs;
        shown = new double[places];
        Arrays.fill(shown, Double.NEGATIVE_INFINITY);
    }

    /// From when on there is a place for the next image, ms: when the one that has its place is shown.
    double roomMs() {
        return shown[(int) (count % shown.length)];
    }

    /// Takes an image.
    ///
    /// @return when it is shown, ms
    double show(double presentMs) {
        double at = Math.ceil(Math.max(presentMs, nextMs) / periodMs - 1e-9) * periodMs;
        nextMs = at + periodMs / 2;
        shown[(int) (count++ % shown.length)] = at;
        return at;
    }
}
