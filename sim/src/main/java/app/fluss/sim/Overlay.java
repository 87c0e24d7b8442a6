package app.fluss.sim;

import app.fluss.sim.scenario.Generator;
import app.fluss.sim.scenario.Scenario;
import app.fluss.sim.stage.Frames;
import app.fluss.sim.stage.Images;
import java.util.ArrayList;
import java.util.List;

/// The overlay: what its counter and the generator's own say at the end of each whole second.
final class Overlay {
    private static final double SECOND_MS = 1000;

    private Overlay() {}

    static List<SimulatedRun.Reading> readings(Scenario scenario, Frames frames, Images images) {
        int seconds = (int) scenario.seconds();
        int[] drawn = new int[seconds];
        for (int f = frames.first(); f < frames.size(); f++) {
            count(drawn, frames.doneMs(f));
        }
        int[] handedOn = new int[seconds];
        int[] base = new int[seconds];
        for (int i = 0; i < images.size(); i++) {
            count(handedOn, images.presentMs(i));
            if (images.isRendered(i)) {
                count(base, images.presentMs(i));
            }
        }
        int multiplier = scenario.generator().map(Generator::multiplier).orElse(1);
        List<SimulatedRun.Reading> readings = new ArrayList<>();
        for (int s = 0; s < seconds; s++) {
            double claimed = switch (scenario.counter()) {
                case HONEST -> handedOn[s];
                case BLIND -> drawn[s];
                case PHANTOM -> (double) drawn[s] * multiplier;
            };
            readings.add(new SimulatedRun.Reading(
                    s + 1, claimed, scenario.generator().isPresent() ? base[s] : Double.NaN));
        }
        return List.copyOf(readings);
    }

    private static void count(int[] seconds, double ms) {
        int second = (int) (ms / SECOND_MS);
        if (second >= 0 && second < seconds.length) {
            seconds[second]++;
        }
    }
}
