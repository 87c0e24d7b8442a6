package app.fluss.files.simulated;

import app.fluss.core.feel.drill.Fault;
import app.fluss.core.gpu.Slot;
import app.fluss.sim.scenario.Counter;
import app.fluss.sim.scenario.Game;
import app.fluss.sim.scenario.Generator;
import app.fluss.sim.scenario.Link;
import app.fluss.sim.scenario.Memory;
import app.fluss.sim.scenario.Power;
import app.fluss.sim.scenario.Scenario;
import app.fluss.sim.scenario.SceneSection;
import app.fluss.sim.scenario.SecondGpu;
import app.fluss.sim.scenario.Stream;
import app.fluss.sim.scenario.Work;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/// The bench of a scenario without its fault: what a drill's run is like while the fault is not there.
final class WithoutFault {
    /// A size of motion estimation that every card can do.
    private static final double SMALL_MOTION = 0.2;

    /// What of the GPU work is left where a base or a headset's rate is to be kept.
    private static final double LIGHT = 0.35;

    /// How far below what the display shows a bench stays that has no fault.
    private static final double BELOW_REFRESH = 0.95;

    /// A render scale that a headset keeps up with.
    private static final double KEPT_SCALE = 0.9;

    private static final Slot WIDE = new Slot(4, 16);

    private WithoutFault() {}

    /// The scenario without the fault that it has.
    static Scenario of(Fault fault, Scenario scenario) {
        Game game = scenario.game();
        double refreshHz = scenario.display().mode().refreshHz();
        return switch (fault) {
            case NONE -> scenario;
            case COUNTER_BLIND -> scenario.with(Counter.HONEST);
            case PHANTOM_IMAGES, NOT_ENGAGED -> generating(scenario, one -> one.with(Generator.Behaviour.HONEST));
            case CANNOT_FOLLOW -> generating(capped(scenario), WithoutFault::faster);
            case BASE_TOO_LOW -> generating(capped(lighter(scenario)), WithoutFault::faster);
            case CAPTURE_LOCKED -> generating(capped(scenario), WithoutFault::capturingAll);
            case ABOVE_REFRESH -> capped(scenario);
            case UNEVEN_CADENCE ->
                scenario.with(
                        scenario.headset().isPresent() ? game.withRenderScale(KEPT_SCALE) : game.withCap(refreshHz));
            case BELOW_FULL_RATE -> lighter(scenario);
            case HITCHES -> calm(scenario);
            case CPU_LIMIT -> scenario.with(with(game, game.cpu(), List.of(), game.power(), game.memory()));
            case MEMORY_FULL -> scenario.with(with(game, game.cpu(), game.sections(), game.power(), Optional.empty()));
            case CLOCK_DROP -> scenario.with(with(game, game.cpu(), game.sections(), Optional.empty(), game.memory()));
        };
    }

    private static Scenario generating(Scenario scenario, UnaryOperator<Generator> change) {
        return scenario.generator().map(change).map(scenario::with).orElse(scenario);
    }

    private static Scenario capped(Scenario scenario) {
        double multiplier = scenario.generator().map(Generator::multiplier).orElse(1);
        double shown = BELOW_REFRESH * scenario.display().mode().refreshHz();
        return scenario.with(scenario.game().withCap(shown / multiplier));
    }

    private static Generator faster(Generator generator) {
        Generator smaller = generator.withMotionSize(SMALL_MOTION);
        return smaller.secondGpu().isPresent() ? smaller.on(SecondGpu.in(WIDE)) : smaller;
    }

    private static Generator capturingAll(Generator generator) {
        return new Generator(
                generator.mode(),
                generator.multiplier(),
                generator.fixedMs(),
                generator.msPerMegapixel(),
                generator.motionSize(),
                generator.behaviour(),
                Double.NaN,
                generator.secondGpu());
    }

    private static Scenario lighter(Scenario scenario) {
        Game game = scenario.game();
        return scenario.with(game.withWork(
                game.cpu(), game.gpu().withMedianMs(LIGHT * game.gpu().medianMs())));
    }

    private static Scenario calm(Scenario scenario) {
        Game game = scenario.game();
        Scenario calmGame = scenario.with(with(game, calm(game.cpu()), game.sections(), game.power(), game.memory()));
        return scenario.stream().map(WithoutFault::calm).map(calmGame::with).orElse(calmGame);
    }

    private static Stream calm(Stream stream) {
        Link link = stream.link();
        return new Stream(
                stream.fps(),
                stream.bitRateMbps(),
                stream.keyEveryS(),
                stream.keyFactor(),
                calm(stream.encode()),
                new Link(
                        link.rateMbps(),
                        link.delayMs(),
                        link.jitterMs(),
                        link.jitterShape(),
                        link.lossShare(),
                        link.reorderShare(),
                        0,
                        link.spikeMs()),
                calm(stream.decode()),
                stream.bufferMs(),
                stream.clientClockOffsetMs());
    }

    private static Work calm(Work work) {
        return new Work(work.medianMs(), work.sigma(), work.likeness(), 0, work.hitchMs());
    }

    private static Game with(
            Game game, Work cpu, List<SceneSection> sections, Optional<Power> power, Optional<Memory> memory) {
        return new Game(
                cpu,
                game.gpu(),
                game.capFps(),
                game.queue(),
                game.widthPx(),
                game.heightPx(),
                game.renderScale(),
                game.settings(),
                sections,
                power,
                memory);
    }
}
