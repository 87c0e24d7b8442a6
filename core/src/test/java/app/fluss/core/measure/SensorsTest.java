package app.fluss.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.finding.Finding;
import app.fluss.core.finding.Findings;
import app.fluss.core.finding.KnownOfRun;
import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.IntToDoubleFunction;
import org.junit.jupiter.api.Test;

class SensorsTest {
    private static Analysis run(Channel channel, IntToDoubleFunction value) {
        double[] at = new double[300];
        double[] values = new double[at.length];
        Arrays.setAll(at, i -> i * 10.0);
        Arrays.setAll(values, value);
        return Analysis.of(
                FrameLog.presentedAt(at, at.length)
                        .channel(channel, values)
                        .build()
                        .all(),
                AnalysisSettings.NONE);
    }

    private static List<String> codes(Analysis run) {
        return Findings.of(KnownOfRun.log(run, Optional.empty(), Double.NaN)).stream()
                .map(Finding::code)
                .toList();
    }

    @Test
    void aDeadLoadCounterIsNotBelieved() {
        Analysis dead = run(Channel.GPU_LOAD, i -> i % 2);
        assertThat(CardLoads.of(dead).first().isKnown()).isFalse();
        assertThat(dead.limits().fromLoads()).isFalse();
        assertThat(codes(dead)).contains("sensor-stuck");
        Analysis alive = run(Channel.GPU_LOAD, i -> i == 7 ? 40 : 1);
        assertThat(CardLoads.of(alive).first().orNaN()).isCloseTo(1.13, within(0.01));
        assertThat(codes(alive)).doesNotContain("sensor-stuck");
    }

    @Test
    void powerOfNothingIsNoPower() {
        assertThat(Energy.of(run(Channel.POWER, i -> 0), 50, 1)).isEmpty();
        assertThat(Energy.of(run(Channel.POWER, i -> 12), 50, 1)).isPresent();
        assertThat(codes(run(Channel.POWER, i -> 0))).contains("sensor-stuck");
    }

    /// Every second image repeats its neighbour on the panel: presented images flatter.
    @Test
    void lowsOfDeliveredImagesStandBesideThoseOfPresentedOnes() {
        double[] at = new double[2000];
        double[] content = new double[at.length];
        Arrays.setAll(at, i -> i * 10.0);
        Arrays.setAll(content, i -> i / 2 * 20.0);
        Analysis run = Analysis.of(
                FrameLog.presentedAt(at, at.length)
                        .channel(Channel.DISPLAYED, at.clone())
                        .channel(Channel.CONTENT, content)
                        .build()
                        .all(),
                AnalysisSettings.NONE);
        assertThat(run.onePercentLow().percentile().orNaN()).isCloseTo(100, within(1e-9));
        assertThat(run.deliveredOnePercentLow().percentile().orNaN()).isCloseTo(50, within(1e-9));
        Analysis unseen = run(Channel.CPU, i -> 4);
        assertThat(unseen.deliveredOnePercentLow().percentile())
                .isEqualTo(unseen.rates().delivered());
    }
}
