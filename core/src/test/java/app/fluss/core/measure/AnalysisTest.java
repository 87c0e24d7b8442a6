package app.fluss.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import java.util.Arrays;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;

class AnalysisTest {
    /// 190 x 10 ms, 8 x 20 ms, 50 ms, 100 ms in this order; the expected values follow from the definitions.
    private static double[] listL() {
        double[] ms = new double[200];
        Arrays.fill(ms, 0, 190, 10);
        Arrays.fill(ms, 190, 198, 20);
        ms[198] = 50;
        ms[199] = 100;
        return ms;
    }

    @Test
    void givesTheRatesAndLowsOfListL() {
        Analysis run = Analysis.of(Logs.ofFrameTimes(listL()).all(), AnalysisSettings.NONE.asNative());
        SoftAssertions.assertSoftly(s -> {
            s.assertThat(run.rates().presented().orNaN()).isCloseTo(90.497738, within(1e-6));
            s.assertThat(run.rates().rendered().orNaN()).isCloseTo(90.497738, within(1e-6));
            s.assertThat(run.spread().median().orNaN()).isEqualTo(10);
            s.assertThat(run.spread().p99().orNaN()).isCloseTo(20.3, within(1e-9));
            s.assertThat(run.spread().p999().orNaN()).isCloseTo(90.05, within(1e-9));
            s.assertThat(run.spread().sd().orNaN()).isCloseTo(7.187195, within(1e-6));
            s.assertThat(run.onePercentLow().percentile().orNaN()).isCloseTo(49.261084, within(1e-6));
            s.assertThat(run.onePercentLow().slowestMean().orNaN()).isCloseTo(13.333333, within(1e-6));
            s.assertThat(run.onePercentLow().timeWeighted().orNaN()).isCloseTo(10, within(1e-6));
            s.assertThat(run.tenthPercentLow().percentile())
                    .as("0.1 % of 200 frames is less than one")
                    .isInstanceOf(Figure.Missing.class);
            s.assertThat(run.stutters().count()).isEqualTo(2);
            s.assertThat(run.stutters().over50()).isEqualTo(1);
            s.assertThat(run.onePercentLow().isWeak()).isTrue();
        });
        Ordered ordered = Ordered.of(listL());
        assertThat(LowConvention.PERCENTILE.low(ordered, 2210, 0.001)).isCloseTo(11.104942, within(1e-6));
        assertThat(LowConvention.SLOWEST_MEAN.low(ordered, 2210, 0.001)).isCloseTo(10, within(1e-6));
        Lows five = Lows.of(ordered, 2210, 0.05);
        assertThat(five.percentile().orNaN()).isCloseTo(95.238095, within(1e-6));
        assertThat(five.slowestMean().orNaN()).isCloseTo(32.258065, within(1e-6));
        assertThat(five.timeWeighted().orNaN()).isCloseTo(20, within(1e-6));
    }

    @Test
    void lowsDoNotDependOnOrderAndScaleInverselyWithTime() {
        double[] ms = Logs.randomTimes(5000, 9, 3);
        double[] steps = new double[ms.length - 1];
        for (int i = 0; i < steps.length; i++) {
            steps[i] = ms[i + 1] - ms[i];
        }
        double[] reversed = steps.clone();
        Arrays.sort(reversed);
        double[] doubled = Arrays.stream(steps).map(v -> 2 * v).toArray();
        Analysis plain = Analysis.of(Logs.ofFrameTimes(steps).all(), AnalysisSettings.NONE);
        Analysis other = Analysis.of(Logs.ofFrameTimes(reversed).all(), AnalysisSettings.NONE);
        Analysis slow = Analysis.of(Logs.ofFrameTimes(doubled).all(), AnalysisSettings.NONE);
        for (LowConvention convention : LowConvention.values()) {
            double low = plain.onePercentLow().by(convention).orNaN();
            assertThat(other.onePercentLow().by(convention).orNaN()).isCloseTo(low, within(1e-7));
            assertThat(slow.onePercentLow().by(convention).orNaN()).isCloseTo(low / 2, within(1e-7));
            assertThat(plain.tenthPercentLow().by(convention).orNaN()).isLessThanOrEqualTo(low);
            assertThat(low).isLessThanOrEqualTo(plain.rates().presented().orNaN());
        }
        // The slowest frames are slower than the frame at which they begin.
        assertThat(plain.onePercentLow().slowestMean().orNaN())
                .isLessThanOrEqualTo(plain.onePercentLow().percentile().orNaN());
    }

