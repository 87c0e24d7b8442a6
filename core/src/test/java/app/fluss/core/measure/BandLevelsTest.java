package app.fluss.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.frame.FrameLog;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// The reduced levels against the frames themselves.
class BandLevelsTest {
    private static BandLevels levels(double... presentMs) {
        return BandLevels.of(FrameTimes.of(
                FrameLog.presentedAt(presentMs, presentMs.length).build().all()));
    }

    private static double[] random(int frames) {
        SplittableRandom random = new SplittableRandom(frames);
        double[] present = new double[frames];
        for (int i = 1; i < frames; i++) {
            present[i] = present[i - 1] + 4 + 8 * random.nextDouble() + (random.nextInt(500) == 0 ? 60 : 0);
        }
        return present;
    }

    /// Whatever the zoom, no frame is left out and none comes from outside by more than its own stretch: the smallest
    /// and largest of all columns are those of the window, widened by the stretches that its edges cut.
    @ParameterizedTest
    @ValueSource(ints = {50, 700, 5_000, 120_000})
    void columnsHoldTheSmallestAndLargestOfTheirFrames(int frames) {
        BandLevels levels = levels(random(frames));
        SplittableRandom random = new SplittableRandom(3);
        for (int round = 0; round < 60; round++) {
            double from = random.nextDouble() * levels.elapsedMs() * 0.9;
            double to = from + (levels.elapsedMs() - from) * (0.001 + 0.999 * random.nextDouble());
            BandLevels.Columns columns = new BandLevels.Columns(1 + random.nextInt(300));
            levels.fill(from, to, columns);
            double low = Double.POSITIVE_INFINITY;
            double high = Double.NEGATIVE_INFINITY;
            for (int x = 0; x < columns.width(); x++) {
                if (!Double.isNaN(columns.min(x))) {
                    assertThat(columns.min(x)).isLessThanOrEqualTo(columns.max(x));
                    assertThat(columns.p5(x)).isLessThanOrEqualTo(columns.p95(x));
                    low = Math.min(low, columns.min(x));
                    high = Math.max(high, columns.max(x));
                }
            }
            int first = levels.intervalAfter(from);
            int last = levels.intervalAfter(to);
            for (int i = first; i < last; i++) {
                assertThat(levels.times().at(i)).isBetween(low, high);
            }
        }
    }

    @Test
    void singleFramesAreDrawnWhereTheyEnd() {
        BandLevels levels = levels(0, 10, 30, 40);
        BandLevels.Columns columns = new BandLevels.Columns(4);
        levels.fill(0, 40, columns);
        assertThat(columns.max(0)).as("ends at 10 ms, the column's end").isEqualTo(10);
        assertThat(columns.max(1)).as("nothing ends up to 20 ms").isNaN();
        assertThat(columns.min(1)).isNaN();
        assertThat(columns.max(2)).isEqualTo(20);
        assertThat(columns.min(3)).isEqualTo(10);
        assertThat(levels.elapsedMs()).isEqualTo(40);
    }

    /// In one stretch of 64 the band is the quantile itself.
    @Test
    void theBandOfOneStretchIsItsQuantiles() {
        double[] present = new double[65];
        for (int i = 1; i <= 64; i++) {
            present[i] = present[i - 1] + i;
        }
        BandLevels levels = levels(present);
        BandLevels.Columns columns = new BandLevels.Columns(1);
        levels.fill(0, levels.elapsedMs() + 1, columns);
        // Type 7 on 1..64: 1 + 63 p.
        assertThat(columns.p5(0)).isCloseTo(4.15, within(1e-9));
        assertThat(columns.p95(0)).isCloseTo(60.85, within(1e-9));
    }

    @Test
    void nothingHasNoLength() {
        assertThat(levels(5).elapsedMs()).isZero();
    }
}
