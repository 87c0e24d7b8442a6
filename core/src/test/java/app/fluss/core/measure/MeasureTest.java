package app.fluss.core.measure;

import static app.fluss.core.measure.Measure.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;

/// Every figure of one run, against numpy 2 on the same log by the plain definitions of measures.md. The run: 1200
/// frame times between 8 and 19 ms with hitches, on a display of 100 Hz that shows an image 2 ms after it came at the
/// earliest.
class MeasureTest {
    private static final int IMAGES = 1201;
    private static final DisplayMode HUNDRED = new DisplayMode(100, SyncMode.LATEST);

    private static FrameLog log() {
        double[] present = new double[IMAGES];
        double[] content = new double[IMAGES];
        double[] cpu = new double[IMAGES];
        double[] gpu = new double[IMAGES];
        double[] power = new double[IMAGES];
        for (int i = 0; i < IMAGES; i++) {
            double frame = i == 0 ? 10 : 8 + i * 37 % 23 * 0.5 + (i % 97 == 50 ? 60 : 0) + (i == 700 ? 120 : 0);
            present[i] = i == 0 ? 0 : present[i - 1] + frame;
            content[i] = 0.97 * present[i] + i % 5 * 0.7;
            gpu[i] = (i % 3 == 0 ? 0.95 : 0.3) * frame;
            cpu[i] = i == 5 ? Double.NaN : (i % 3 == 1 ? 0.93 : 0.2) * frame;
            power[i] = 200 + i % 2 * 50;
        }
        double[] displayed = new double[IMAGES];
        for (int i = 0; i < IMAGES; i++) {
            double refresh = Math.ceil((present[i] + 2) / 10);
            boolean replaced = i + 1 < IMAGES && Math.ceil((present[i + 1] + 2) / 10) == refresh;
            displayed[i] = replaced ? Double.NaN : 10 * refresh;
        }
        return FrameLog.presentedAt(present, IMAGES)
                .channel(Channel.DISPLAYED, displayed)
                .channel(Channel.CONTENT, content)
                .channel(Channel.CPU, cpu)
                .channel(Channel.GPU, gpu)
                .channel(Channel.POWER, power)
                .build();
    }

    private static Map<Measure, Double> expected() {
        Map<Measure, Double> figures = new EnumMap<>(Measure.class);
        figures.put(CLAIMED, 96.0);
        figures.put(CLAIMED_LOWEST, 81.0);
        figures.put(CLAIMED_HIGHEST, 117.0);
        figures.put(CLAIMED_LOW, 55.0);
        figures.put(RENDERED, 70.41427062551344);
        figures.put(PRESENTED, 70.41427062551344);
        figures.put(DELIVERED, 69.07276995305165);
        figures.put(MEAN, 14.201666666666666);
        figures.put(SPREAD, 7.768152980137851);
        figures.put(MEDIAN, 13.5);
        figures.put(MAD, 3.0);
        figures.put(IQR, 6.0);
        figures.put(P5, 8.5);
        figures.put(P95, 19.0);
        figures.put(MIDDLE_NINETY, 10.5);
        figures.put(P99, 73.005);
        figures.put(P999, 78.4005);
        figures.put(MIN, 8.0);
        figures.put(MAX, 129.0);
        figures.put(CV, 0.5469888262038154);
        figures.put(LOW_PERCENTILE, 13.697691938908294);
        figures.put(LOW_SLOWEST_MEAN, 12.435233160621761);
        figures.put(LOW_TIME_WEIGHTED, 12.738853503184714);
        figures.put(DELIVERED_LOW_PERCENTILE, 14.285714285714286);
        figures.put(DELIVERED_LOW_SLOWEST_MEAN, 12.371134020618557);
        figures.put(DELIVERED_LOW_TIME_WEIGHTED, 12.5);
        figures.put(TENTH_LOW_PERCENTILE, 12.755020695021082);
        figures.put(TENTH_LOW_SLOWEST_MEAN, 9.63855421686747);
        figures.put(TENTH_LOW_TIME_WEIGHTED, 7.751937984496124);
        figures.put(SUCCESSIVE, 6.829858215179316);
        figures.put(RMSSD, 11.5966224124159);
        figures.put(LAG1, -0.11430249850781114);
        figures.put(STUTTER_COUNT, 13.0);
        figures.put(OVER_50, 13.0);
        figures.put(OVER_100, 1.0);
        figures.put(STUTTERS, 45.76927590658374);
        figures.put(STUTTER_TIME, 0.06090834409106912);
        figures.put(LOST, 23.0);
        figures.put(EVEN_SHARE, 0.6185216652506372);
        figures.put(HOLD_DEVIATION, 0.5538843119576651);
        figures.put(MOTION, 3.1875446049277296);
        figures.put(MOTION_P95, 7.675);
        figures.put(MOTION_RMS, 3.9856369624692625);
        figures.put(LIMIT_GPU, 1 / 3.0);
        figures.put(LIMIT_CPU, 1 / 3.0);
        figures.put(LIMIT_UNKNOWN, 1 / 1200.0);
        figures.put(HEADROOM, -0.7575);
        return figures;
    }

