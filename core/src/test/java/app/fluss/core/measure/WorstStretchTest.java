package app.fluss.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class WorstStretchTest {
    /// Frames of 10 ms for a minute, but for a second of 25 ms frames that begins after 30 s.
    @Test
    void itHoldsTheSlowSecond() {
        double[] frames = new double[6000];
        Arrays.fill(frames, 10);
        Arrays.fill(frames, 3000, 3040, 25);
        WorstStretch worst = WorstStretch.of(times(frames), 5_000);
        assertThat(worst.toMs() - worst.fromMs()).isCloseTo(5_000, within(1e-6));
        assertThat(worst.fromMs()).isLessThanOrEqualTo(30_010);
        assertThat(worst.toMs()).isGreaterThanOrEqualTo(30_990);
    }

    /// Against every stretch looked at one by one.
    @Test
    void noOtherStretchIsWorse() {
        SplittableRandom random = new SplittableRandom(31);
        for (int round = 0; round < 40; round++) {
            double[] frames =
                    random.doubles(300, 4, 30).map(ms -> ms > 29 ? 90 : ms).toArray();
            WorstStretch worst = WorstStretch.of(times(frames), 500);
            double found = weighted(frames, worst.fromMs());
            double start = 0;
            for (int i = 0; i < 200; i++) {
                assertThat(weighted(frames, start)).isLessThanOrEqualTo(found * 1.12);
                start += frames[i];
            }
        }
    }

    @Test
    void aShortRunIsItsOwn() {
        WorstStretch worst = WorstStretch.of(times(new double[] {10, 12, 11}), 10_000);
        assertThat(worst.fromMs()).isZero();
        assertThat(worst.toMs()).isCloseTo(33, within(1e-6));
    }

    private static FrameTimes times(double[] frames) {
        return FrameTimes.of(Logs.ofFrameTimes(frames).all());
    }

    /// Mean over half a second of the frame that a moment falls into.
    private static double weighted(double[] frames, double fromMs) {
        double sum = 0;
        double at = 0;
        for (double frame : frames) {
            double within = Math.max(0, Math.min(at + frame, fromMs + 500) - Math.max(at, fromMs));
            sum += frame * within;
            at += frame;
        }
        return sum / 500;
    }
}
