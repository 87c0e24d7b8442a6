package app.fluss.core.latency.chain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// The images that bring a change to the eye, step by step, with what follows by hand.
class LightStepsTest {
    private final LightSteps steps = new LightSteps();

    private void images(double... offsets) {
        steps.begin();
        steps.split(offsets, true);
    }

    private double[] times() {
        double[] times = new double[steps.size()];
        Arrays.setAll(times, steps::at);
        return times;
    }

    private double[] levels() {
        double[] levels = new double[steps.size()];
        Arrays.setAll(levels, steps::level);
        return levels;
    }

    @Test
    void eachImageShowsItsShareAndOneThatIsNotMadeIsLeftOut() {
        steps.begin();
        steps.delay(LatencyStage.CPU, 3);
        steps.split(new double[] {1, Double.NaN, 5, 7}, true);
        assertThat(times()).containsExactly(4, 8, 10);
        assertThat(levels()).containsExactly(0.25, 0.75, 1);
        assertThat(steps.added(1, LatencyStage.CPU)).isEqualTo(3);
        assertThat(steps.added(1, LatencyStage.GENERATION)).isEqualTo(5);
        steps.begin();
        steps.split(new double[] {1, 2, 3}, false);
        assertThat(times())
                .as("images that repeat their neighbour show nothing")
                .containsExactly(3);
    }

    @Test
    void atATickTheNewestIsTakenAndTheOthersAreLost() {
        images(1, 4, 9, 12);
        steps.newestAtTicks(LatencyStage.SYNC, 10, 0);
        assertThat(times()).containsExactly(10, 20);
        assertThat(levels()).containsExactly(0.75, 1);
        assertThat(steps.added(0, LatencyStage.SYNC)).isEqualTo(1);
        assertThat(steps.added(0, LatencyStage.GENERATION))
                .as("its row moved with it")
                .isEqualTo(9);
    }

    @Test
    void inTurnEachImageHasATickOfItsOwn() {
        images(1, 4, 9, 12);
        steps.inTurn(LatencyStage.SYNC, 10, 0);
        assertThat(times()).containsExactly(10, 20, 30, 40);
        images(1, 14);
        steps.inTurn(LatencyStage.SYNC, 10, 5);
        assertThat(times()).as("ticks at 5, 15, 25").containsExactly(5, 15);
    }

    /// Light that starts from rest passes s of a whole step after -tau ln(1 - s).
    @ParameterizedTest
    @CsvSource({"0.5, 4", "0.1, 4", "0.9, 0.5"})
    void onePanelStepPassesByItsFormula(double threshold, double tau) {
        images(0);
        int image = steps.pass(threshold, tau);
        assertThat(steps.at(image)).isCloseTo(-tau * Math.log(1 - threshold), within(1e-12));
        assertThat(steps.added(image, LatencyStage.PANEL)).isEqualTo(steps.at(image));
    }

    /// Two steps, integrated in millionths of a millisecond's hundredth: no formula is used twice.
    @Test
    void severalStepsPassWhereSmallStepsInTimeDo() {
        double tau = 6;
        double threshold = 0.7;
        images(0, 8);
        double light = 0;
        double ms = 0;
        double step = 1e-4;
        while (light < threshold) {
            light += ((ms < 8 ? 0.5 : 1) - light) * step / tau;
            ms += step;
        }
        assertThat(steps.at(steps.pass(threshold, tau))).isCloseTo(ms, within(1e-3));
    }

    @Test
    void anInstantPanelPassesWithTheFirstImageThatIsBrightEnough() {
        images(2, 5, 9, 11);
        assertThat(steps.at(steps.pass(0.5, 0))).isEqualTo(5);
        images(2, 5, 9, 11);
        assertThat(steps.at(steps.pass(0.51, 0))).isEqualTo(9);
    }

    /// Images at 0 and 20 ms, a display of 100 Hz that shows what was due 20 ms ago: it goes from the old picture to
    /// the new one in equal parts, and the whole change is there when its lag is over.
    @Test
    void aSmoothingDisplayGoesFromPictureToPicture() {
        images(0);
        steps.smooth(10, 20, 20);
        assertThat(times()).startsWith(0, 10, 20);
        assertThat(levels()).startsWith(0, 0.5, 1);
        assertThat(steps.added(2, LatencyStage.SMOOTHING)).isEqualTo(20);
    }

    @Test
    void whatOneDrawLeavesDoesNotReachTheNext() {
        images(1, 2, 3, 4, 5, 6);
        steps.delay(LatencyStage.NETWORK, 100);
        steps.begin();
        assertThat(steps.size()).isEqualTo(1);
        for (LatencyStage stage : List.of(LatencyStage.values())) {
            assertThat(steps.added(0, stage)).as("%s", stage).isZero();
        }
    }
}
