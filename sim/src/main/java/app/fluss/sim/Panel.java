package app.fluss.sim;

import app.fluss.sim.scenario.Headset;
import app.fluss.sim.scenario.Scenario;
import app.fluss.sim.scenario.Smoothing;
import app.fluss.sim.signal.Clip;
import app.fluss.sim.signal.Light;
import app.fluss.sim.stage.Clicking;
import app.fluss.sim.stage.Images;
import app.fluss.sim.stage.Smoother;
import app.fluss.sim.stage.Sync;
import app.fluss.sim.truth.Shown;
import java.util.Arrays;
import java.util.Optional;

/// What the panel lit: the images of the screen, or those that the display's motion smoothing made of them.
final class Panel {
    private static final double CLIP_S = 4;

    private final Scenario scenario;
    private final Images images;
    private final double[] levels;
    private final double refreshHz;
    private final boolean smoothed;

    private Panel(Scenario scenario, Images images, double[] levels, double refreshHz, boolean smoothed) {
        this.scenario = scenario;
        this.images = images;
        this.levels = levels;
        this.refreshHz = refreshHz;
        this.smoothed = smoothed;
    }

    static Panel of(Scenario scenario, Images screen, Optional<Clicking> clicking, double runMs) {
        double[] levels = clicking.map(c -> c.levels(screen)).orElseGet(() -> new double[screen.size()]);
        if (scenario.headset().isEmpty() && scenario.display().smooths()) {
            Smoothing smoothing = scenario.display().smoothing().orElseThrow();
            Smoother smoother = new Smoother(screen, levels, smoothing, runMs);
            return new Panel(scenario, smoother.images(), smoother.levels(), smoothing.panelHz(), true);
        }
        double hz = scenario.headset()
                .map(Headset::refreshHz)
                .orElse(scenario.display().mode().refreshHz());
        return new Panel(scenario, screen, levels, hz, false);
    }

    boolean isSmoothed() {
        return smoothed;
    }

    /// What it showed, counted.
    Shown shown(double runMs) {
        return Sync.count(images, runMs, refreshHz);
    }

    /// Its light over time.
    ///
    /// @param height where, 0 for the top, 1 for the bottom
    Light light(double height) {
        double[] at = new double[images.size()];
        double[] level = new double[images.size()];
        // A smoothing display's lag is from its input to its panel, and was applied there.
        double wait = scenario.display().scanMs(height, refreshHz)
                + (smoothed ? 0 : scenario.display().lagMs());
        int n = 0;
        for (int i = 0; i < images.size(); i++) {
            if (!Double.isNaN(images.displayedMs(i))) {
                at[n] = images.displayedMs(i) + wait;
                level[n++] = levels[i];
            }
        }
        return new Light(
                Arrays.copyOf(at, n),
                Arrays.copyOf(level, n),
                scenario.display().responseMs());
    }

    /// A recording of its first seconds, one picture a refresh.
    Clip clip() {
        int fps = (int) Math.rint(refreshHz);
        double[] content = new double[(int) (Math.min(CLIP_S, scenario.seconds()) * fps)];
        int next = 0;
        double now = 0;
        for (int picture = 0; picture < content.length; picture++) {
            // In the middle of the refresh, so that rounding of the rate moves nothing to its neighbour.
            double at = (picture + 0.5) * 1000 / refreshHz;
            for (; next < images.size() && !(images.displayedMs(next) > at); next++) {
                now = Double.isNaN(images.displayedMs(next)) ? now : images.contentMs(next);
            }
            content[picture] = now;
        }
        return new Clip(fps, content, scenario.seed());
    }
}
