package app.fluss.app.simulate;

import app.fluss.sim.scenario.Game;
import app.fluss.sim.scenario.Generator;
import app.fluss.sim.scenario.Scenario;

/// The main settings of a scenario, as they are turned in the window.
///
/// @param seconds how long, s
/// @param cpuMs median CPU work, ms
/// @param gpuMs median GPU work at render scale 1, ms
/// @param capFps frame cap, /s; NaN for none
/// @param renderScale per axis
/// @param multiplier images presented per rendered image; 1 without a generator
record Knobs(double seconds, double cpuMs, double gpuMs, double capFps, double renderScale, int multiplier) {
    /// How they stand in a scenario.
    static Knobs of(Scenario scenario) {
        Game game = scenario.game();
        return new Knobs(
                scenario.seconds(),
                game.cpu().medianMs(),
                game.gpu().medianMs(),
                game.capFps(),
                game.renderScale(),
                scenario.generator().map(Generator::multiplier).orElse(1));
    }

    /// The scenario with these settings.
    ///
    /// @throws IllegalArgumentException if one is outside its range
    Scenario in(Scenario scenario) {
        Game game = scenario.game();
        Scenario turned = scenario.lasting(seconds)
                .with(game.withWork(game.cpu().withMedianMs(cpuMs), game.gpu().withMedianMs(gpuMs))
                        .withCap(capFps)
                        .withRenderScale(renderScale));
        return scenario.generator()
                .map(generator -> turned.with(generator.withMultiplier(multiplier)))
                .orElse(turned);
    }
}