    @Test
    void findsTheSameStuttersAsARunningMedianByDefinition() {
        double[] times = Logs.randomTimes(4000, 12, 11);
        double[] steps = new double[times.length - 1];
        for (int i = 0; i < steps.length; i++) {
            steps[i] = (times[i + 1] - times[i]) * (i % 97 == 0 ? 2.4 : 1);
        }
        FrameTimes frameTimes = FrameTimes.of(Logs.ofFrameTimes(steps).all());
        Stutters stutters = Stutters.of(frameTimes, StutterRule.DEFAULT);
        int expected = 0;
        for (int i = 0; i < frameTimes.size(); i++) {
            double[] window =
                    Arrays.copyOfRange(frameTimes.toArray(), Math.max(0, i - 25), Math.min(frameTimes.size(), i + 26));
            double median = Ordered.of(window).median();
            expected += frameTimes.at(i) > 2 * median && frameTimes.at(i) > median + 4 ? 1 : 0;
        }
        assertThat(expected).as("the list must hold stutters").isGreaterThan(10);
        assertThat(stutters.count()).isEqualTo(expected);
    }

    @Test
    void alternatingFrameTimesShowInLagOne() {
        double[] ms = new double[1000];
        for (int i = 0; i < ms.length; i++) {
            ms[i] = i % 2 == 0 ? 5 : 15;
        }
        Analysis run = Analysis.of(Logs.ofFrameTimes(ms).all(), AnalysisSettings.NONE);
        assertThat(run.pacing().lag1().orNaN()).isCloseTo(-0.999, within(1e-9));
        assertThat(run.pacing().rmssd().orNaN()).isCloseTo(10, within(1e-9));
        assertThat(run.pacing().successiveDifferenceMean().orNaN()).isCloseTo(10, within(1e-9));
    }

    @Test
    void takesNoIntervalAcrossARestartOfTheClockAndNoneBackwards() {
        double[] present = {0, 10, 20, 19, 30, 0, 10, 20};
        FrameLog log = FrameLog.presentedAt(present, present.length)
                .segmentStarts(new int[] {5})
                .build();
        FrameTimes times = FrameTimes.of(log.all());
        assertThat(times.toArray()).containsExactly(10, 10, 0, 10, 10, 10);
        assertThat(times.elapsedMs()).isEqualTo(50);
        assertThat(times.image(4)).isEqualTo(6);
    }

    @Test
    void renderedRateIsMissingWithAReasonWhenTheLogDoesNotSay() {
        Analysis run = Analysis.of(Logs.presentedAt(0, 10, 20, 30).all(), AnalysisSettings.NONE);
        assertThat(run.rates().rendered()).isInstanceOf(Figure.Missing.class);
        assertThat(run.rates().delivered()).isInstanceOf(Figure.Missing.class);
        assertThat(run.rates().presented().orNaN()).isEqualTo(100);
    }

    @Test
    void everyFigureOfAnEmptyOrSingleFrameLogIsMissingNeverZero() {
        for (double[] present : new double[][] {{}, {5}}) {
            Analysis run = Analysis.of(Logs.presentedAt(present).all(), AnalysisSettings.NONE.asNative());
            assertThat(run.rates().presented().isKnown()).isFalse();
            assertThat(run.spread().mean().isKnown()).isFalse();
            assertThat(run.onePercentLow().percentile().isKnown()).isFalse();
            assertThat(run.stutters().perMinute().isKnown()).isFalse();
            assertThat(run.limits().gpu().isKnown()).isFalse();
        }
    }

    @Test
    void sortsItsTruthOfTheMedianDeviationWithoutASecondSort() {
        for (int n = 1; n < 60; n++) {
            double[] values = Logs.randomTimes(n, 7, n);
            values[n / 2] = values[0];
            Ordered ordered = Ordered.of(values);
            double[] deviations = Arrays.stream(values)
                    .map(v -> Math.abs(v - ordered.median()))
                    .toArray();
            assertThat(ordered.medianAbsoluteDeviation())
                    .isCloseTo(Ordered.of(deviations).median(), within(1e-9));
        }
    }

    @Test
    void everyRankOfALongArrayIsThatOfASort() {
        double[] values = Logs.randomTimes(50_000, 3, 5);
        for (int i = 0; i < values.length; i++) {
            values[i] = i % 3 == 0 ? -values[i] : values[(i * 7919) % values.length] % 40 + 5;
        }
        for (double[] sample : new double[][] {
            values, Arrays.stream(values).map(Math::abs).map(v -> v + 1).toArray()
        }) {
            double[] expected = sample.clone();
            Arrays.sort(expected);
            Ordered ordered = Ordered.of(sample);
            for (int rank = 0; rank < sample.length; rank++) {
                assertThat(ordered.at(rank)).isEqualTo(expected[rank]);
            }
        }
        assertThatThrownBy(() -> Ordered.of(1, Double.NaN)).hasMessageContaining("NaN");
    }

