package app.fluss.core.tune;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.SyncMode;
import java.util.Arrays;
import org.junit.jupiter.api.Test;

/// Frames that all take the same work: what comes out follows by hand.
class ReplayTest {
    private static final DisplayMode MODE = new DisplayMode(240, SyncMode.VRR);

    private static FrameLog play(double cpuMs, double gpuMs, double capFps, int multiplier, TuneBench bench) {
        double[] cpu = new double[2000];
        double[] gpu = new double[2000];
        Arrays.fill(cpu, cpuMs);
        Arrays.fill(gpu, gpuMs);
        return Replay.of(cpu, gpu, Double.isNaN(capFps) ? 0 : 1000 / capFps, multiplier, bench, 0)
                .log();
    }

    private static double rendered(FrameLog log) {
        return Analysis.of(log.all(), AnalysisSettings.NONE.withDisplay(MODE))
                .rates()
                .rendered()
                .orNaN();
    }

    private static TuneBench bench(double costMs, boolean ownCard) {
        return new TuneBench(costMs, ownCard, MODE, 2);
    }

    @Test
    void theSlowerOfCapCpuAndGpuSetsTheRate() {
        assertThat(rendered(play(4, 10, Double.NaN, 1, bench(0, false)))).isCloseTo(100, within(0.1));
        assertThat(rendered(play(12.5, 10, Double.NaN, 1, bench(0, false)))).isCloseTo(80, within(0.1));
        assertThat(rendered(play(4, 10, 60, 1, bench(0, false)))).isCloseTo(60, within(0.1));
    }

    /// On the game's own card two made images of 2 ms each make a frame of 10 ms one of 14; on another
    /// card nothing changes.
    @Test
    void madeImagesTakeTheGamesCardOrTheirOwn() {
        assertThat(rendered(play(4, 10, Double.NaN, 3, bench(2, false)))).isCloseTo(1000 / 14.0, within(0.1));
        assertThat(rendered(play(4, 10, Double.NaN, 3, bench(2, true)))).isCloseTo(100, within(0.1));
    }

    @Test
    void imagesAreEvenlySpacedAndTheirContentToo() {
        FrameLog log = play(4, 10, 50, 4, bench(1, false));
        for (int i = 400; i < 1200; i++) {
            assertThat(log.present().at(i) - log.present().at(i - 1)).isCloseTo(5, within(1e-6));
            double content = log.channel(Channel.CONTENT).orElseThrow().at(i)
                    - log.channel(Channel.CONTENT).orElseThrow().at(i - 1);
            assertThat(content).isCloseTo(5, within(1e-6));
        }
    }

    /// With q frames in flight and a full GPU a frame takes q frame times from start to end.
    @Test
    void theQueueHoldsFramesBack() {
        FrameLog log = play(4, 10, Double.NaN, 1, new TuneBench(0, false, MODE, 3));
        double wait = log.present().at(1000)
                - log.channel(Channel.CONTENT).orElseThrow().at(1000);
        assertThat(wait).isCloseTo(30, within(1e-6));
    }
}
