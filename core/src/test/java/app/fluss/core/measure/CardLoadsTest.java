package app.fluss.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import org.junit.jupiter.api.Test;

class CardLoadsTest {
    private static CardLoads loads(FrameLog.Builder log) {
        return CardLoads.of(Analysis.of(log.build().all(), AnalysisSettings.NONE));
    }

    /// Intervals of 10, 30 and 10 ms with 50, 90 and 20 %: (500 + 2700 + 200) / 50 = 68.
    @Test
    void longFramesWeighMore() {
        CardLoads loads = loads(FrameLog.presentedAt(new double[] {0, 10, 40, 50}, 4)
                .channel(Channel.SECOND_GPU_LOAD, new double[] {99, 50, 90, 20})
                .channel(Channel.GPU_LOAD, new double[] {0, Double.NaN, 80, 40}));
        assertThat(loads.second().orNaN()).isCloseTo(68, within(1e-9));
        assertThat(loads.first().orNaN())
                .as("what is not known counts for nothing")
                .isCloseTo((30 * 80 + 10 * 40) / 40.0, within(1e-9));
    }

    /// 8 + 20 + 7 ms of work in 50 ms, the first image's own before the first interval.
    @Test
    void workStandsInForALoadThatIsNotLogged() {
        CardLoads loads = loads(FrameLog.presentedAt(new double[] {0, 10, 40, 50}, 4)
                .channel(Channel.GPU, new double[] {Double.NaN, 8, 20, 7}));
        assertThat(loads.first().orNaN()).isCloseTo(70, within(1e-9));
        assertThat(loads.second()).isEqualTo(Figure.missing("the log has no second_gpu_load_pct"));
        assertThat(loads(FrameLog.presentedAt(new double[] {0, 10}, 2)).first().isKnown())
                .isFalse();
    }
}
