package app.fluss.sim;

import app.fluss.sim.scenario.Headset;
import app.fluss.sim.scenario.Scenario;
import app.fluss.sim.signal.Light;
import app.fluss.sim.stage.Bench;
import app.fluss.sim.stage.Clicking;
import app.fluss.sim.stage.Flares;
import app.fluss.sim.stage.Frames;
import app.fluss.sim.stage.GameLoop;
import app.fluss.sim.stage.Images;
import app.fluss.sim.stage.StreamPath;
import app.fluss.sim.stage.Sync;
import app.fluss.sim.truth.Fate;
import app.fluss.sim.truth.Hitch;
import app.fluss.sim.truth.ImageTruth;
import app.fluss.sim.truth.Shown;
import app.fluss.sim.truth.Truth;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;

/// Runs a scenario, stage after stage: game and generator, stream, display, smoothing, light. The same scenario
/// always gives the same run.
public final class Simulation {
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
        SplittableRandom sensorRandom = random.split();
        SplittableRandom flareRandom = random.split();
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
        Panel panel = Panel.of(scenario, screen, clicking, runMs);
        Optional<Light> light =
                clicking.map(_ -> panel.light(scenario.clicks().orElseThrow().height()));
        hitches.sort(Comparator.comparingDouble(Hitch::atMs));
        Truth truth = new Truth(
                scenario.seconds(),
                fate(bench.frames(), screen),
                screen.size(),
                shown,
                panel.isSmoothed() ? Optional.of(panel.shown(runMs)) : Optional.empty(),
                images(screen),
                clicking.map(c -> ClickView.truth(c, light.orElseThrow())).orElse(List.of()),
                scenario.clicks()
                        .map(clicks -> Flares.of(clicks.answer(), runMs, flareRandom))
                        .orElse(List.of()),
                List.copyOf(hitches),
                stream.map(s -> LinkView.truth(s.packets())),
                headset.map(h -> HeadsetView.truth(h, screen, runMs)));
        Logs logs = new Logs(scenario, bench, sensorRandom);
        return new SimulatedRun(
                scenario,
                stream.map(logs::client).orElseGet(() -> logs.host(screen, Optional.empty())),
                stream.map(_ -> logs.host(bench.images(), stream)),
                logs.game(),
                Overlay.readings(scenario, bench.frames(), bench.images()),
                truth,
                light,
                stream.map(s -> LinkView.trace(s.packets())),
                panel::clip);
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
}
