package app.fluss.sim.stage;

import java.util.Arrays;

/// How busy a card was, as a sensor sees it: the share of each half second in which it worked.
public final class CardBusy {
    private static final double WINDOW_MS = 500;

    private double[] busyMs = new double[64];

    /// Work from one time to another, ms; what lies before the run is left out.
    void add(double fromMs, double toMs) {
        double at = Math.max(0, fromMs);
        while (at < toMs) {
            int window = (int) (at / WINDOW_MS);
            double end = Math.min(toMs, (window + 1) * WINDOW_MS);
            if (window >= busyMs.length) {
                busyMs = Arrays.copyOf(busyMs, Math.max(window + 1, busyMs.length * 2));
            }
            busyMs[window] += end - at;
            at = end;
        }
    }

    /// Share of the half second around a time, percent, 0 to 100.
    public double loadPct(double ms) {
        int window = (int) (Math.max(0, ms) / WINDOW_MS);
        return window < busyMs.length ? Math.min(100, 100 * busyMs[window] / WINDOW_MS) : 0;
    }
}
