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
        for (int i = 0; i < clicking.size(); i++) {
            double at = clicking.clickMs(i);
            if (!clicking.answered(i)) {
                clicks.add(new Click(at, false, Double.NaN, Double.NaN, Double.NaN));
                continue;
            }
            double until = clicking.nextTurnMs(i);
            int before = clicking.before(i);
            boolean rises = before == 0;
            // A click may come while an earlier answer still shows: its own begins after that.
            double leaves = light.leaves(before, light.shows(before, at, until), until);
            clicks.add(new Click(
                    at,
                    true,
                    leaves,
                    light.passes(HALF, rises, leaves, until),
                    light.passes(rises ? FULL : 1 - FULL, rises, leaves, until)));
        }
        return List.copyOf(clicks);
    }
}
