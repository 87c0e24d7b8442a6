package app.fluss.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import java.util.Arrays;
import org.junit.jupiter.api.Test;

class LimitsTest {
    @Test
    void theLargestShareSaysWhatHeldMostFramesUp() {
        assertThat(limits(0.2, 0.5, 0.1, 0.1, 0.1).most()).contains(Limits.Held.CPU);
        assertThat(limits(0.1, 0.1, 0.1, 0.1, 0.6).most()).contains(Limits.Held.UNKNOWN);
        assertThat(limits(0.1, 0.4, 0.4, 0.1, 0).most()).contains(Limits.Held.CPU);
        Figure none = Figure.missing("no frame time in this stretch");
        assertThat(new Limits(none, none, none, none, none, false).most()).isEmpty();
    }

    private static Limits limits(double gpu, double cpu, double cap, double mixed, double unknown) {
        return new Limits(Figure.of(gpu), Figure.of(cpu), Figure.of(cap), Figure.of(mixed), Figure.of(unknown), false);
    }

    private static Analysis run(double[] frames, double[] cpu, double[] gpu, double capFps) {
        double[] present = frames.clone();
        Arrays.parallelPrefix(present, Double::sum);
        FrameLog log = FrameLog.presentedAt(present, present.length)
                .leadIn(true)
                .channel(Channel.CPU, cpu)
                .channel(Channel.GPU, gpu)
                .build();
        return Analysis.of(log.all(), AnalysisSettings.NONE.withCap(capFps));
    }

    /// Each bound from both sides: 9 of 10 ms is busy, less is not; of equals it is the GPU.
    @Test
    void workNearTheWholeFrameHeldItUp() {
        double[] frames = new double[8];
        Arrays.fill(frames, 10);
        double[] cpu = {8.99, 9, 9, 1, 9.5, 8.99, Double.NaN, 1};
        double[] gpu = {9, 9, 8.99, 9, 9.2, 8.99, 1, Double.NaN};
        Limits limits = run(frames, cpu, gpu, Double.NaN).limits();
        assertThat(limits.gpu().orNaN()).isEqualTo(3 / 8.0);
        assertThat(limits.cpu().orNaN()).isEqualTo(2 / 8.0);
        assertThat(limits.unknown().orNaN()).isEqualTo(2 / 8.0);
        assertThat(limits.cap().orNaN() + limits.mixed().orNaN()).isEqualTo(1 / 8.0);
        assertThat(limits.fromLoads()).isFalse();
        assertThat(limits.share(Limits.Held.GPU)).isEqualTo(limits.gpu());
    }

    @Test
    void evenFramesAtTheCapWithIdleProcessorsAreCapped() {
        double[] frames = new double[400];
        double[] idle = new double[400];
        Arrays.fill(frames, 1000 / 60.0);
        Arrays.fill(idle, 5);
        Limits limits = run(frames, idle, idle, 60).limits();
        assertThat(limits.cap().orNaN()).isGreaterThan(0.98);
        assertThat(limits.most()).contains(Limits.Held.CAP);
        assertThat(run(frames, idle, idle, 60).headroom().orNaN()).isCloseTo(0.7, within(1e-9));
    }

    /// Where only a load is known, 95 % is full; whoever held up the rest is unknown.
    @Test
    void aFullCardIsToldByItsLoadAlone() {
        double[] present = new double[40];
        double[] load = new double[40];
        for (int i = 0; i < 40; i++) {
            present[i] = 10.0 * i;
            load[i] = i < 10 ? 94.9 : 95;
        }
        FrameLog log = FrameLog.presentedAt(present, 40)
                .channel(Channel.GPU_LOAD, load)
                .build();
        Limits limits = Analysis.of(log.all(), AnalysisSettings.NONE).limits();
        assertThat(limits.gpu().orNaN()).isCloseTo(30 / 39.0, within(1e-12));
        assertThat(limits.unknown().orNaN()).isCloseTo(9 / 39.0, within(1e-12));
        assertThat(limits.cpu().orNaN()).isZero();
        assertThat(limits.fromLoads()).isTrue();
        Limits none = Analysis.of(Logs.presentedAt(0, 10, 20).all(), AnalysisSettings.NONE)
                .limits();
        assertThat(none.unknown().orNaN()).isEqualTo(1);
        assertThat(none.fromLoads()).isFalse();
    }
}