    private static Figure fps(double value) {
        return Figure.of(value);
    }

    @Test
    void everyFigureIsTheOneOfItsDefinition() {
        Claimed said = new Claimed(fps(96), fps(81), fps(117), fps(48), fps(55), "slowest mean");
        Analysis run = Analysis.of(
                log().all(),
                AnalysisSettings.NONE.asNative().withDisplay(HUNDRED).withClaimed(said));
        Map<Measure, Double> expected = expected();
        assertThat(expected.keySet())
                .as("none is left out but the two that share the rest")
                .isEqualTo(EnumSet.complementOf(EnumSet.of(LIMIT_CAP, LIMIT_MIXED)));
        SoftAssertions.assertSoftly(s -> expected.forEach((measure, value) -> s.assertThat(
                        measure.of(run).orNaN())
                .as(measure.id())
                .isCloseTo(value, within(1e-9 * Math.max(1, Math.abs(value))))));
        assertThat(LIMIT_CAP.of(run).orNaN() + LIMIT_MIXED.of(run).orNaN()).isCloseTo(0.3325, within(1e-12));
        assertThat(run.ledger().orElseThrow().holdCounts()).isEqualTo(Map.of(1, 728, 2, 436, 7, 5, 8, 7, 13, 1));
        assertThat(run.durationSeconds()).isCloseTo(17.042, within(1e-9));
        assertThat(run.spread().tailRatio().orNaN()).isCloseTo(73.005 / 13.5, within(1e-9));
        assertThat(run.stutters().interval(0)).isEqualTo(49);
        assertThat(run.deliveredIntervalsMs()).hasSize(1177).contains(130);
        assertThat(run.renderedIntervalsMs()).hasSize(1200).contains(129);
    }

    @Test
    void energyIsPowerByTimeOverWhatWasDelivered() {
        AnalysisSettings settings = AnalysisSettings.NONE.withDisplay(HUNDRED);
        Analysis run = Analysis.of(log().all(), settings);
        Energy energy = Energy.of(run, 50, 0.9).orElseThrow();
        assertThat(energy.watts().orNaN()).isCloseTo(224.8371669991785, within(1e-9));
        assertThat(energy.joulesPerImage().orNaN()).isCloseTo(3.2550767422820743, within(1e-9));
        assertThat(energy.imagesPerJoule().orNaN()).isCloseTo(1 / 3.2550767422820743, within(1e-9));
        assertThat(energy.hours().orNaN()).isCloseTo(0.200144845270019, within(1e-9));
        assertThat(Energy.of(run, Double.NaN, 0.9).orElseThrow().hours().isKnown())
                .as("nobody said what the battery holds")
                .isFalse();
        assertThat(Energy.of(Analysis.of(Logs.ofFrameTimes(10, 12).all(), settings), 50, 0.9))
                .isEmpty();
    }

