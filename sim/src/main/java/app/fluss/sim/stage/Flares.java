package app.fluss.sim.stage;

import app.fluss.sim.scenario.Answer;
import app.fluss.sim.truth.Flare;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

/// Lights that no click caused, at random times that do not depend on the clicks.
public final class Flares {
    private static final double LEAST_MS = 40;
    private static final double WITHIN_MS = 80;
    private static final double LEAST_SHARE = 0.4;
    private static final double WITHIN_SHARE = 0.4;

    private Flares() {}

    /// The lights of a run, in order.
    public static List<Flare> of(Answer answer, double runMs, SplittableRandom random) {
        List<Flare> flares = new ArrayList<>();
        double perMs = answer.flaresPerMinute() / 60_000;
        double at = 0;
        while (perMs > 0) {
            at -= Math.log(1 - random.nextDouble()) / perMs;
            if (at >= runMs) {
                break;
            }
            flares.add(new Flare(
                    at, LEAST_MS + WITHIN_MS * random.nextDouble(), LEAST_SHARE + WITHIN_SHARE * random.nextDouble()));
        }
        return List.copyOf(flares);
    }
}
