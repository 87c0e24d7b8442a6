package app.fluss.sim.stage;

import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.SyncMode;
import app.fluss.sim.scenario.Generator;
import app.fluss.sim.scenario.Scenario;

/// The game with what takes its frames: nothing, a generator, or a headset's compositor.
///
/// @param frames what the game rendered
/// @param images what was handed on
/// @param secondCard how busy a second card was; never, where there is none
public record Bench(Frames frames, Images images, CardBusy secondCard) {
    /// Puts the stages together and plays the game.
    public static Bench play(Scenario scenario, GameLoop loop) {
        if (scenario.headset().isPresent()) {
            Compositor compositor = new Compositor(scenario.headset().get());
            Frames frames = loop.play(compositor, compositor);
            return new Bench(frames, compositor.images(), new CardBusy());
        }
        HandOver handOver = handOver(scenario);
        CardBusy secondCard = new CardBusy();
        Pacer cap = Pacer.cap(scenario.game().capFps());
        FrameTaker taker = scenario.generator()
                .filter(generator -> generator.behaviour() != Generator.Behaviour.NOT_ENGAGED)
                .map(generator -> generator(scenario, generator, handOver, secondCard))
                .orElseGet(() -> new Direct(handOver));
        return new Bench(loop.play(cap, taker), handOver.images(), secondCard);
    }

    private static HandOver handOver(Scenario scenario) {
        DisplayMode mode = scenario.display().mode();
        // A stream's host hands on to the encoder, which takes what is newest.
        return scenario.stream().isEmpty() && mode.sync() == SyncMode.FIFO
                ? HandOver.queued(mode.periodMs(), scenario.display().queuedImages())
                : HandOver.free();
    }

    private static FrameTaker generator(
            Scenario scenario, Generator generator, HandOver handOver, CardBusy secondCard) {
        double costMs = generator.costMs(scenario.game().megapixels());
        FrameTaker taker = switch (generator.mode()) {
            case EXTRAPOLATE -> new Extrapolator(handOver, generator, costMs);
            case INTERPOLATE -> {
                Processor processor = generator
                        .secondGpu()
                        .<Processor>map(card -> new OtherGpu(card, scenario.game(), secondCard))
                        .orElseGet(SameGpu::new);
                yield new Interpolator(handOver, processor, generator, costMs);
            }
        };
        return Double.isNaN(generator.captureFps()) ? taker : new Capture(taker, generator.captureFps());
    }
}