    /// With generation on, what the game rendered is told by the kinds, and the intervals run from one such image to
    /// the next, none across a restart of the clock.
    @Test
    void renderedIntervalsRunFromRenderedImageToRenderedImage() {
        double[] present = {0, 8, 20, 26, 40, 1000, 1007, 1020};
        FrameLog log = FrameLog.presentedAt(present, 8)
                .kinds(Logs.kinds("RG", 8))
                .segmentStarts(new int[] {5})
                .build();
        Analysis run = Analysis.of(log.all(), AnalysisSettings.NONE);
        assertThat(run.renderedIntervalsMs()).containsExactly(20, 20);
        assertThat(run.rates().rendered().orNaN()).isEqualTo(50);
        assertThat(run.rates().presented().orNaN())
                .as("six intervals in 60 ms, none across the restart")
                .isCloseTo(1000 * 6 / 60.0, within(1e-9));
        FrameLog untold = FrameLog.presentedAt(present, 8).build();
        assertThat(Analysis.of(untold.all(), AnalysisSettings.NONE).renderedIntervalsMs())
                .as("nobody said which images are rendered")
                .isEmpty();
    }

    @Test
    void withoutALogEveryFigureSaysWhy() {
        Analysis run = Analysis.withoutLog(
                AnalysisSettings.NONE.withClaimed(fps(96)).withBase(fps(48)).withGrade(Grade.D));
        for (Measure measure : Measure.values()) {
            switch (measure.of(run)) {
                case Figure.Known(double value) -> {
                    assertThat(measure).isEqualTo(CLAIMED);
                    assertThat(value).isEqualTo(96);
                }
                case Figure.Missing(String why) ->
                    assertThat(why).as(measure.id()).isNotBlank();
            }
        }
        assertThat(run.settings().claimed().base().orNaN()).isEqualTo(48);
        assertThat(PRESENTED.of(run).toString()).contains("readings of a counter");
    }

    @Test
    void whatIsToldOfAFigureFollowsFromItsEntry() {
        assertThat(LOW_SLOWEST_MEAN.id()).isEqualTo("low-slowest-mean");
        assertThat(LOW_SLOWEST_MEAN.title()).isEqualTo("1 % low (slowest mean)");
        assertThat(LOW_SLOWEST_MEAN.unit()).isEqualTo("/s");
        assertThat(LOW_SLOWEST_MEAN.description().definition())
                .isEqualTo("1000 / the mean of the slowest 1 % of the frame times.");
        assertThat(TENTH_LOW_PERCENTILE.description().definition())
                .isEqualTo("1000 / the 99.9 % quantile of the frame times, type 7.");
        assertThat(TENTH_LOW_TIME_WEIGHTED.description().definition()).contains("add up to 0.1 % of");
        assertThat(STUTTER_COUNT.description().definition())
                .isEqualTo("Frames over 2 times the median of the 51 around them and more than 4 ms above it.");
        assertThat(new StutterRule(1.5, 2.25).definition()).contains("1.5 times", "2.25 ms");
        assertThat(DELIVERED.moreIsBetter()).isTrue();
        assertThat(SPREAD.moreIsBetter()).isFalse();
        assertThat(HEADROOM.description().isShare()).isTrue();
        assertThat(DELIVERED.description().isShare()).isFalse();
        assertThat(DELIVERED.canBeHadAt(Grade.A)).isTrue();
        assertThat(DELIVERED.canBeHadAt(Grade.C)).isFalse();
        assertThat(COMPARED).contains(DELIVERED, SPREAD).doesNotContain(MAD, LIMIT_CPU);
        assertThat(LowConvention.named(" Time_weighted ")).isEqualTo(Optional.of(LowConvention.TIME_WEIGHTED));
        assertThat(LowConvention.named("average of the worst")).isEmpty();
        for (Better better : Better.values()) {
            assertThat(better.words()).isNotBlank();
        }
    }
}
