package app.fluss.files.simulated;

import app.fluss.core.bench.FactKey;
import app.fluss.sim.scenario.Clicks;
import app.fluss.sim.scenario.Display;
import app.fluss.sim.scenario.Game;
import app.fluss.sim.scenario.Scenario;
import app.fluss.sim.scenario.Smoothing;
import app.fluss.sim.scenario.Stream;
import java.util.Map;
import java.util.TreeMap;

/// What would be stated of the bench that a scenario simulates, by the names of the facts in files.
public final class ScenarioFacts {
    private final Map<String, String> facts = new TreeMap<>();

    private ScenarioFacts() {}

    /// The facts of a scenario, without the settings of its path.
    public static Map<String, String> of(Scenario scenario) {
        ScenarioFacts all = new ScenarioFacts();
        all.game(scenario.game());
        all.display(scenario.display());
        scenario.clicks().ifPresent(all::clicks);
        scenario.stream().ifPresent(all::stream);
        scenario.generator().flatMap(generator -> generator.secondGpu()).ifPresent(card -> {
            all.put(FactKey.SECOND_SLOT_GENERATION, card.slot().generation());
            all.put(FactKey.SECOND_SLOT_LANES, card.slot().lanes());
        });
        scenario.headset().ifPresent(headset -> {
            all.put(FactKey.HEADSET_HZ, headset.refreshHz());
            all.put(FactKey.COMPOSITOR_MS, headset.compositorMs());
            all.facts.put(
                    FactKey.RENDER_SCALE.id(),
                    ScenarioChain.text(scenario.game().renderScale() * 100) + " %");
        });
        return all.facts;
    }

    private void game(Game game) {
        put(FactKey.WIDTH_PX, game.widthPx());
        put(FactKey.HEIGHT_PX, game.heightPx());
        put(FactKey.FRAMES_IN_FLIGHT, game.queue());
        game.memory().ifPresent(memory -> put(FactKey.FIRST_VRAM_MB, memory.capacityMb()));
    }

    private void display(Display display) {
        put(FactKey.WAITING_IMAGES, display.queuedImages());
        put(FactKey.RESPONSE_MS, display.responseMs());
        put(
                FactKey.LAG_MS,
                display.smooths() ? display.smoothing().map(Smoothing::lagMs).orElseThrow() : display.lagMs());
    }

    private void clicks(Clicks clicks) {
        put(FactKey.POLLING_MS, clicks.pollingMs());
        put(FactKey.DEVICE_MS, clicks.deviceMs());
        put(FactKey.SENSOR_HEIGHT_PCT, clicks.height() * 100);
    }

    private void stream(Stream stream) {
        put(FactKey.LINK_MBPS, stream.link().rateMbps());
        put(FactKey.LINK_DELAY_MS, stream.link().delayMs());
        put(FactKey.LINK_JITTER_MS, stream.link().jitterMs());
        put(FactKey.DECODE_MS, stream.decode().medianMs());
        put(FactKey.BUFFER_MS, stream.bufferMs());
    }

    private void put(FactKey key, double value) {
        facts.put(key.id(), ScenarioChain.text(value));
    }
}
