package app.fluss.core.latency.edge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

/// A line that rises, in 40,000 samples a second: ten become one.
class CoarseTest {
    private static final double RATE_HZ = 40_000;
    private final Coarse coarse = Coarse.of(Signals.of(4000, RATE_HZ, i -> 2 + 0.3 * ms(i)));

    private static double ms(double sample) {
        return sample * 1000 / RATE_HZ;
    }

    @Test
    void eachIsTheMeanOfTen() {
        assertThat(coarse.size()).isEqualTo(400);
        assertThat(coarse.factor()).isEqualTo(10);
        assertThat(coarse.at(7)).isCloseTo(2 + 0.3 * ms(74.5), within(1e-9));
    }

    @Test
    void whatIsKnownOfEachTimeIsTakenAwayWhole() {
        Coarse left = coarse.minus(ms -> 2 + 0.3 * ms);
        for (int i = 0; i < left.size(); i++) {
            assertThat(left.at(i)).as("sample %d", i).isCloseTo(0, within(1e-9));
        }
    }

    @Test
    void meansMayBeginAndEndBetweenSamples() {
        assertThat(coarse.mean(3, 5)).isCloseTo(2 + 0.3 * ms(39.5), within(1e-9));
        assertThat(coarse.mean(3.5, 3.75)).isCloseTo(coarse.at(3), within(1e-9));
        assertThat(coarse.mean(5, 5)).isNaN();
        assertThat(coarse.jump(50, 4))
                .as("from the mean of four to that of the next")
                .isCloseTo(0.3, within(1e-9));
    }
}
