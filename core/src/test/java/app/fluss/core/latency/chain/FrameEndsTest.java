package app.fluss.core.latency.chain;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class FrameEndsTest {
    /// Against looking at every frame, with frames from none to a hundred times the usual.
    @Test
    void findsTheFrameThatLookingAtEveryOneFinds() {
        SplittableRandom random = new SplittableRandom(5);
        for (int round = 0; round < 200; round++) {
            double[] ends = new double[1 + random.nextInt(300)];
            double at = 0;
            for (int i = 0; i < ends.length; i++) {
                at += random.nextInt(10) == 0 ? 400 * random.nextDouble() : 4 * random.nextDouble();
                ends[i] = at;
            }
            FrameEnds frames = new FrameEnds(ends);
            for (int draw = 0; draw < 300; draw++) {
                double ms = draw == 0 ? 0 : draw == 1 ? at : random.nextDouble() * at;
                int naive = 0;
                while (ends[naive] < ms) {
                    naive++;
                }
                assertThat(frames.frameAt(ms)).isEqualTo(naive);
            }
        }
    }
}
