package app.fluss.files.simulated;

import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.Figure;
import app.fluss.sim.SimulatedRun;
import app.fluss.sim.scenario.Generator;
import app.fluss.sim.scenario.Scenario;

/// Simulated runs, analysed with what their scenario states.
final class Analysed {
    private Analysed() {}

    static AnalysisSettings settings(SimulatedRun run) {
        Scenario scenario = run.scenario();
        AnalysisSettings settings = AnalysisSettings.NONE
                .withDisplay(scenario.display().mode())
                .withMultiplier(scenario.generator().map(Generator::multiplier).orElse(1))
                .withClaimed(mean(run.readings().stream()
                        .mapToDouble(SimulatedRun.Reading::claimedFps)
                        .toArray()))
                .withBase(mean(run.readings().stream()
                        .mapToDouble(SimulatedRun.Reading::baseFps)
                        .toArray()));
        return scenario.generator().isEmpty() ? settings.asNative() : settings;
    }

    private static Figure mean(double[] values) {
        double sum = 0;
        for (double value : values) {
            sum += value;
        }
        return Figure.ofFinite(sum / values.length, "none");
    }

    static Analysis analyse(SimulatedRun run) {
        return Analysis.of(run.log().all(), settings(run));
    }
}
