package app.fluss.sim;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import app.fluss.core.measure.SyncMode;
import app.fluss.sim.scenario.Game;
import app.fluss.sim.scenario.Headset;
import app.fluss.sim.scenario.Scenario;
import app.fluss.sim.scenario.Work;
import app.fluss.sim.truth.HeadsetTruth;
import app.fluss.sim.truth.ImageTruth;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HeadsetTest {
    private static SimulatedRun run(double gpuMs, double sigma, boolean lock) {
        return Simulation.run(Scenario.of(
                        1,
                        60,
                        Game.of(Work.steady(1), new Work(gpuMs, sigma, 0.5, 0, 0)),
                        Benches.display(90, SyncMode.FIFO))
                .with(new Headset(90, 1, lock)));
    }

    /// An application that needs longer than a refresh and is not held to half rate brings `1000 / work` images a
    /// second; the rest of the refreshes show the last one again.
    @ParameterizedTest
    @CsvSource({"9, 90", "12.5, 80", "13.888888, 72", "16.666666, 60"})
    void withoutALockTheRateIsThatOfTheWork(double gpuMs, double fps) {
        HeadsetTruth truth = run(gpuMs, 0, false).truth().headset().orElseThrow();
        double share = 1 - (double) truth.withNewImage() / truth.refreshes();
        assertThat(share).isCloseTo(1 - fps / 90, within(0.003));
    }

    /// 72 on 90: images stay 1-1-1-2 refreshes.
    @Test
    void aRenderScaleBetweenRatesMakesAnUnevenCadence() {
        assertThat(holds(run(1000.0 / 72, 0, false)))
                .containsOnlyKeys(1, 2)
                .satisfies(holds ->
                        assertThat((double) holds.get(1) / holds.get(2)).isCloseTo(3, withinPercentage(2)));
    }

    @Test
    void theLockMakesItHalfRateAndEven() {
        SimulatedRun locked = run(13, 0.03, true);
        assertThat(locked.truth().shown().deliveredFps()).isCloseTo(45, withinPercentage(1));
        Map<Integer, Integer> holds = holds(locked);
        assertThat((double) holds.get(2)
                        / holds.values().stream().mapToInt(n -> n).sum())
                .isGreaterThan(0.98);
    }

    @Test
    void workTooHeavyForHalfRateFallsBelowIt() {
        assertThat(holds(run(23.5, 0.05, true)).getOrDefault(3, 0)).isGreaterThan(100);
    }

    @Test
    void aLightApplicationIsNeverLocked() {
        HeadsetTruth truth = run(8, 0.05, true).truth().headset().orElseThrow();
        assertThat((double) truth.withNewImage() / truth.refreshes()).isGreaterThan(0.99);
    }

    /// The head is answered within a refresh by late correction; the hand waits for the application.
    @Test
    void headAndHandHaveTheirOwnLatency() {
        HeadsetTruth full = run(8, 0, false).truth().headset().orElseThrow();
        HeadsetTruth half = run(13, 0.03, true).truth().headset().orElseThrow();
        assertThat(full.headLatencyMs()).isCloseTo(1 + 0.5 * 1000 / 90, within(1e-9));
        assertThat(half.headLatencyMs()).isEqualTo(full.headLatencyMs());
        // Drawn in 11 ms from a refresh on, shown at the next but one at the latest, seen in the middle of it.
        assertThat(full.handLatencyMs()).isBetween(1000.0 / 90, 2.6 * 1000 / 90);
        assertThat(half.handLatencyMs()).isGreaterThan(full.handLatencyMs() + 5);
    }

    private static Map<Integer, Integer> holds(SimulatedRun run) {
        ImageTruth images = run.truth().images();
        Map<Integer, Integer> holds = new TreeMap<>();
        for (int i = 90; i < images.size() - 1; i++) {
            if (!Double.isNaN(images.holdMs(i))) {
                holds.merge((int) Math.round(images.holdMs(i) * 90 / 1000), 1, Integer::sum);
            }
        }
        return holds;
    }
}
