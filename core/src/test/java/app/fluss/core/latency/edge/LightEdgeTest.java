package app.fluss.core.latency.edge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// One edge of light after one click, with light whose crossing follows from its formula.
class LightEdgeTest {
    private static final double RATE = 10_000;
    private static final double CLICK_MS = 200;
    private static final double ANSWER_MS = 40;

    /// Half a second of light around a click at 200 ms, in any unit, as a function of ms.
    private static Signal light(DoubleUnaryOperator of) {
        float[] values = new float[5000];
        for (int i = 0; i < values.length; i++) {
            values[i] = (float) of.applyAsDouble(i * 1000 / RATE);
        }
        return Signal.of(values, values.length, RATE);
    }

    private static LightEdge edge(Signal light, double threshold) {
        double answer = (CLICK_MS + ANSWER_MS) * RATE / 1000;
        LightEdge.Place place =
                new LightEdge.Place(0, 0, answer - 8, answer + 5, answer + 150, light.size(), light.size());
        return new LightEdge(light, place, new LightEdge.Whole(null, null, Coupling.NONE), threshold, false);
    }

    private static double latencyMs(Signal light, double threshold, double tauMs) {
        LightEdge edge = edge(light, threshold);
        assertThat(edge.isFound()).isTrue();
        return light.ms(edge.crossing(threshold, tauMs)) - CLICK_MS;
    }

    /// Levels of rising and falling light.
    private static DoubleUnaryOperator between(double from, double to, DoubleUnaryOperator share) {
        return ms -> from + (to - from) * share.applyAsDouble(ms - CLICK_MS - ANSWER_MS);
    }

    private static DoubleUnaryOperator response(double tauMs) {
        return ms -> ms <= 0 ? 0 : 1 - Math.exp(-ms / tauMs);
    }

    /// A panel with a time constant passes a share s of its way after -tau ln(1 - s).
    @ParameterizedTest
    @CsvSource({
        "0.1, 0.3, 0, 1", "0.5, 0.3, 0, 1", "0.9, 0.3, 1, 0",
        "0.1, 4, 0, 1", "0.5, 4, 1, 0", "0.9, 4, -3, 9"
    })
    void aPanelsResponseIsPassedWhereItsFormulaSays(double threshold, double tauMs, double from, double to) {
        double expected = ANSWER_MS - tauMs * Math.log(1 - threshold);
        assertThat(latencyMs(light(between(from, to, response(tauMs))), threshold, tauMs))
                .isCloseTo(expected, within(0.02));
    }

    /// Light that no time constant explains: a ramp, and an S of a cosine. The curve through the samples decides.
    @ParameterizedTest
    @ValueSource(doubles = {0.1, 0.25, 0.5, 0.75, 0.9})
    void anotherShapeIsPassedWhereItPasses(double threshold) {
        double longMs = 12;
        DoubleUnaryOperator ramp = ms -> Math.clamp(ms / longMs, 0, 1);
        assertThat(latencyMs(light(between(0, 1, ramp)), threshold, 1))
                .isCloseTo(ANSWER_MS + threshold * longMs, within(0.05));
        DoubleUnaryOperator curve = ms -> (1 - Math.cos(Math.PI * Math.clamp(ms / longMs, 0, 1))) / 2;
        assertThat(latencyMs(light(between(1, 0, curve)), threshold, 1))
                .isCloseTo(ANSWER_MS + longMs * Math.acos(1 - 2 * threshold) / Math.PI, within(0.05));
    }

    /// Noise of 2 % of the step: the crossing scatters around where it is.
    @Test
    void noiseMovesTheCrossingToBothSidesAlike() {
        double sum = 0;
        int trials = 60;
        for (int seed = 0; seed < trials; seed++) {
            SplittableRandom random = new SplittableRandom(seed);
            DoubleUnaryOperator clean = between(0, 1, response(2));
            Signal noisy = light(ms -> clean.applyAsDouble(ms) + 0.02 * random.nextGaussian());
            double error = latencyMs(noisy, 0.5, 2) - ANSWER_MS - 2 * Math.log(2);
            assertThat(error).isCloseTo(0, within(0.4));
            sum += error;
        }
        assertThat(sum / trials).isCloseTo(0, within(0.04));
    }

    @Test
    void stepAndNoiseAreThoseOfTheSettledStretches() {
        SplittableRandom random = new SplittableRandom(4);
        DoubleUnaryOperator clean = between(-1, 3, response(1));
        LightEdge edge = edge(light(ms -> clean.applyAsDouble(ms) + 0.04 * random.nextGaussian()), 0.5);
        assertThat(edge.step()).isCloseTo(4, within(0.01));
        assertThat(edge.relativeNoise()).isCloseTo(0.01, within(0.001));
    }
}
