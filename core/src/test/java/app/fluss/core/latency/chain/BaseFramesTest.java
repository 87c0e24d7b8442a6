package app.fluss.core.latency.chain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import java.util.Arrays;
import org.junit.jupiter.api.Test;

/// Frames by hand.
class BaseFramesTest {
    private static final int N = 60;

    private static FrameLog log(double frameMs, double cpuMs, double gpuMs) {
        double[] present = new double[N];
        double[] cpu = new double[N];
        double[] gpu = new double[N];
        Arrays.setAll(present, i -> i * frameMs);
        Arrays.fill(cpu, cpuMs);
        Arrays.fill(gpu, gpuMs);
        return FrameLog.presentedAt(present, N)
                .channel(Channel.CPU, cpu)
                .channel(Channel.GPU, gpu)
                .build();
    }

    private static BaseFrames of(FrameLog log, double takenEveryMs, double capMs, double inFlight) {
        return BaseFrames.of(log.all(), 0, takenEveryMs, capMs, inFlight).orElseThrow();
    }

    /// Three frames in flight at 20 ms: 60 from start to end, of which 4 + 19 are work.
    @Test
    void whereTheGpuHoldsUpAQueueFillsBehindIt() {
        BaseFrames frames = of(log(20, 4, 19), Double.NaN, Double.NaN, 3);
        assertThat(frames.size()).isEqualTo(N - 1);
        assertThat(frames.queueMs(30)).isCloseTo(60 - 23, within(1e-9));
        assertThat(frames.readBy(10))
                .as("it starts when the third before it ends")
                .isEqualTo(13);
        assertThat(frames.readBy(N - 2)).as("never past the last").isEqualTo(N - 2);
        assertThat(of(log(20, 4, 19), Double.NaN, Double.NaN, Double.NaN).queueMs(30))
                .as("nobody said how many")
                .isNaN();
        assertThat(frames.endsMs()[2]).isEqualTo(60);
    }

    @Test
    void whereNothingBehindHoldsUpThereIsNoQueue() {
        BaseFrames byCpu = of(log(20, 19, 4), Double.NaN, Double.NaN, 3);
        assertThat(byCpu.queueMs(30)).isZero();
        assertThat(byCpu.readBy(10)).isEqualTo(11);
        BaseFrames idle = of(log(20, 4, 17.9), Double.NaN, Double.NaN, 3);
        assertThat(idle.queueMs(30)).as("89 % is not busy").isZero();
        BaseFrames capped = of(log(20, 4, 19), Double.NaN, 20, 3);
        assertThat(capped.queueMs(30))
                .as("the cap is waited for, before the frame starts")
                .isZero();
        BaseFrames beyond = of(log(20, 4, 19), Double.NaN, 19, 3);
        assertThat(beyond.queueMs(30))
                .as("a cap that is not reached holds nothing up")
                .isPositive();
        FrameLog bare = FrameLog.presentedAt(new double[] {0, 20, 40}, 3).build();
        assertThat(of(bare, Double.NaN, Double.NaN, 3).queueMs(0))
                .as("without work nobody can tell")
                .isNaN();
    }

    /// A generator that takes a frame each 25 ms while one takes 8 to draw: the game draws more often than is taken.
    @Test
    void aGeneratorThatTakesFewerFramesSeesTheGamesOwn() {
        BaseFrames taken = of(log(25, 3, 8), 25, Double.NaN, 2);
        assertThat(taken.frameMs(10)).isEqualTo(8);
        assertThat(taken.queueMs(10))
                .as("8 ms each, two in flight, less the work")
                .isCloseTo(16 - 11, within(1e-9));
        assertThat(of(log(25, 10, 8), 25, Double.NaN, 2).frameMs(10))
                .as("the CPU is slower")
                .isEqualTo(10);
        assertThat(of(log(30, 3, 8), 25, Double.NaN, 2).frameMs(10))
                .as("it takes all")
                .isEqualTo(30);
        BaseFrames shared =
                BaseFrames.of(log(25, 3, 13).all(), 5, 25, Double.NaN, 2).orElseThrow();
        assertThat(shared.gpuMs(10)).as("less what was made").isEqualTo(8);
        assertThat(shared.frameMs(10))
                .as("a fifth of the card is the generator's")
                .isCloseTo(10, within(1e-9));
    }

    @Test
    void aDisplayPacesWhereFramesLastWholeRefreshes() {
        assertThat(of(log(20, 4, 6), Double.NaN, Double.NaN, 2).isPacedBy(10, Double.NaN))
                .isTrue();
        assertThat(of(log(10.4, 4, 6), Double.NaN, Double.NaN, 2).isPacedBy(10, Double.NaN))
                .isTrue();
        assertThat(of(log(14, 4, 6), Double.NaN, Double.NaN, 2).isPacedBy(10, Double.NaN))
                .isFalse();
        assertThat(of(log(20, 4, 6), Double.NaN, Double.NaN, 2).isPacedBy(10, 20.5))
                .isFalse();
        assertThat(of(log(4, 1, 2), Double.NaN, Double.NaN, 2).isPacedBy(10, Double.NaN))
                .as("faster than a refresh")
                .isFalse();
        BaseFrames held = of(log(20, 4, 6), Double.NaN, Double.NaN, 2).heldByDisplay();
        assertThat(held.queueMs(30)).isCloseTo(40 - 10, within(1e-9));
    }

    /// The game time says when a frame began; without one the rules stand.
    @Test
    void whatAFrameWaitedFollowsFromItsGameTime() {
        double[] present = new double[N];
        double[] content = new double[N];
        double[] work = new double[N];
        for (int i = 0; i < N; i++) {
            present[i] = 11.0 * i;
            content[i] = present[i] - (i == 7 ? 5 : 15);
            work[i] = 3;
        }
        FrameLog log = FrameLog.presentedAt(present, N)
                .channel(Channel.CONTENT, content)
                .channel(Channel.CPU, work)
                .channel(Channel.GPU, work.clone())
                .build();
        BaseFrames started = of(log, Double.NaN, Double.NaN, 2).startedBy(log.all());
        assertThat(started.queueMs(3)).isEqualTo(9);
        assertThat(started.queueMs(6)).as("image 7: never below nothing").isZero();
        FrameLog untold = log(20, 4, 19);
        BaseFrames same = of(untold, Double.NaN, Double.NaN, 3);
        assertThat(same.startedBy(untold.all())).isSameAs(same);
        assertThat(BaseFrames.of(
                        FrameLog.presentedAt(new double[] {5}, 1).build().all(), 0, Double.NaN, Double.NaN, 2))
                .isEmpty();
    }

    /// Frame 31 was held up and the one before it was not: what is left of that one is its drawing.
    @Test
    void behindAFrameThatWasNotHeldUpTheQueueIsEmpty() {
        double[] present = new double[N];
        double[] gpu = new double[N];
        double[] cpu = new double[N];
        Arrays.setAll(present, i -> i * 20.0);
        Arrays.fill(cpu, 4);
        Arrays.fill(gpu, 5);
        gpu[32] = 19;
        FrameLog log = FrameLog.presentedAt(present, N)
                .channel(Channel.CPU, cpu)
                .channel(Channel.GPU, gpu)
                .build();
        BaseFrames frames = of(log, Double.NaN, Double.NaN, 3);
        assertThat(frames.queueMs(31)).isCloseTo(20 + 5 - 4 - 19, within(1e-9));
        assertThat(frames.queueMs(30)).isZero();
    }
}
