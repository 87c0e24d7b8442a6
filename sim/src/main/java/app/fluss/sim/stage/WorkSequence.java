package app.fluss.sim.stage;

import app.fluss.sim.scenario.Work;
import java.util.SplittableRandom;

/// The work of successive frames on one processor.
final class WorkSequence {
    private final SplittableRandom random;
    private final double medianMs;
    private final double sigma;
    private final double likeness;
    private final double rest;
    private final double hitchChance;
    private final double hitchMs;
    private double deviation;
    private boolean hitched;

    WorkSequence(Work work, SplittableRandom random) {
        this.random = random;
        medianMs = work.medianMs();
        sigma = work.sigma();
        likeness = work.likeness();
        rest = Math.sqrt(1 - likeness * likeness);
        hitchChance = work.hitchMs() > 0 ? work.hitchesPerThousand() / 1000 : 0;
        hitchMs = work.hitchMs();
        deviation = random.nextGaussian();
    }

    /// The next frame's work, ms.
    ///
    /// @param factor times the median
    double nextMs(double factor) {
        deviation = likeness * deviation + rest * random.nextGaussian();
        hitched = hitchChance > 0 && random.nextDouble() < hitchChance;
        return medianMs * factor * Math.exp(sigma * deviation) + (hitched ? hitchMs : 0);
    }

    /// Whether the newest frame hitched.
    boolean hitched() {
        return hitched;
    }
}
