package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/// What a series says, against values worked out by hand from the definition: each number for as long as it stood.
class OverlaySeriesTest {
    private static OverlaySeries series(double fps, double... values) {
        double[] ms = new double[values.length];
        Arrays.setAll(ms, i -> i * 1000 / fps);
        return OverlaySeries.of(values, ms, List.of(), "");
    }

    @Test
    void aNumberCountsForAsLongAsItStood() {
        double open = Double.NaN;
        OverlaySeries series = series(10, 60, 60, 60, 90, open, open, 30, 30, 30, 30);
        // 3 × 60, 1 × 90 and 4 × 30 tenths of a second
        assertThat(series.mean().orNaN()).isCloseTo(390.0 / 8, within(1e-9));
        assertThat(series.low().orNaN()).isEqualTo(30);
        assertThat(series.high().orNaN()).isEqualTo(90);
        assertThat(series.openShare()).isCloseTo(0.2, within(1e-9));
        assertThat(series.shareBelow(60).orNaN()).isCloseTo(0.5, within(1e-9));
        assertThat(series.changes())
                .as("what follows an open stretch is no change")
                .isEqualTo(1);
        assertThat(series.stands()).hasSize(4);
    }

    @Test
    void whatTheAnalystSaysCounts() {
        double open = Double.NaN;
        OverlaySeries series = series(10, 60, 60, 90, open, 30, 30);
        // The 90 was a 60, what was open showed 30, and the rest was struck.
        OverlaySeries corrected = series.corrected(Map.of(200.0, 60.0, 300.0, 30.0, 400.0, open));
        assertThat(corrected.stands())
                .containsExactly(new Stand(0, 300, 3, 60), new Stand(300, 400, 1, 30), new Stand(400, 600, 2, open));
        assertThat(corrected.mean().orNaN()).isCloseTo((3 * 60 + 30) / 4.0, within(1e-9));
        assertThat(series.corrected(Map.of(250.0, 1.0)).stands())
                .as("nothing began there")
                .isEqualTo(series.stands());
        OverlaySeries struck = series.corrected(Map.of(0.0, open, 200.0, open, 400.0, open));
        assertThat(struck.whyNot()).isEqualTo("every reading was struck");
        assertThat(struck.mean().isKnown()).isFalse();
    }

    @Test
    void nothingReadGivesNoFigures() {
        OverlaySeries series = series(60, Double.NaN, Double.NaN, Double.NaN);
        assertThat(series.openShare()).isEqualTo(1);
        assertThat(series.mean().isKnown()).isFalse();
        assertThat(series.low().isKnown()).isFalse();
        assertThat(series.shareBelow(60).isKnown()).isFalse();
        assertThat(series.updatePeriodS().isKnown()).isFalse();
    }

    /// The numbers come out the same again every fourth time or so: changes are then two periods apart and more.
    @Test
    void theUpdatePeriodIsFoundThoughNumbersRepeat() {
        for (double periodS : new double[] {1.0 / 60, 0.1, 0.25, 1.0 / 3, 1}) {
            SplittableRandom random = new SplittableRandom(7);
            double[] values = new double[60 * 40];
            double number = 100;
            long before = -1;
            for (int i = 0; i < values.length; i++) {
                long update = (long) Math.floor(i / 60.0 / periodS + 1e-9);
                if (update != before && random.nextInt(4) > 0) {
                    number = number == 100 ? 101 : 100;
                }
                before = update;
                values[i] = number;
            }
            assertThat(series(60, values).updatePeriodS().orNaN())
                    .as("%s s", periodS)
                    .isCloseTo(periodS, within(1.0 / 60));
        }
    }

    @Test
    void changesAtNoRegularTimesHaveNoPeriod() {
        SplittableRandom random = new SplittableRandom(3);
        double[] values = new double[3000];
        double number = 100;
        int next = 0;
        for (int i = 0; i < values.length; i++) {
            if (i == next) {
                number = number == 100 ? 101 : 100;
                next += 20 + random.nextInt(13);
            }
            values[i] = number;
        }
        assertThat(series(60, values).updatePeriodS().isKnown()).isFalse();
    }
}
