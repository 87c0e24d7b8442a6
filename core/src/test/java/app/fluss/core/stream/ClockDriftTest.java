package app.fluss.core.stream;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.SplittableRandom;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Delays of an exponential part above a floor, with clocks that drift, queues that grow, or both.
class ClockDriftTest {
    private static final int SEEDS = 200;

    private static double delay(SplittableRandom random) {
        return 2 - 0.7 * Math.log(1 - random.nextDouble());
    }

    /// A packet each 8 ms and an input each 50 ms; the queue, ms at a time in ms, is on the way to the client, which
    /// answers of the host take too.
    private static ClockDrift drift(long seed, double seconds, double ppm, DoubleUnaryOperator queue, boolean trips) {
        SplittableRandom random = new SplittableRandom(seed);
        int n = (int) (seconds * 125);
        double[] sent = new double[n];
        double[] transit = new double[n];
        for (int i = 0; i < n; i++) {
            sent[i] = i * 8;
            transit[i] = delay(random) + queue.applyAsDouble(sent[i]) + sent[i] * ppm * 1e-6 - 5e6;
        }
        int inputs = trips ? (int) (seconds * 20) : 0;
        long[] numbers = new long[inputs];
        double[] out = new double[inputs];
        double[] back = new double[inputs];
        Arrays.setAll(numbers, i -> i);
        for (int i = 0; i < inputs; i++) {
            out[i] = 9e6 + i * 50.0;
            back[i] = out[i] + delay(random) + delay(random) + queue.applyAsDouble(i * 50.0);
        }
        return ClockDrift.of(sent, transit, new PacketLog(numbers, out, back));
    }

    @Test
    void clocksThatKeepStepShowNoDrift() {
        for (int seed = 0; seed < SEEDS; seed++) {
            assertThat(drift(seed, 30, 0, _ -> 0, true)).as("seed %d", seed).isEqualTo(new ClockDrift(0, false, 0));
        }
    }

    /// 20 ms in 30 s, which looks like 667 ppm, and 3 ms in 30 s, which is what clocks can differ by.
    @ParameterizedTest
    @ValueSource(doubles = {20, 3})
    void aQueueThatGrowsIsNoDrift(double growsMs) {
        for (int seed = 0; seed < SEEDS; seed++) {
            ClockDrift found = drift(seed, 30, 0, ms -> growsMs * ms / 30_000, true);
            assertThat(found.isKnown()).as("seed %d: %s", seed, found).isFalse();
            assertThat(found.queueMsPerS()).as("seed %d", seed).isCloseTo(growsMs / 30, within(0.05));
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {50, 100, 200, -150})
    void aDriftIsFoundWithinFifteenParts(double ppm) {
        for (int seed = 0; seed < 40; seed++) {
            ClockDrift found = drift(seed, 60, ppm, _ -> 0, true);
            assertThat(found.isKnown()).isTrue();
            assertThat(found.drift() * 1e6).as("seed %d", seed).isCloseTo(ppm, within(15.0));
            ClockDrift alone = drift(seed, 60, ppm, _ -> 0, false);
            assertThat(alone.drift() * 1e6).as("seed %d, without trips", seed).isCloseTo(ppm, within(15.0));
        }
    }

    /// Both at once: the queue stays delay, the drift goes.
    @Test
    void driftAndQueueAreTakenApart() {
        for (int seed = 0; seed < 40; seed++) {
            ClockDrift found = drift(seed, 60, 120, ms -> 10 * ms / 60_000, true);
            assertThat(found.drift() * 1e6).isCloseTo(120, within(25.0));
            assertThat(found.queueMsPerS()).isCloseTo(10.0 / 60, within(0.03));
        }
    }

    /// Ten seconds tell nothing of 40 ppm that could be told wrong.
    @Test
    void aShortProbeSaysNothingWrong() {
        for (int seed = 0; seed < SEEDS; seed++) {
            ClockDrift found = drift(seed, 10, 40, _ -> 0, true);
            assertThat(found.isKnown() && Math.abs(found.drift() * 1e6 - 40) > 40)
                    .as("seed %d: %s", seed, found)
                    .isFalse();
        }
    }

    @Test
    void fewPacketsTellNothing() {
        PacketLog none = new PacketLog(new long[0], new double[0], new double[0]);
        assertThat(ClockDrift.of(new double[] {1, 2, 3}, new double[] {1, 2, 3}, none)
                        .isKnown())
                .isFalse();
    }
}
