package app.fluss.sim;

import app.fluss.core.measure.DisplayMode;
import java.util.Map;
import java.util.TreeMap;

/// The simulated display: gives every image the time at which it is shown, or none, and counts the truth while
/// it does. Written apart from the analysis on purpose, so that each can be held against the other.
final class Panel {
    private final Images images;
    private final DisplayMode mode;
    private final Map<Integer, Integer> holds = new TreeMap<>();
    private int shown;
    private int distinct;
    private double shownContent = Double.NaN;
    private long distinctSince;
    private final int rendered;

    private Panel(Images images, DisplayMode mode, int rendered) {
        this.images = images;
        this.mode = mode;
        this.rendered = rendered;
    }

    static Panel show(Images images, DisplayMode mode, int rendered) {
        Panel panel = new Panel(images, mode, rendered);
        switch (mode.sync()) {
            case LATEST, TEARING -> panel.latest();
            case FIFO -> panel.fifo();
            case VRR -> panel.variable();
        }
        return panel;
    }

    Truth truth() {
        return new Truth(rendered, images.size, shown, distinct, images.size - shown, Map.copyOf(holds));
    }

    /// At each refresh the newest image that is there.
    private void latest() {
        double period = mode.periodMs();
        int next = 0;
        for (long refresh = 0; next < images.size; refresh++) {
            int newest = -1;
            while (next < images.size && images.present[next] <= refresh * period) {
                newest = next++;
            }
            if (newest >= 0) {
                light(newest, refresh, refresh * period);
            }
        }
    }

    /// At each refresh the oldest image that waits.
    private void fifo() {
        double period = mode.periodMs();
        int next = 0;
        for (long refresh = 0; next < images.size; refresh++) {
            if (images.present[next] <= refresh * period) {
                light(next++, refresh, refresh * period);
            }
        }
    }

    /// Each image as it comes, the panel being busy for one shortest refresh after each; the newest of those
    /// that wait.
    private void variable() {
        double free = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < images.size; i++) {
            double at = Math.max(images.present[i], free);
            boolean passed = i + 1 < images.size && at > images.present[i] && images.present[i + 1] <= at;
            if (!passed) {
                light(i, -1, at);
                free = at + mode.periodMs();
            }
        }
    }

    private void light(int image, long refresh, double at) {
        images.displayed[image] = at;
        shown++;
        if (images.content[image] == shownContent) {
            return;
        }
        if (distinct > 0 && refresh >= 0) {
            holds.merge((int) (refresh - distinctSince), 1, Integer::sum);
        }
        shownContent = images.content[image];
        distinctSince = refresh;
        distinct++;
    }
}
