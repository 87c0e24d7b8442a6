package app.fluss.app.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class TimeWindowTest {
    /// However it is moved and zoomed, the window lies within the run and never turns over.
    @Test
    void staysWithinTheRun() {
        SplittableRandom random = new SplittableRandom(3);
        for (double run : new double[] {20, 1000, 60_000, 1e7}) {
            TimeWindow window = new TimeWindow(0, run);
            for (int step = 0; step < 500; step++) {
                window = random.nextBoolean()
                        ? window.moved(random.nextDouble() * 4 - 2, run)
                        : window.zoomed(
                                0.3 + 2 * random.nextDouble(),
                                window.fromMs() + random.nextDouble() * window.length(),
                                run);
                assertThat(window.fromMs()).isBetween(0.0, run);
                assertThat(window.toMs()).isBetween(window.fromMs(), run + 1e-6);
                assertThat(window.length()).isGreaterThan(Math.min(50, run) - 1e-6);
            }
        }
    }

    @Test
    void zoomKeepsThePointUnderThePointer() {
        TimeWindow window = new TimeWindow(1000, 3000).zoomed(0.5, 1500, 10_000);
        assertThat(window.length()).isCloseTo(1000, within(1e-9));
        assertThat((1500 - window.fromMs()) / window.length()).isCloseTo(0.25, within(1e-9));
    }

    @Test
    void movingKeepsTheLength() {
        TimeWindow window = new TimeWindow(1000, 3000).moved(0.5, 10_000);
        assertThat(window).isEqualTo(new TimeWindow(2000, 4000));
        assertThat(window.moved(99, 10_000)).isEqualTo(new TimeWindow(8000, 10_000));
    }
}
