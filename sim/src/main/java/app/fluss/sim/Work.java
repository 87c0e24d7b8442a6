package app.fluss.sim;

import java.util.SplittableRandom;

/// The work that one frame takes on one processor: lognormal around a median, each frame like the one before to
/// a degree, with hitches now and then.
///
/// @param medianMs median work, ms, above 0
/// @param sigma standard deviation of the logarithm, 0 or more
/// @param likeness how much of the deviation carries over to the next frame, AR(1) coefficient, 0 to below 1
/// @param hitchesPerThousand frames in a thousand that take longer
/// @param hitchMs what a hitch adds, ms
public record Work(double medianMs, double sigma, double likeness, double hitchesPerThousand, double hitchMs) {
    /// @throws IllegalArgumentException outside the ranges
    public Work {
        if (!(medianMs > 0 && sigma >= 0 && likeness >= 0 && likeness < 1)) {
            throw new IllegalArgumentException("medianMs must be above 0, sigma at least 0 and likeness in [0, 1), got "
                    + medianMs + ", " + sigma + ", " + likeness);
        }
        if (!(hitchesPerThousand >= 0 && hitchesPerThousand <= 1000 && hitchMs >= 0)) {
            throw new IllegalArgumentException("hitchesPerThousand must be in 0..1000 and hitchMs at least 0, got "
                    + hitchesPerThousand + ", " + hitchMs);
        }
    }

    /// Work that is always the same.
    public static Work steady(double ms) {
        return new Work(ms, 0, 0, 0, 0);
    }

    Sequence sequence(SplittableRandom random) {
        return new Sequence(this, random);
    }

    /// The work of successive frames.
    static final class Sequence {
        private final Work work;
        private final SplittableRandom random;
        private double deviation;

        private Sequence(Work work, SplittableRandom random) {
            this.work = work;
            this.random = random;
        }

        double nextMs() {
            double rest = Math.sqrt(1 - work.likeness * work.likeness);
            deviation = work.likeness * deviation + rest * random.nextGaussian();
            double hitch = random.nextDouble() * 1000 < work.hitchesPerThousand ? work.hitchMs : 0;
            return work.medianMs * Math.exp(work.sigma * deviation) + hitch;
        }
    }
}
