package app.fluss.core.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.Measure;
import app.fluss.core.measure.SyncMode;
import java.util.Arrays;
import org.junit.jupiter.api.Test;

/// Seconds of 60 and of 62 images in turn, which hang together with nothing: the mean of n of them is known to
/// t(n − 1) · s / √n, by scipy.
class SteadinessTest {
    private static final double HALF_OF_40 = 0.3238897627437996;

    /// @param content whether each image depicts a time of its own; else every other one repeats the one before
    private static Analysis run(int seconds, byte kind, boolean distinct) {
        double[] present = new double[62 * seconds + 1];
        int n = 0;
        for (int second = 0; second < seconds; second++) {
            int images = second % 2 == 0 ? 60 : 62;
            for (int i = 0; i < images; i++) {
                present[n++] = 1000.0 * second + 1000.0 * i / images;
            }
        }
        present[n++] = 1000.0 * seconds;
        double[] content = new double[n];
        for (int i = 0; i < n; i++) {
            content[i] = present[distinct ? i : i - i % 2];
        }
        byte[] kinds = new byte[n];
        Arrays.fill(kinds, kind);
        FrameLog log = FrameLog.presentedAt(present, n)
                .channel(Channel.DISPLAYED, Arrays.copyOf(present, n))
                .channel(Channel.CONTENT, content)
                .kinds(kinds)
                .build();
        return Analysis.of(log.all(), AnalysisSettings.NONE.withDisplay(new DisplayMode(144, SyncMode.VRR)));
    }

    private static void assertHalf(Analysis run, Measure measure, double half) {
        Interval interval = Steadiness.of(run, measure).orElseThrow();
        assertThat((interval.high() - interval.low()) / 2).as(measure.id()).isCloseTo(half, within(1e-6));
        assertThat((interval.high() + interval.low()) / 2)
                .isCloseTo(measure.of(run).orNaN(), within(1e-9));
    }

    @Test
    void eachRateIsAsSureAsItsSeconds() {
        Analysis run = run(40, FrameKind.RENDERED.code(), true);
        assertHalf(run, Measure.PRESENTED, HALF_OF_40);
        assertHalf(run, Measure.RENDERED, HALF_OF_40);
        assertHalf(run, Measure.DELIVERED, HALF_OF_40);
    }

    /// Half of the images are seen: 30 and 31 a second.
    @Test
    void aRepeatIsNoDeliveredImage() {
        assertHalf(run(40, FrameKind.RENDERED.code(), false), Measure.DELIVERED, HALF_OF_40 / 2);
    }

    @Test
    void whatCannotBeToldIsNotTold() {
        Analysis generated = run(40, FrameKind.GENERATED.code(), true);
        assertThat(Steadiness.of(generated, Measure.RENDERED))
                .as("none is rendered")
                .isEmpty();
        assertThat(Steadiness.of(generated, Measure.SPREAD)).as("no rate").isEmpty();
        assertThat(Steadiness.of(run(20, FrameKind.RENDERED.code(), true), Measure.PRESENTED))
                .isPresent();
        assertThat(Steadiness.of(run(19, FrameKind.RENDERED.code(), true), Measure.PRESENTED))
                .as("too few seconds")
                .isEmpty();
        Analysis unseen = Analysis.of(run(40, FrameKind.RENDERED.code(), true).slice(), AnalysisSettings.NONE);
        assertThat(Steadiness.of(unseen, Measure.DELIVERED))
                .as("no display is stated")
                .isEmpty();
        assertThat(Steadiness.of(Analysis.withoutLog(AnalysisSettings.NONE), Measure.PRESENTED))
                .isEmpty();
    }
}