    @Test
    void saysWhatLimitsFrameByFrame() {
        double[] present = {0, 10, 20, 30, 46.8, 60};
        FrameLog log = FrameLog.presentedAt(present, 6)
                .channel(Channel.CPU, new double[] {1, 4, 9.5, 4, 4, Double.NaN})
                .channel(Channel.GPU, new double[] {1, 9.5, 5, 4, 4, 4})
                .build();
        Limits limits = Limits.of(log.all(), java.util.Optional.of(new DisplayMode(60, SyncMode.FIFO)), 60);
        assertThat(limits.gpu().orNaN()).isEqualTo(0.2);
        assertThat(limits.cpu().orNaN()).isEqualTo(0.2);
        assertThat(limits.mixed().orNaN()).as("10 ms is not the cap").isEqualTo(0.2);
        assertThat(limits.cap().orNaN()).as("16.8 ms is the cap of 60/s").isEqualTo(0.2);
        assertThat(limits.unknown().orNaN()).isEqualTo(0.2);
    }

    @Test
    void refusesAStutterRuleThatEveryFrameMeets() {
        assertThatThrownBy(() -> new StutterRule(Double.NaN, 4)).hasMessageContaining("factor must be above 1");
    }

    /// A sample of frame times at which each bound of the rules is met exactly.
    @Test
    void boundsOfTheRulesAreNotPassedAtTheBound() {
        double[] ms = new double[120];
        Arrays.fill(ms, 10);
        ms[30] = 20;
        ms[60] = 50;
        ms[90] = 100;
        Analysis run = Analysis.of(Logs.ofFrameTimes(ms).all(), AnalysisSettings.NONE);
        assertThat(run.stutters().count())
                .as("20 ms is twice the median and not more")
                .isEqualTo(2);
        assertThat(run.stutters().over50()).isEqualTo(1);
        assertThat(run.stutters().over100()).isZero();
        assertThat(run.stutters().interval(1)).isEqualTo(90);
        assertThat(run.stutters().rule()).isEqualTo(StutterRule.DEFAULT);
        assertThat(run.stutters().timeShare().orNaN()).isCloseTo(150 / 1340.0, within(1e-12));
        assertThat(run.stutters().perMinute().orNaN()).isCloseTo(2 * 60_000 / 1340.0, within(1e-9));
        double[] slower = new double[120];
        Arrays.fill(slower, 3);
        slower[50] = 7;
        slower[80] = 7.5;
        Stutters over = Stutters.of(FrameTimes.of(Logs.ofFrameTimes(slower).all()), StutterRule.DEFAULT);
        assertThat(over.count()).as("7 ms is 4 above the median and not more").isEqualTo(1);
        assertThat(over.interval(0)).isEqualTo(80);
    }

    @Test
    void aTailOfTenFramesIsNoWeakOne() {
        assertThat(Lows.of(Ordered.of(new double[999]), 1, 0.01).isWeak()).isFalse();
        assertThat(Lows.of(Ordered.of(new double[900]), 1, 0.01).tailFrames()).isEqualTo(9);
        assertThat(Lows.of(Ordered.of(new double[900]), 1, 0.01).isWeak()).isTrue();
        assertThat(Lows.of(Ordered.of(new double[100]), 1, 0.01).percentile())
                .as("one frame is the whole tail, and it has no length")
                .isInstanceOf(Figure.Missing.class);
        assertThatThrownBy(() -> Lows.of(Ordered.of(new double[9]), 1, 0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Lows.of(Ordered.of(new double[9]), 1, 1)).isInstanceOf(IllegalArgumentException.class);
    }

    /// Neither time nor game time runs across a restart of the clock, and an image without game time is left out.
    @Test
    void motionTimingLeavesOutWhatItCannotTell() {
        double[] present = {0, 10, 20, 5, 15, 25};
        double[] content = {0, 12, 20, 400, 409, Double.NaN};
        FrameLog log = FrameLog.presentedAt(present, 6)
                .channel(Channel.DISPLAYED, present.clone())
                .channel(Channel.CONTENT, content)
                .segmentStarts(new int[] {3})
                .build();
        MotionTiming motion = Analysis.of(log.all(), AnalysisSettings.NONE).motion();
        assertThat(motion.meanAbs().orNaN()).isCloseTo((2 + 2 + 1) / 3.0, within(1e-12));
        assertThat(motion.rms().orNaN()).isCloseTo(Math.sqrt((4 + 4 + 1) / 3.0), within(1e-12));
        assertThat(motion.p95Abs().orNaN()).isEqualTo(2);
        MotionTiming none = Analysis.of(Logs.presentedAt(0, 10).all(), AnalysisSettings.NONE)
                .motion();
        assertThat(none.meanAbs().toString()).contains("no game times");
        FrameLog unshown = FrameLog.presentedAt(present, 6)
                .channel(Channel.CONTENT, content)
                .build();
        assertThat(Analysis.of(unshown.all(), AnalysisSettings.NONE)
                        .motion()
                        .rms()
                        .toString())
                .contains("no display times");
    }
}
