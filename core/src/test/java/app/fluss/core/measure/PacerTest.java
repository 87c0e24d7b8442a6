package app.fluss.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class PacerTest {
    private static long paced(double[] ms, SyncMode sync, double hz, double capFps) {
        Optional<DisplayMode> mode = Optional.of(new DisplayMode(hz, sync));
        return Pacer.paced(FrameTimes.of(Logs.ofFrameTimes(ms).all()), mode, capFps)
                .cardinality();
    }

    /// Frames of 6 to 9 ms on 480 Hz: nothing paces them, though each lies near some number of refreshes.
    @Test
    void framesOfAllLengthsAreNotPacedByAFastRefresh() {
        SplittableRandom random = new SplittableRandom(4);
        double[] free = random.doubles(2000, 6, 9).toArray();
        assertThat(paced(free, SyncMode.FIFO, 480, Double.NaN)).isLessThan(20);
        assertThat(paced(free, SyncMode.LATEST, 480, Double.NaN)).isZero();
    }

    @Test
    void fifoPacesRowsOfTheSameNumberOfRefreshes() {
        double[] twos = new double[100];
        Arrays.fill(twos, 2 * 1000 / 144.0);
        assertThat(paced(twos, SyncMode.FIFO, 144, Double.NaN)).isEqualTo(100);
        assertThat(paced(twos, SyncMode.LATEST, 144, Double.NaN))
                .as("only fifo holds a game back")
                .isZero();
        for (int i = 0; i < twos.length; i += 9) {
            twos[i] = 1000 / 144.0;
        }
        assertThat(paced(twos, SyncMode.FIFO, 144, Double.NaN))
                .as("no row of ten")
                .isZero();
    }

    @Test
    void aCapAndTheCeilingOfAVariableRefreshPaceSingleFrames() {
        double[] capped = {16.5, 16.8, 17.1, 8.3, 6.95};
        assertThat(paced(capped, SyncMode.VRR, 144, 60))
                .as("16.5, 16.8 and 6.95")
                .isEqualTo(3);
        assertThat(paced(capped, SyncMode.TEARING, 144, 60)).isEqualTo(2);
    }
}
