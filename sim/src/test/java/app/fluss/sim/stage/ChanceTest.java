package app.fluss.sim.stage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import app.fluss.core.measure.Moments;
import app.fluss.core.measure.Ordered;
import app.fluss.core.stream.Gamma;
import app.fluss.sim.scenario.Work;
import java.util.Arrays;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// The distributions that chance is drawn from.
class ChanceTest {
    private static final int N = 200_000;

    private static double[] draw(Work work, double factor) {
        WorkSequence sequence = new WorkSequence(work, new SplittableRandom(5));
        double[] values = new double[N];
        Arrays.setAll(values, _ -> sequence.nextMs(factor));
        return values;
    }

    /// A lognormal AR(1): median, spread and lag-1 autocorrelation of the logarithm are the parameters.
    @Test
    void workIsLognormalAndLikeTheFrameBefore() {
        double[] logs = Arrays.stream(draw(new Work(12, 0.15, 0.9, 0, 0), 1))
                .map(Math::log)
                .toArray();
        Moments moments = Moments.of(logs);
        assertThat(Math.exp(moments.mean())).isCloseTo(12, withinPercentage(0.7));
        assertThat(moments.sd()).isCloseTo(0.15, withinPercentage(2));
        assertThat(moments.lag1()).isCloseTo(0.9, within(0.01));
    }

    @Test
    void itsMeanIsThatOfItsFormula() {
        Work work = new Work(8, 0.3, 0, 10, 40);
        assertThat(Moments.of(draw(work, 1)).mean()).isCloseTo(work.meanMs(), withinPercentage(0.7));
        assertThat(Moments.of(draw(work, 2)).mean())
                .as("a factor makes the work longer, not the hitches")
                .isCloseTo(2 * 8 * Math.exp(0.045) + 0.4, withinPercentage(0.7));
    }

    @Test
    void hitchesComeAsOftenAsTheySay() {
        WorkSequence sequence = new WorkSequence(new Work(5, 0, 0, 20, 30), new SplittableRandom(1));
        int hitches = 0;
        for (int i = 0; i < N; i++) {
            double ms = sequence.nextMs(1);
            assertThat(ms).isEqualTo(sequence.hitched() ? 35 : 5);
            hitches += sequence.hitched() ? 1 : 0;
        }
        assertThat((double) hitches / N).isCloseTo(0.02, within(0.001));
    }

    /// A gamma distribution of shape k and scale 1 has mean k and variance k.
    @ParameterizedTest
    @ValueSource(doubles = {0.3, 1, 1.5, 6})
    void gammaHasItsMoments(double shape) {
        SplittableRandom random = new SplittableRandom(9);
        double[] values = new double[N];
        Arrays.setAll(values, _ -> Gamma.next(random, shape));
        Moments moments = Moments.of(values);
        assertThat(moments.mean()).isCloseTo(shape, withinPercentage(1));
        assertThat(moments.sd() * moments.sd()).isCloseTo(shape, withinPercentage(3));
        assertThat(Ordered.of(values).at(0)).isNotNegative();
    }

    /// With shape 1 it is exponential, whose median is ln 2.
    @Test
    void gammaOfShapeOneIsExponential() {
        SplittableRandom random = new SplittableRandom(9);
        double[] values = new double[N];
        Arrays.setAll(values, _ -> Gamma.next(random, 1));
        assertThat(Ordered.of(values).median()).isCloseTo(Math.log(2), withinPercentage(1));
    }
}
