package app.fluss.sim;

import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.SyncMode;
import app.fluss.sim.scenario.Display;
import app.fluss.sim.scenario.Game;
import app.fluss.sim.scenario.Link;
import app.fluss.sim.scenario.Scenario;
import app.fluss.sim.scenario.Stream;
import app.fluss.sim.scenario.Work;

/// Benches that several tests start from.
final class Benches {
    static final Work CPU = new Work(5, 0.1, 0.9, 1, 30);
    static final Work GPU = new Work(13, 0.12, 0.9, 0.5, 20);
    static final Game GAME = Game.of(CPU, GPU);

    private Benches() {}

    static Display display(double hz, SyncMode sync) {
        return Display.of(new DisplayMode(hz, sync));
    }

    static Scenario nativeRun(double hz, SyncMode sync) {
        return Scenario.of(7, 60, GAME, display(hz, sync));
    }

    /// A game whose every frame takes the same time.
    static Scenario steady(double gpuMs, Display display) {
        return Scenario.of(5, 30, Game.of(Work.steady(2), Work.steady(gpuMs)), display);
    }

    static Stream stream(Link link) {
        return new Stream(60, 30, 2, 4, new Work(4, 0.1, 0, 0, 0), link, new Work(3, 0.1, 0, 0, 0), 8, 12_345);
    }

    static Link link() {
        return new Link(200, 2, 0.6, 1.5, 0, 0, 0, 0);
    }

    static Analysis analyse(FrameLog log, DisplayMode mode) {
        return Analysis.of(log.all(), AnalysisSettings.NONE.withDisplay(mode));
    }

    static Analysis analyse(SimulatedRun run) {
        return analyse(run.log(), run.scenario().display().mode());
    }
}
