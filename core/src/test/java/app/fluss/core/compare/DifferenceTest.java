package app.fluss.core.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/// What every difference keeps to, whatever the runs are.
class DifferenceTest {
    private static double[] runs(int n, double level, SplittableRandom random) {
        double[] runs = new double[n];
        double spread = 0.4 * random.nextDouble() * random.nextDouble();
        Arrays.setAll(runs, _ -> level * Math.exp(spread * random.nextGaussian()));
        return runs;
    }

    private interface Property {
        void of(double[] a, double[] b, PooledSpread scene);
    }

    private static void forMany(Property property) {
        SplittableRandom random = new SplittableRandom(11);
        for (int round = 0; round < 3000; round++) {
            double[] a = runs(1 + random.nextInt(7), 20 + 200 * random.nextDouble(), random);
            double[] b = runs(1 + random.nextInt(7), 20 + 200 * random.nextDouble(), random);
            property.of(a, b, PooledSpread.of(List.of(a, b, runs(4, 90, random))));
        }
    }

    @Test
    void anIntervalHoldsItsFigure() {
        forMany((a, b, scene) -> {
            Estimate estimate = BetweenRuns.of(a, b, scene);
            estimate.interval()
                    .ifPresent(ends -> assertThat(
                                    ends.contains(estimate.difference().orNaN()))
                            .isTrue());
            estimate.ratioInterval()
                    .ifPresent(ends ->
                            assertThat(ends.contains(estimate.ratio().orNaN())).isTrue());
            Level level = Level.of(a, estimate.difference(), scene);
            level.interval()
                    .ifPresent(ends ->
                            assertThat(ends.contains(level.figure().orNaN())).isTrue());
        });
    }

    @Test
    void swappingTheSidesMirrors() {
        forMany((a, b, scene) -> {
            Estimate one = BetweenRuns.of(a, b, scene);
            Estimate other = BetweenRuns.of(b, a, scene);
            assertThat(other.difference().orNaN()).isCloseTo(-one.difference().orNaN(), within(1e-9));
            assertThat(other.ratio().orNaN()).isCloseTo(1 / one.ratio().orNaN(), within(1e-9));
            assertThat(other.method()).isEqualTo(one.method());
            one.interval()
                    .ifPresent(ends -> assertThat(other.interval().orElseThrow().high())
                            .isCloseTo(-ends.low(), within(1e-6 * (1 + Math.abs(ends.low())))));
            one.ratioInterval()
                    .ifPresent(ends -> assertThat(
                                    other.ratioInterval().orElseThrow().high() * ends.low())
                            .isCloseTo(1, within(1e-6)));
        });
    }

    @Test
    void scalingScales() {
        forMany((a, b, scene) -> {
            double[] tenA = Arrays.stream(a).map(value -> 10 * value).toArray();
            double[] tenB = Arrays.stream(b).map(value -> 10 * value).toArray();
            Estimate one = BetweenRuns.of(a, b, scene);
            Estimate ten = BetweenRuns.of(tenA, tenB, scene);
            assertThat(ten.ratio().orNaN()).isCloseTo(one.ratio().orNaN(), within(1e-9));
            one.interval()
                    .ifPresent(ends -> assertThat(ten.interval().orElseThrow().high())
                            .isCloseTo(10 * ends.high(), within(1e-6 * (1 + Math.abs(10 * ends.high())))));
        });
    }

    /// In expectation: the mean width over many draws falls as runs are added.
    @Test
    void moreRunsNeverWiden() {
        List<Double> widths = new ArrayList<>();
        for (int n : new int[] {3, 4, 6, 10}) {
            SplittableRandom random = new SplittableRandom(4);
            double sum = 0;
            for (int round = 0; round < 800; round++) {
                double[] a =
                        random.doubles(n).map(_ -> 60 + random.nextGaussian()).toArray();
                double[] b =
                        random.doubles(n).map(_ -> 90 + random.nextGaussian()).toArray();
                Interval ends =
                        BetweenRuns.of(a, b, PooledSpread.NONE).interval().orElseThrow();
                sum += ends.high() - ends.low();
            }
            widths.add(sum);
        }
        assertThat(widths).isSortedAccordingTo((one, other) -> Double.compare(other, one));
    }

    /// Figures of one comparison hang together, and many are judged: 6 % of comparisons of the same may claim
    /// one. 400 draws have a standard error of 1.1 points.
    @Test
    void theSameAgainstTheSameSeldomClaimsAnything() {
        assertThat(FamilyWise.share(3, 400)).isLessThan(0.075);
    }
}
