package app.fluss.sim.signal;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.latency.edge.EdgeDetection;
import app.fluss.core.latency.edge.EdgeSettings;
import app.fluss.core.latency.edge.Recording;
import app.fluss.core.latency.edge.Signal;
import app.fluss.core.latency.edge.Trial;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.work.Progress;
import app.fluss.sim.Simulation;
import app.fluss.sim.scenario.Clicks;
import app.fluss.sim.scenario.Display;
import app.fluss.sim.scenario.Game;
import app.fluss.sim.scenario.Scenario;
import app.fluss.sim.scenario.Work;
import app.fluss.sim.truth.Click;
import java.util.List;
import java.util.Optional;
import java.util.function.IntToDoubleFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Edges found on simulated traces against what really happened, click by click.
class EdgesAgainstTruthTest {
    /// A standard deviation of a tenth of the step: 20 dB.
    private static final double NOISE_20_DB = 0.085;

    private static final Game GAME = Game.of(new Work(4, 0.1, 0.9, 0, 0), new Work(9, 0.1, 0.9, 0, 0));

    private record Sampled(int size, double rateHz, IntToDoubleFunction values) implements Signal {
        @Override
        public double at(int index) {
            return values.applyAsDouble(index);
        }
    }

    private static Scenario bench(double rippleHz, double missedShare, double noise, double responseMs) {
        Display display = new Display(
                new DisplayMode(144, SyncMode.FIFO),
                2,
                0.96,
                0,
                responseMs,
                rippleHz > 0 ? 0.2 : 0,
                rippleHz > 0 ? rippleHz : 240,
                Optional.empty());
        return Scenario.of(11, 60, GAME, display).with(new Clicks(700, 1, 1, missedShare, 4000, noise, 0.5));
    }

    private static EdgeDetection detect(SensorTrace trace) {
        return EdgeDetection.of(
                new Recording(
                        new Sampled(trace.size(), trace.rateHz(), trace::input),
                        new Sampled(trace.size(), trace.rateHz(), trace::light)),
                EdgeSettings.DEFAULT,
                EdgeDetection.Grain.SAMPLES,
                Progress.NONE);
    }

    private static void assertTrue(List<Trial> trials, List<Click> truth, double withinMs) {
        assertThat(trials).hasSameSizeAs(truth);
        double worst = 0;
        for (int i = 0; i < truth.size(); i++) {
            Click click = truth.get(i);
            Trial trial = trials.get(i);
            // The last click may come too late in the trace for its light to settle.
            if (click.answered() && i < truth.size() - 1) {
                assertThat(trial.state()).as("click %d", i).isEqualTo(Trial.State.ACCEPTED);
                worst = Math.max(worst, Math.abs(trial.photonMs() - click.halfMs()));
            } else if (!click.answered()) {
                assertThat(trial.state()).as("click %d", i).isEqualTo(Trial.State.MISSED);
            }
        }
        assertThat(worst).as("largest error, ms").isLessThan(withinMs);
    }

    @ParameterizedTest
    @CsvSource({
        "4000, 0, 1", "4000, 120, 1", "4000, 240, 1", "4000, 960, 1",
        "48000, 0, 0.1", "48000, 120, 0.1", "48000, 240, 0.1", "48000, 960, 0.1"
    })
    void everyClickIsRightInNoiseAndFlicker(double rateHz, double rippleHz, double withinMs) {
        var run = Simulation.run(bench(rippleHz, 0, NOISE_20_DB, 2));
        EdgeDetection found = detect(run.sensor(rateHz).orElseThrow());
        if (rippleHz > 0) {
            assertThat(found.rippleHz()).isBetween(rippleHz - 0.5, rippleHz + 0.5);
        } else {
            assertThat(found.rippleHz()).isNaN();
        }
        assertTrue(found.trials(), run.truth().clicks(), withinMs);
    }

    @ParameterizedTest
    @CsvSource({"0", "0.3", "4", "12"})
    void panelsOfAllSpeedsAreFollowed(double responseMs) {
        var run = Simulation.run(bench(240, 0, 0.01, responseMs));
        assertTrue(
                detect(run.sensor(20_000).orElseThrow()).trials(), run.truth().clicks(), 0.1 + responseMs / 100);
    }

    @Test
    void clicksThatNothingAnsweredAreMissed() {
        var run = Simulation.run(bench(240, 0.2, 0.02, 2));
        assertThat(run.truth().clicks()).filteredOn(click -> !click.answered()).hasSizeGreaterThan(5);
        assertTrue(detect(run.sensor(4000).orElseThrow()).trials(), run.truth().clicks(), 0.3);
    }
}
