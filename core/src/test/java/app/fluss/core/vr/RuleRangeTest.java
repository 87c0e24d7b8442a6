package app.fluss.core.vr;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import java.util.Arrays;
import org.junit.jupiter.api.Test;

/// Rules of compositors on work of which the answers can be worked out by hand.
class RuleRangeTest {
    private static final double REFRESH_MS = 1000 / 90.0;

    private static HeadsetReplay.Work work(double... gpuMs) {
        double[] present = new double[gpuMs.length];
        double[] cpu = new double[gpuMs.length];
        Arrays.setAll(present, i -> i * REFRESH_MS);
        Arrays.fill(cpu, 1);
        return HeadsetReplay.Work.of(FrameLog.presentedAt(present, present.length)
                        .channel(Channel.CPU, cpu)
                        .channel(Channel.GPU, gpuMs)
                        .build()
                        .all())
                .orElseThrow();
    }

    private static double[] steady(double ms) {
        double[] all = new double[2000];
        Arrays.fill(all, ms);
        return all;
    }

    private static RuleRange range(HeadsetReplay.Work work) {
        return RuleRange.of(new HeadsetReplay(90, 0, CompositorRule.NEWEST, 3), work, 1);
    }

    @Test
    void workThatFitsIsShownTheSameUnderEachRule() {
        RuleRange range = range(work(steady(8)));
        assertThat(range.byRule()).containsOnlyKeys(CompositorRule.values());
        assertThat(range.over(Reprojection::share)).isEqualTo(new RuleRange.Span(0, 0));
        assertThat(range.over(Reprojection::appFps).high()).isCloseTo(90, within(1e-9));
    }

    /// Frames of 14 ms on refreshes of 11.1 ms: without a lock 1 - 11.1 / 14 of the refreshes have nothing new, with
    /// one every second.
    @Test
    void aLockTurnsASmallMissIntoHalf() {
        RuleRange range = range(work(steady(14)));
        RuleRange.Span share = range.over(Reprojection::share);
        assertThat(share.low()).isCloseTo(1 - REFRESH_MS / 14, within(0.005));
        assertThat(share.high()).isCloseTo(0.5, within(0.01));
        assertThat(range.byRule().get(CompositorRule.NEWEST_HALF).halfTime().orNaN())
                .isGreaterThan(0.98);
    }

    /// Two short frames after each long one, done within one refresh: the newest drops one, the queue shows both.
    @Test
    void aQueueDropsNothing() {
        double[] gpu = new double[2000];
        Arrays.setAll(gpu, i -> i % 3 == 0 ? 24 : 2);
        RuleRange range = range(work(gpu));
        Reprojection newest = range.byRule().get(CompositorRule.NEWEST);
        Reprojection queue = range.byRule().get(CompositorRule.QUEUE);
        assertThat(queue.refreshes() - queue.withoutNewImage())
                .as("each image has a refresh of its own")
                .isEqualTo(gpu.length - 1);
        assertThat(newest.refreshes() - newest.withoutNewImage()).isLessThan(gpu.length - 1);
    }
}
