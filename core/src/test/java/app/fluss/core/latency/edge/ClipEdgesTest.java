package app.fluss.core.latency.edge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.latency.edge.Trial.State;
import app.fluss.core.work.Progress;
import java.util.List;
import java.util.Random;
import java.util.function.IntPredicate;
import org.junit.jupiter.api.Test;

class ClipEdgesTest {
    private static final double FPS = 240;
    private static final int PICTURES = 960;

    private static Signal brightness(IntPredicate bright, double noise) {
        Random random = new Random(1);
        float[] values = new float[PICTURES];
        for (int i = 0; i < values.length; i++) {
            values[i] = (float) ((bright.test(i) ? 200 : 40) + noise * random.nextGaussian());
        }
        return Signal.of(values, values.length, FPS);
    }

    /// A lamp that is lit for twenty pictures, every 160.
    private static Signal lamp(double noise) {
        return brightness(i -> i % 160 >= 40 && i % 160 < 60, noise);
    }

    private static List<Trial> trials(Signal input, Signal light) {
        return trials(input, light, EdgeSettings.DEFAULT);
    }

    private static List<Trial> trials(Signal input, Signal light, EdgeSettings settings) {
        return EdgeDetection.of(new Recording(input, light), settings, EdgeDetection.Grain.PICTURES, Progress.NONE)
                .trials();
    }

    @Test
    void edgesAreCountedInPictures() {
        // Each press turns the screen over 13 pictures later.
        Signal screen = brightness(i -> i >= 53 && Math.floorDiv(i - 53, 160) % 2 == 0, 2);
        List<Trial> trials = trials(lamp(2), screen);
        assertThat(trials).hasSize(6).allSatisfy(trial -> {
            assertThat(trial.state()).isEqualTo(State.ACCEPTED);
            assertThat(trial.latencyMs()).isCloseTo(13 * 1000 / FPS, within(1e-9));
        });
    }

    @Test
    void aPressThatChangesNothingIsMissedAndCounted() {
        // The third press is not answered; the others are.
        Signal screen = brightness(i -> i >= 53 && (i < 213 || (i >= 533 && i < 693) || i >= 853), 2);
        List<Trial> trials = trials(lamp(2), screen);
        assertThat(trials).hasSize(6);
        assertThat(trials.get(2).state()).isEqualTo(State.MISSED);
        assertThat(trials.stream().filter(trial -> trial.state() == State.ACCEPTED))
                .hasSize(5);
    }

    @Test
    void noiseAloneIsNoPress() {
        assertThat(trials(brightness(_ -> false, 3), lamp(3))).isEmpty();
        assertThat(trials(brightness(_ -> false, 0), lamp(0))).isEmpty();
    }

    @Test
    void anEarlierThresholdIsPassedEarlier() {
        // The screen brightens over eight pictures, an eighth of the step in each.
        float[] ramp = new float[PICTURES];
        for (int i = 0; i < ramp.length; i++) {
            int since = i - 50;
            ramp[i] = 40 + 160 * Math.clamp(since / 8f, 0, 1);
        }
        Signal screen = Signal.of(ramp, ramp.length, FPS);
        Signal once = brightness(i -> i >= 40 && i < 60, 1);
        double[] passed = new double[3];
        double[] shares = {0.1, 0.5, 0.9};
        for (int i = 0; i < shares.length; i++) {
            passed[i] = trials(once, screen, EdgeSettings.DEFAULT.withThreshold(shares[i]))
                    .getFirst()
                    .latencyMs();
        }
        assertThat(passed)
                .containsExactly(new double[] {11 * 1000 / FPS, 14 * 1000 / FPS, 18 * 1000 / FPS}, within(1e-9));
    }

    /// A lamp that goes dark as the press, and a muzzle flash of 40 ms that is over long before the next.
    @Test
    void aLampMayGoDarkAndAFlashMayEnd() {
        Signal lamp = brightness(i -> i % 160 < 40 || i % 160 >= 70, 2);
        Signal flash = brightness(i -> i % 160 >= 53 && i % 160 < 63, 2);
        assertThat(trials(lamp, flash)).hasSize(6).allSatisfy(trial -> {
            assertThat(trial.state()).isEqualTo(State.ACCEPTED);
            assertThat(trial.latencyMs()).isCloseTo(13 * 1000 / FPS, within(1e-9));
        });
    }

    /// A phone takes some pictures late: times come from the file's own stamps.
    @Test
    void timesComeFromTheStamps() {
        double[] stamps = new double[PICTURES];
        for (int i = 1; i < PICTURES; i++) {
            stamps[i] = stamps[i - 1] + (i % 40 == 5 ? 7.5 : 1000 / FPS);
        }
        float[] lamp = new float[PICTURES];
        float[] flash = new float[PICTURES];
        for (int i = 0; i < PICTURES; i++) {
            lamp[i] = i % 160 >= 40 && i % 160 < 60 ? 200 : 40;
            flash[i] = i % 160 >= 53 && i % 160 < 63 ? 200 : 40;
        }
        List<Trial> trials = trials(Signal.stamped(lamp, stamps), Signal.stamped(flash, stamps));
        assertThat(trials).hasSize(6);
        for (int k = 0; k < 6; k++) {
            assertThat(trials.get(k).inputMs()).isCloseTo(stamps[40 + 160 * k], within(1e-9));
            assertThat(trials.get(k).photonMs()).isCloseTo(stamps[53 + 160 * k], within(1e-9));
        }
    }
}
