package app.fluss.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import java.util.Arrays;
import org.junit.jupiter.api.Test;

class HeadroomTest {
    private static FrameLog log(double[] cpu, double[] gpu) {
        double[] present = new double[cpu.length];
        Arrays.setAll(present, i -> i * 16.0);
        return FrameLog.presentedAt(present, present.length)
                .channel(Channel.CPU, cpu)
                .channel(Channel.GPU, gpu)
                .build();
    }

    private static double[] filled(int n, double value) {
        double[] values = new double[n];
        Arrays.fill(values, value);
        return values;
    }

    @Test
    void isWhatTheLongerWorkLeavesOfTheBudget() {
        FrameLog log = log(filled(100, 4), filled(100, 6));
        assertThat(Headroom.of(log.all(), 10).orNaN()).isCloseTo(0.4, within(1e-12));
        assertThat(Headroom.of(log.all(), 5).orNaN()).as("missed").isCloseTo(-0.2, within(1e-12));
    }

    /// Of 1..100 ms type 7 gives Q95 = 95.05.
    @Test
    void goesByTheNinetyFifthPercentile() {
        double[] work = new double[100];
        Arrays.setAll(work, i -> i + 1.0);
        assertThat(Headroom.of(log(work, filled(100, 0)).all(), 100).orNaN()).isCloseTo(0.0495, within(1e-12));
    }

    @Test
    void isMissingWithoutABudgetOrWork() {
        FrameLog log = log(filled(10, 4), filled(10, Double.NaN));
        assertThat(Headroom.of(log.all(), Double.NaN)).isInstanceOf(Figure.Missing.class);
        assertThat(Headroom.of(log.all(), 10)).isInstanceOf(Figure.Missing.class);
        FrameLog bare = FrameLog.presentedAt(new double[] {0, 16}, 2).build();
        assertThat(Headroom.of(bare.all(), 10)).isEqualTo(Figure.missing("the log has no CPU and GPU work"));
    }
}
