package app.fluss.sim;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import java.util.SplittableRandom;

/// Runs a scenario.
///
/// Frame n starts at `s_n`, where input and game time are taken; not before the cap interval after `s_(n-1)`,
/// nor before image `n - queue` left the GPU. The CPU works, then the GPU, which also makes the generated
/// images, one after the other. An interpolator waits for image n, then hands on the images between n - 1 and n
/// and at last n itself, spread over a running mean of the base interval.
public final class Simulation {
    /// Weight of the newest interval in the running mean that paces generated images.
    private static final double PACE_FOLLOWS = 0.1;

    /// What happens before this is not logged, ms: queues and pacing settle first, as in a game that is already
    /// running.
    private static final double WARM_UP_MS = 1000;

    private final Scenario scenario;
    private final Images images = new Images();
    private int rendered;
    private double meanIntervalMs;
    private double lastPresentMs = Double.NEGATIVE_INFINITY;

    private Simulation(Scenario scenario) {
        this.scenario = scenario;
    }

    /// Simulates a run.
    public static SimulatedRun run(Scenario scenario) {
        Simulation simulation = new Simulation(scenario);
        simulation.play();
        Panel panel = Panel.show(simulation.images, scenario.display(), simulation.rendered);
        return new SimulatedRun(simulation.log(), Overlay.readings(simulation.images, scenario), panel.truth());
    }

    private void play() {
        SplittableRandom random = new SplittableRandom(scenario.seed());
        Work.Sequence cpu = scenario.cpu().sequence(random.split());
        Work.Sequence gpu = scenario.gpu().sequence(random.split());
        double capMs = Double.isNaN(scenario.capFps()) ? 0 : 1000 / scenario.capFps();
        double[] left = new double[scenario.queue()];
        double generatorMs = generatorMs();
        double start = 0;
        double cpuFree = 0;
        double gpuFree = 0;
        double contentBefore = Double.NaN;
        double doneBefore = Double.NaN;
        for (int n = 0; ; n++) {
            if (n > 0) {
                start = Math.max(Math.max(start + capMs, cpuFree), left[n % left.length]);
            }
            if (start >= WARM_UP_MS + scenario.seconds() * 1000) {
                return;
            }
            double cpuMs = cpu.nextMs();
            double gpuMs = gpu.nextMs();
            cpuFree = start + cpuMs;
            double done = Math.max(cpuFree, gpuFree) + gpuMs;
            gpuFree = done + generatorMs;
            left[n % left.length] = done;
            handOn(done, doneBefore, start, contentBefore, cpuMs, gpuMs + generatorMs);
            contentBefore = start;
            doneBefore = done;
        }
    }

    private double generatorMs() {
        return switch (scenario.generation()) {
            case Generation.Off _ -> 0;
            case Generation.Interpolation(int m, double costMs, var behaviour) ->
                behaviour == Generation.Behaviour.NOT_ENGAGED ? 0 : (m - 1) * costMs;
        };
    }

    private void handOn(
            double done, double doneBefore, double content, double contentBefore, double cpuMs, double gpuMs) {
        if (!Double.isNaN(doneBefore)) {
            double interval = done - doneBefore;
            meanIntervalMs += meanIntervalMs == 0 ? interval : PACE_FOLLOWS * (interval - meanIntervalMs);
        }
        double at = done;
        switch (scenario.generation()) {
            case Generation.Interpolation(int m, double costMs, var behaviour)
            when behaviour != Generation.Behaviour.NOT_ENGAGED -> {
                double step = meanIntervalMs / m;
                for (int j = 1; j < m && !Double.isNaN(contentBefore); j++) {
                    double depicted = behaviour == Generation.Behaviour.PHANTOM
                            ? contentBefore
                            : contentBefore + (content - contentBefore) * j / m;
                    at = Math.max(done + j * costMs, lastPresentMs + step);
                    present(FrameKind.GENERATED, at, depicted, Double.NaN, Double.NaN);
                }
                at = Math.max(done, lastPresentMs + step);
            }
            case Generation.Interpolation _, Generation.Off _ -> {}
        }
        present(FrameKind.RENDERED, at, content, cpuMs, gpuMs);
    }

    private void present(FrameKind kind, double at, double content, double cpuMs, double gpuMs) {
        lastPresentMs = at;
        if (at >= WARM_UP_MS) {
            rendered += kind == FrameKind.RENDERED ? 1 : 0;
            images.add(kind, at - WARM_UP_MS, content - WARM_UP_MS, cpuMs, gpuMs);
        }
    }

    private FrameLog log() {
        return FrameLog.presentedAt(images.present, images.size)
                .channel(Channel.DISPLAYED, images.displayed)
                .channel(Channel.CONTENT, images.content)
                .channel(Channel.CPU, images.cpu)
                .channel(Channel.GPU, images.gpu)
                .kinds(images.kinds)
                .build();
    }
}
