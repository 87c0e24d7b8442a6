package app.fluss.sim;

import app.fluss.sim.scenario.Headset;
import app.fluss.sim.scenario.Scenario;
import app.fluss.sim.scenario.Smoothing;
import app.fluss.sim.signal.Clip;
import app.fluss.sim.signal.Light;
import app.fluss.sim.stage.Bench;
import app.fluss.sim.stage.Clicking;
import app.fluss.sim.stage.Frames;
import app.fluss.sim.stage.GameLoop;
import app.fluss.sim.stage.Images;
import app.fluss.sim.stage.Smoother;
import app.fluss.sim.stage.StreamPath;
import app.fluss.sim.stage.Sync;
import app.fluss.sim.truth.Click;
import app.fluss.sim.truth.Fate;
import app.fluss.sim.truth.Hitch;
import app.fluss.sim.truth.ImageTruth;
import app.fluss.sim.truth.Shown;
import app.fluss.sim.truth.Truth;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;

/// Runs a scenario, stage after stage: game and generator, stream, display, smoothing, light. The same scenario
/// always gives the same run.
public final class Simulation {
    private static final double CLIP_S = 4;
    private static final double HALF = 0.5;
    private static final double FULL = 0.9;

    private final Scenario scenario;
    private final double runMs;
    private final SplittableRandom random;
    private final List<Hitch> hitches = new ArrayList<>();

    private Simulation(Scenario scenario) {
        this.scenario = scenario;
        this.runMs = scenario.seconds() * 1000;
        this.random = new SplittableRandom(scenario.seed());
    }

    /// Simulates a run.
    public static SimulatedRun run(Scenario scenario) {
        return new Simulation(scenario).run();
    }

    private SimulatedRun run() {
        GameLoop loop = new GameLoop(scenario.game(), scenario.seconds(), random.split(), hitches);
        Bench bench = Bench.play(scenario, loop);
        SplittableRandom streamRandom = random.split();
        SplittableRandom clickRandom = random.split();
        Optional<StreamPath> stream = scenario.stream().map(settings -> {
            StreamPath path = new StreamPath(settings, streamRandom, hitches);
            path.play(bench.images(), runMs);
            return path;
        });
        Images screen = stream.map(StreamPath::client).orElse(bench.images());
        Optional<Headset> headset = scenario.headset();
        Shown shown = headset.isPresent()
                ? HeadsetView.shown(screen, runMs)
                : Sync.of(scenario.display().mode()).show(screen, runMs);
        Optional<Clicking> clicking = scenario.clicks()
                .map(clicks -> new Clicking(
                        clicks,
                        bench.frames(),
                        runMs,
                        scenario.stream().map(s -> s.link().delayMs()).orElse(0.0),
                        clickRandom));
        Panel panel = panel(screen, clicking);
        Optional<Light> light = clicking.map(_ -> panel.light(scenario));
        hitches.sort(Comparator.comparingDouble(Hitch::atMs));
        Truth truth = new Truth(
                scenario.seconds(),
                fate(bench.frames(), screen),
                screen.size(),
                shown,
                panel.smoothed.map(_ -> Sync.count(panel.images, runMs, panel.refreshHz)),
                images(screen),
                clicking.map(c -> clicks(c, light.orElseThrow())).orElse(List.of()),
                List.copyOf(hitches),
                stream.map(s -> LinkView.truth(s.packets())),
                headset.map(h -> HeadsetView.truth(h, screen, runMs)));
        Logs logs = new Logs(scenario, bench.frames());
        return new SimulatedRun(
                scenario,
                stream.isPresent() ? logs.client(screen) : logs.host(screen, true),
                stream.map(_ -> logs.host(bench.images(), false)),
                logs.game(),
                Overlay.readings(scenario, bench.frames(), bench.images()),
                truth,
                light,
                stream.map(s -> LinkView.trace(s.packets())),
                () -> panel.clip(scenario));
    }

    private Panel panel(Images screen, Optional<Clicking> clicking) {
        double[] levels = clicking.map(c -> c.levels(screen)).orElseGet(() -> new double[screen.size()]);
        if (scenario.headset().isEmpty() && scenario.display().smooths()) {
            Smoothing smoothing = scenario.display().smoothing().orElseThrow();
            Smoother smoother = new Smoother(screen, levels, smoothing, runMs);
            return new Panel(smoother.images(), smoother.levels(), smoothing.panelHz(), Optional.of(smoothing));
        }
        double hz = scenario.headset()
                .map(Headset::refreshHz)
                .orElse(scenario.display().mode().refreshHz());
        return new Panel(screen, levels, hz, Optional.empty());
    }

    /// What the panel lit.
    @SuppressWarnings("ArrayRecordComponent") // made and read here, never compared
    private record Panel(Images images, double[] levels, double refreshHz, Optional<Smoothing> smoothed) {
        Light light(Scenario scenario) {
            double[] at = new double[images.size()];
            double[] level = new double[images.size()];
            // A smoothing display's lag is from its input to its panel, and was applied there.
            double wait =
                    scenario.display().scanMs(scenario.clicks().orElseThrow().height())
                            + (smoothed.isPresent() ? 0 : scenario.display().lagMs());
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

        Clip clip(Scenario scenario) {
            int fps = (int) Math.rint(refreshHz);
            double[] content = new double[(int) (Math.min(CLIP_S, scenario.seconds()) * fps)];
            int next = 0;
            double now = 0;
            for (int picture = 0; picture < content.length; picture++) {
                // In the middle of the refresh, so that rounding of the rate moves nothing to its neighbour.
                double at = (picture + HALF) * 1000 / refreshHz;
                for (; next < images.size() && !(images.displayedMs(next) > at); next++) {
                    now = Double.isNaN(images.displayedMs(next)) ? now : images.contentMs(next);
                }
                content[picture] = now;
            }
            return new Clip(fps, content, scenario.seed());
        }
    }

    private static ImageTruth images(Images images) {
        int[] frames = new int[images.size()];
        for (int i = 0; i < frames.length; i++) {
            frames[i] = images.frame(i);
        }
        return new ImageTruth(images.kinds(), frames, images.present(), images.displayed());
    }

    private static Fate fate(Frames frames, Images screen) {
        byte[] fates = new byte[frames.size()];
        for (int i = 0; i < screen.size(); i++) {
            if (screen.isRendered(i)) {
                int reached = Double.isNaN(screen.displayedMs(i)) ? 1 : 2;
                fates[screen.frame(i)] = (byte) Math.max(fates[screen.frame(i)], reached);
            }
        }
        int[] counts = new int[3];
        for (int frame = frames.first(); frame < frames.size(); frame++) {
            counts[fates[frame]]++;
        }
        return new Fate(frames.size() - frames.first(), counts[2], counts[1], counts[0]);
    }

    private static List<Click> clicks(Clicking clicking, Light light) {
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
