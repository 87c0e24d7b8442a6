package app.fluss.core.compare;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.measure.Figure;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.SplittableRandom;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
/// How often intervals of differences, ratios and levels hold the truth, over runs whose seconds are made here
/// from plain definitions. The suite draws 2000 a cell (standard error 0.5 points), `bench/coverage.sh` as many
/// as wanted. wanted.

class CoverageTest {
    private static final int ROUNDS = 2000;
    private static final int SECONDS = 60;
    private static final double LEVEL_A = 72;
    private static final double LEVEL_B = 131;

    /// What the seconds of a run are like.
    enum Seconds {
        /// Each like the one before, over a third of a second.
        BRIEF(0.3),
        /// Over two seconds.
        TWO(2),
        /// Over five.
        FIVE(5),
        /// With a hitch now and then.
        HITCHES(0.3),
        /// In stretches of other weight, the same in every run.
        SCRIPTED(0.3),
        /// In stretches of random weight.
        RANDOM(0.3);

        private final double memory;

        Seconds(double memory) {
            this.memory = memory;
        }
    }

    /// The rate of one run: its seconds in the mean.
    private static double run(Seconds seconds, double level, double spread, SplittableRandom random) {
        double own = level * Math.exp(spread * random.nextGaussian());
        double rho = Math.exp(-1 / seconds.memory);
        double wander = random.nextGaussian();
        double sum = 0;
        double weight = 1;
        for (int s = 0; s < SECONDS; s++) {
            wander = rho * wander + Math.sqrt(1 - rho * rho) * random.nextGaussian();
            if (seconds == Seconds.RANDOM && s % 12 == 0) {
                weight = 0.8 + 0.4 * random.nextDouble();
            } else if (seconds == Seconds.SCRIPTED) {
                weight = s % 20 < 10 ? 0.8 : 1.2;
            }
            double hitch = seconds == Seconds.HITCHES && random.nextDouble() < 0.03 ? 0.6 : 1;
            sum += own * weight * hitch * (1 + 0.04 * wander);
        }
        return sum / SECONDS;
    }

    private static double[] side(int n, Seconds seconds, double level, double spread, SplittableRandom random) {
        double[] runs = new double[n];
        Arrays.setAll(runs, _ -> run(seconds, level, spread, random));
        return runs;
    }

    /// How often each interval held the truth, and how often there was one.
    private static final class Held {
        private int ratio;
        private int difference;
        private int level;
        private int given;

        private void see(double[] a, double[] b, PooledSpread scene, double[] truth) {
            Estimate estimate = BetweenRuns.of(a, b, scene);
            if (estimate.interval().isEmpty()) {
                return;
            }
            given++;
            difference += estimate.interval().get().contains(truth[1] - truth[0]) ? 1 : 0;
            ratio += estimate.ratioInterval().orElseThrow().contains(truth[1] / truth[0]) ? 1 : 0;
            level += Level.of(a, Figure.of(0), scene)
                            .interval()
                            .filter(ends -> ends.contains(truth[0]))
                            .isPresent()
                    ? 1
                    : 0;
        }

        private double lowest() {
            return Math.min(Math.min(ratio, difference), level) / (double) given;
        }

        private double highest() {
            return Math.max(Math.max(ratio, difference), level) / (double) given;
        }

        private String text() {
            return String.format(
                    Locale.ROOT,
                    "ratio %.3f, difference %.3f, level %.3f, given %d",
                    (double) ratio / given,
                    (double) difference / given,
                    (double) level / given,
                    given);
        }
    }

    /// What a run comes to in the long mean.
    private static double[] truth(Seconds seconds, double spread) {
        double hitch = seconds == Seconds.HITCHES ? 1 - 0.03 * 0.4 : 1;
        double mean = Math.exp(spread * spread / 2) * hitch;
        return new double[] {LEVEL_A * mean, LEVEL_B * mean};
    }

    private static Held repeats(Seconds seconds, double spread, int n, int rounds) {
        SplittableRandom random = new SplittableRandom(seconds.ordinal() * 100L + n);
        Held held = new Held();
        for (int round = 0; round < rounds; round++) {
            held.see(
                    side(n, seconds, LEVEL_A, spread, random),
                    side(n, seconds, LEVEL_B, spread, random),
                    PooledSpread.NONE,
                    truth(seconds, spread));
        }
        return held;
    }

    /// One or two runs of each side; three other paths of the scene have three each.
    private static Held borrowed(Seconds seconds, double spread, int n, int rounds) {
        SplittableRandom random = new SplittableRandom(seconds.ordinal() * 100L + 50 + n);
        Held held = new Held();
        for (int round = 0; round < rounds; round++) {
            double[] a = side(n, seconds, LEVEL_A, spread, random);
            double[] b = side(n, seconds, LEVEL_B, spread, random);
            List<double[]> paths = new ArrayList<>(List.of(a, b));
            for (double level : new double[] {60, 98, 140}) {
                paths.add(side(3, seconds, level, spread, random));
            }
            PooledSpread scene = PooledSpread.of(paths);
            if (scene.sd().isKnown()) {
                held.see(a, b, scene, truth(seconds, spread));
            }
        }
        return held;
    }

    @ParameterizedTest
    @EnumSource
    void repeatsCoverTheTruth(Seconds seconds) {
        for (int n : new int[] {2, 3, 6}) {
            Held held = repeats(seconds, 0.015, n, ROUNDS);
            assertThat(held.lowest()).as("%d a side: %s", n, held.text()).isGreaterThan(0.925);
            if (n > 2) {
                assertThat(held.highest()).as("%d a side: %s", n, held.text()).isLessThan(0.985);
            }
        }
    }

    @ParameterizedTest
    @EnumSource(names = {"BRIEF", "FIVE", "RANDOM"})
    void aBorrowedSpreadCoversTheTruth(Seconds seconds) {
        for (int n : new int[] {1, 2}) {
            Held held = borrowed(seconds, 0.02, n, ROUNDS);
            assertThat(held.given).as("it is not withheld for nothing").isGreaterThan(ROUNDS / 2);
            assertThat(held.lowest()).as("%d a side: %s", n, held.text()).isGreaterThan(0.925);
            assertThat(held.highest()).as("%d a side: %s", n, held.text()).isLessThan(0.985);
        }
    }

    /// Prints every cell with as many rounds as are asked for.
    public static void main(String[] arguments) {
        int rounds = arguments.length == 0 ? 2000 : Integer.parseInt(arguments[0]);
        for (Seconds seconds : Seconds.values()) {
            for (double spread : new double[] {0, 0.005, 0.015, 0.03}) {
                for (int n : new int[] {2, 3, 4, 6}) {
                    print("welch", seconds, spread, n, repeats(seconds, spread, n, rounds));
                }
                for (int n : new int[] {1, 2}) {
                    print("borrowed", seconds, spread, n, borrowed(seconds, spread, n, rounds));
                }
            }
        }
        System.out.printf(
                Locale.ROOT, "native against native, 3 a side: %.4f claim one%n", FamilyWise.share(3, rounds));
    }

    private static void print(String method, Seconds seconds, double spread, int n, Held held) {
        System.out.printf(
                Locale.ROOT, "%-8s %-8s spread %.3f, %d a side: %s%n", method, seconds, spread, n, held.text());
    }
}
