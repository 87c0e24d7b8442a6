package app.fluss.sim;

import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Rates;
import app.fluss.sim.scenario.Generator;
import app.fluss.sim.scenario.Scenario;
import app.fluss.sim.truth.Click;

/// What a scenario is expected to give: the rates of a short run, and the latency of its clicks.
///
/// @param rates of the run
/// @param latencyMs mean time from click to half light, ms
public record Expected(Rates rates, Figure latencyMs) {
    private static final double SHORT_S = 10;

    /// The expectation from the first ten seconds of the scenario, or all of it if it is shorter.
    public static Expected of(Scenario scenario) {
        SimulatedRun run = Simulation.run(scenario.lasting(Math.min(SHORT_S, scenario.seconds())));
        AnalysisSettings settings = AnalysisSettings.NONE
                .withDisplay(scenario.display().mode())
                .withMultiplier(scenario.generator().map(Generator::multiplier).orElse(1))
                .withClaimed(mean(run));
        Analysis analysis = Analysis.of(run.log().all(), settings);
        double latency = run.truth().clicks().stream()
                .filter(Click::answered)
                .mapToDouble(click -> click.halfMs() - click.clickMs())
                .filter(Double::isFinite)
                .average()
                .orElse(Double.NaN);
        return new Expected(analysis.rates(), Figure.ofFinite(latency, "the scenario has no clicks"));
    }

    private static Figure mean(SimulatedRun run) {
        return Figure.ofFinite(
                run.readings().stream()
                        .mapToDouble(SimulatedRun.Reading::claimedFps)
                        .average()
                        .orElse(Double.NaN),
                "the run is shorter than a second");
    }
}
