package app.fluss.sim;

import app.fluss.sim.signal.Light;
import app.fluss.sim.stage.Clicking;
import app.fluss.sim.truth.Click;
import java.util.ArrayList;
import java.util.List;

/// What became of each click, from the light itself.
final class ClickView {
    private static final double HALF = 0.5;
    private static final double FULL = 0.9;

    private ClickView() {}

    static List<Click> truth(Clicking clicking, Light light) {
        List<Click> clicks = new ArrayList<>();
        boolean bright = false;
        for (int i = 0; i < clicking.size(); i++) {
            double at = clicking.clickMs(i);
            if (!clicking.answered(i)) {
                clicks.add(new Click(at, false, Double.NaN, Double.NaN, Double.NaN));
                continue;
            }
            double until = i + 1 < clicking.size() ? clicking.clickMs(i + 1) : Double.POSITIVE_INFINITY;
            boolean rises = !bright;
            clicks.add(new Click(
                    at,
                    true,
                    light.leaves(bright ? 1 : 0, at, until),
                    light.passes(HALF, rises, at, until),
                    light.passes(rises ? FULL : 1 - FULL, rises, at, until)));
            bright = rises;
        }
        return List.copyOf(clicks);
    }
}
