package app.fluss.sim.signal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class LightTest {
    @Test
    void goesTowardsEachLevelAsAFirstOrderResponseDoes() {
        Light light = new Light(new double[] {0, 100, 200}, new double[] {0, 1, 0}, 10);
        assertThat(light.at(99)).isZero();
        assertThat(light.at(110)).isCloseTo(1 - Math.exp(-1), within(1e-12));
        assertThat(light.at(210)).isCloseTo((1 - Math.exp(-10)) * Math.exp(-1), within(1e-12));
        assertThat(light.passes(0.5, true, 50, 1000)).isCloseTo(100 + 10 * Math.log(2), within(1e-9));
        assertThat(light.passes(0.5, false, 150, 1000)).isCloseTo(200 + 10 * Math.log(2), within(1e-3));
        assertThat(light.leaves(0, 50, 1000)).isEqualTo(100);
    }

    @Test
    void withoutResponseItIsThereAtOnce() {
        Light light = new Light(new double[] {0, 100}, new double[] {0, 1}, 0);
        assertThat(light.at(100)).isEqualTo(1);
        assertThat(light.passes(0.9, true, 0, 1000)).isEqualTo(100);
    }

    @Test
    void whatNeverComesIsNever() {
        Light light = new Light(new double[] {0, 100, 105}, new double[] {0, 1, 0}, 20);
        assertThat(light.passes(0.5, true, 0, 1000)).as("dark again too soon").isNaN();
        assertThat(light.passes(0.1, true, 0, 50)).as("too late").isNaN();
        assertThat(light.leaves(0, 0, 90)).isNaN();
        assertThat(new Light(new double[0], new double[0], 5).at(10)).isZero();
    }

    /// Where the light is said to pass a value, it has it; and nowhere before.
    @Test
    void passesWhereItHasTheValue() {
        SplittableRandom random = new SplittableRandom(8);
        for (int round = 0; round < 200; round++) {
            double[] at = new double[40];
            double[] levels = new double[40];
            for (int i = 0; i < at.length; i++) {
                at[i] = i == 0 ? 0 : at[i - 1] + 1 + 20 * random.nextDouble();
                levels[i] = random.nextDouble();
            }
            Light light = new Light(at, levels, 0.5 + 10 * random.nextDouble());
            double from = random.nextDouble() * at[30];
            double value = random.nextDouble();
            boolean rising = light.at(from) < value;
            double passes = light.passes(value, rising, from, at[39]);
            if (!Double.isNaN(passes)) {
                assertThat(light.at(passes)).isCloseTo(value, within(1e-9));
            }
            double until = Double.isNaN(passes) ? at[39] : passes;
            for (double t = from; t < until - 1e-6; t += 0.5) {
                assertThat(rising ? light.at(t) <= value : light.at(t) >= value).isTrue();
            }
        }
    }
}
