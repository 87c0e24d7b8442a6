package app.fluss.app.simulate;

import app.fluss.sim.scenario.Answer;
import app.fluss.sim.scenario.Clicks;
import app.fluss.sim.scenario.Game;
import app.fluss.sim.scenario.Generator;
import app.fluss.sim.scenario.Pickup;
import app.fluss.sim.scenario.Press;
import app.fluss.sim.scenario.Scenario;

/// The main settings of a scenario, as they are turned in the window.
///
/// @param seconds how long, s
/// @param cpuMs median CPU work, ms
/// @param gpuMs median GPU work at render scale 1, ms
/// @param capFps frame cap, /s; NaN for none
/// @param renderScale per axis
/// @param multiplier images presented per rendered image; 1 without a generator
/// @param clicks what the latency of a scenario with clicks rests on; without them what stands there does nothing
record Knobs(
        double seconds,
        double cpuMs,
        double gpuMs,
        double capFps,
        double renderScale,
        int multiplier,
        ClickKnobs clicks) {
    /// The shapes in which clicks and their light come.
    ///
    /// @param answer what the picture does
    /// @param isCoupled whether the recorder loses the level
    /// @param isHeld whether the button is held for longer than half of the time to the next press
    record ClickKnobs(Answer.Form answer, boolean isCoupled, boolean isHeld) {
        private static final double COUPLING_MS = 40;
        private static final double HELD_SHARE = 0.6;

        static ClickKnobs of(Clicks clicks) {
            return new ClickKnobs(
                    clicks.answer().form(),
                    clicks.pickup().couplingMs() > 0,
                    clicks.press().heldMs() > clicks.everyMs() / 2);
        }

        Clicks in(Clicks clicks) {
            ClickKnobs now = of(clicks);
            Clicks turned = clicks;
            if (answer != now.answer) {
                Answer old = clicks.answer();
                turned = turned.with(new Answer(answer, old.lastsMs(), old.flaresPerMinute()));
            }
            if (isCoupled != now.isCoupled) {
                turned = turned.with(clicks.pickup().coupled(isCoupled ? COUPLING_MS : Pickup.EXACT.couplingMs()));
            }
            if (isHeld != now.isHeld) {
                double heldMs = isHeld ? HELD_SHARE * clicks.everyMs() : Press.SHORT.heldMs();
                turned = turned.with(clicks.press().held(heldMs));
            }
            return turned;
        }
    }

    /// How they stand in a scenario.
    static Knobs of(Scenario scenario) {
        Game game = scenario.game();
        return new Knobs(
                scenario.seconds(),
                game.cpu().medianMs(),
                game.gpu().medianMs(),
                game.capFps(),
                game.renderScale(),
                scenario.generator().map(Generator::multiplier).orElse(1),
                scenario.clicks().map(ClickKnobs::of).orElse(new ClickKnobs(Answer.Form.STEP, false, false)));
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
        Scenario clicked = scenario.clicks()
                .map(settings -> turned.with(clicks.in(settings)))
                .orElse(turned);
        return scenario.generator()
                .map(generator -> clicked.with(generator.withMultiplier(multiplier)))
                .orElse(clicked);
    }
}
