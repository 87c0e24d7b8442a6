package app.fluss.sim.stage;

import app.fluss.sim.truth.Shown;
import java.util.HashMap;
import java.util.Map;

/// Counts what a screen shows, image by image.
final class ShownCount {
    private final Map<Integer, Integer> holds = new HashMap<>();
    private int shown;
    private int distinct;
    private double content = Double.NaN;
    private long since;

    /// @param refresh at which it is shown; below 0 without fixed refreshes
    void add(double contentMs, long refresh) {
        shown++;
        if (contentMs == content) {
            return;
        }
        if (distinct > 0 && refresh >= 0) {
            holds.merge((int) (refresh - since), 1, Integer::sum);
        }
        content = contentMs;
        since = refresh;
        distinct++;
    }

    Shown of(int images, double runMs) {
        return new Shown(shown, distinct, images - shown, distinct / (runMs / 1000), Map.copyOf(holds));
    }
}
