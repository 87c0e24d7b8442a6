package app.fluss.core.gpu;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.compare.Interval;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class LoadModelTest {
    private static LoadModel.Point at(double work, double loadPct) {
        return new LoadModel.Point(work, loadPct);
    }

    /// By hand, in exact fractions: x = 1, 2, 3, 4 and y = 12, 21, 33, 42 give slope 51/5, intercept 3/2,
    /// residual sum 9/5, s² = 9/10. Student's t with 2 degrees of freedom at 97.5 %: 4.302653 (table, from memory).
    @Test
    void aLineByHand() {
        LoadModel model = LoadModel.of(List.of(at(1, 12), at(2, 21), at(3, 33), at(4, 42)));
        assertThat(model.perWork().value()).isCloseTo(10.2, within(1e-9));
        assertThat(model.idlePct().value()).isCloseTo(1.5, within(1e-9));
        double half = 4.302653 * Math.sqrt(0.9 / 5);
        Interval slope = model.perWork().interval().orElseThrow();
        assertThat(slope.low()).isCloseTo(10.2 - half, within(1e-5));
        assertThat(slope.high()).isCloseTo(10.2 + half, within(1e-5));
        double idle = 4.302653 * Math.sqrt(0.9 * (1.0 / 4 + 2.5 * 2.5 / 5));
        assertThat(model.idlePct().interval().orElseThrow().high()).isCloseTo(1.5 + idle, within(1e-5));
    }

    /// The interval of the work at a load holds exactly the works whose interval of the load holds that load.
    @Test
    void theWorkAtALoadInvertsTheLoadAtAWork() {
        SplittableRandom random = new SplittableRandom(7);
        for (int trial = 0; trial < 50; trial++) {
            List<LoadModel.Point> points = new ArrayList<>();
            for (int i = 0; i < 6; i++) {
                double work = 40 + 60 * i;
                points.add(at(work, 5 + 0.12 * work + random.nextDouble() * 6));
            }
            LoadModel model = LoadModel.of(points);
            Interval works = model.workAt(60).interval().orElseThrow();
            for (double work = works.low() - 60; work < works.high() + 60; work += 3.7) {
                boolean holds = model.loadPct(work).interval().orElseThrow().contains(60);
                assertThat(works.contains(work)).isEqualTo(holds);
            }
        }
    }

    @Test
    void twoRunsGiveALineWithoutAnInterval() {
        LoadModel model = LoadModel.of(List.of(at(100, 20), at(300, 50)));
        assertThat(model.workAt(80).value()).isCloseTo(500, within(1e-9));
        assertThat(model.workAt(80).interval()).isEmpty();
        assertThat(model.idlePct().value()).isCloseTo(5, within(1e-9));
    }

    @Test
    void saysWhyThereIsNoLine() {
        assertThat(LoadModel.refusal(List.of(at(100, 20), at(100, 22))).orElseThrow())
                .contains("two runs or more with different work");
        assertThatThrownBy(() -> LoadModel.of(List.of(at(100, 60), at(300, 50))))
                .hasMessageContaining("did not grow");
        assertThatThrownBy(() -> at(100, 101)).hasMessageContaining("loadPct 0..100");
    }

    /// A slope that may be 0 bounds no work.
    @Test
    void aScatterBoundsNothing() {
        LoadModel model = LoadModel.of(List.of(at(100, 20), at(200, 60), at(300, 10), at(400, 70)));
        assertThat(model.workAt(50).interval()).isEmpty();
    }

    @Test
    void theLargestSizeFollowsFromTheWork() {
        // 5 % idle and 0.1 % for each Mpx/s: 90 % are reached at 850 Mpx/s.
        LoadModel model = LoadModel.of(List.of(at(100, 15), at(200, 25), at(300, 35)));
        // 3.6864 Mpx at 100/s and 4×: 1105.92 Mpx/s at full size, so √(850 / 1105.92).
        LargestSize four = LargestSize.of(model, 3.6864, 100, 4, 90);
        assertThat(four.size()).isCloseTo(Math.sqrt(850 / 1105.92), within(1e-9));
        assertThat(four.isUseful()).isTrue();
        assertThat(LargestSize.of(model, 3.6864, 100, 2, 90).size())
                .as("held to full size")
                .isEqualTo(1);
        assertThat(LargestSize.of(model, 8.2944, 100, 4, 90).isUseful()).isFalse();
        assertThat(LargestSize.of(model, 3.6864, 100, 4, 4).size())
                .as("busy before it starts")
                .isZero();
    }
}
