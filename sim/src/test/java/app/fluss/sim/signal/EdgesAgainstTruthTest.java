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
import app.fluss.sim.scenario.Answer;
import app.fluss.sim.scenario.Clicks;
import app.fluss.sim.scenario.Display;
import app.fluss.sim.scenario.Game;
import app.fluss.sim.scenario.Pickup;
import app.fluss.sim.scenario.Press;
import app.fluss.sim.scenario.Scenario;
import app.fluss.sim.scenario.Work;
import app.fluss.sim.truth.Click;
import java.util.List;
import java.util.Optional;
import java.util.function.IntToDoubleFunction;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

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
                1,
                Optional.empty());
        return Scenario.of(11, 60, GAME, display).with(new Clicks(700, 1, 1, missedShare, 4000, noise, 0.5));
    }

    private static EdgeDetection detect(SensorTrace trace) {
        return detect(new Recording(
                new Sampled(trace.size(), trace.rateHz(), trace::input),
                new Sampled(trace.size(), trace.rateHz(), trace::light)));
    }

    private static EdgeDetection detect(Recording recording) {
        return EdgeDetection.of(recording, EdgeSettings.DEFAULT, EdgeDetection.Grain.SAMPLES, Progress.NONE);
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

    /// Whatever button, picture and recorder do: of the clicks that were answered nearly all are right, and none is
    /// wrong without a doubt.
    @ParameterizedTest
    @MethodSource("shapes")
    void everyShapeIsRightOrDoubted(String shape, Clicks clicks, double litShare) {
        Display display =
                new Display(new DisplayMode(144, SyncMode.FIFO), 2, 0.96, 0, 2, 0, 240, litShare, Optional.empty());
        var run = Simulation.run(Scenario.of(12, 60, GAME, display).with(clicks));
        SensorTrace trace = run.sensor().orElseThrow();
        List<Trial> trials =
                detect(new Recording(trace.inputs(), trace.lights())).trials();
        List<Click> answered = run.truth().clicks().stream()
                .filter(click -> Double.isFinite(click.halfMs()))
                .toList();
        double within = 1 + (litShare < 1 ? 1000 / 240.0 : 0);
        long right = 0;
        for (Trial trial : trials) {
            if (trial.state() == Trial.State.ACCEPTED) {
                assertThat(answered)
                        .as("%s: light at %.1f ms", shape, trial.photonMs())
                        .anyMatch(click -> Math.abs(click.clickMs() - trial.inputMs()) < 1
                                && Math.abs(click.halfMs() - trial.photonMs()) < within);
                right++;
            }
        }
        assertThat((double) right / answered.size()).as(shape).isGreaterThan(0.8);
    }

    static Stream<Arguments> shapes() {
        Clicks plain = new Clicks(700, 1, 1, 0, 4000, 0.01, 0.5);
        Answer darkFlash = new Answer(Answer.Form.DARK_FLASH, 90, 0);
        Pickup rough = new Pickup(0, 0.3, 0.03, 8, 2, 0.5, 2, 30);
        return Stream.of(
                Arguments.of("flash", plain.with(Answer.flash(60)), 1),
                Arguments.of("dark flash", plain.with(darkFlash), 1),
                Arguments.of("flash beside a fire", plain.with(new Answer(Answer.Form.FLASH, 60, 10)), 1),
                Arguments.of("coupled by a capacitor", plain.with(Pickup.EXACT.coupled(40)), 1),
                Arguments.of("flash, coupled", plain.with(Answer.flash(60)).with(Pickup.EXACT.coupled(60)), 1),
                Arguments.of("held", plain.with(Press.SHORT.held(420)), 1),
                Arguments.of("low while down, bouncing", plain.with(new Press(Press.Form.LOW, 90, 4, 0, 0, false)), 1),
                Arguments.of(
                        "first at once, last cut off", plain.with(new Press(Press.Form.HIGH, 12, 0, 0, 0, true)), 1),
                Arguments.of("double clicks", plain.with(new Press(Press.Form.HIGH, 12, 0, 0, 0.1, false)), 1),
                Arguments.of("backlight off between pulses", plain, 0.3),
                Arguments.of("drift, hum, 8 bits, jitter, gaps", plain.with(rough), 1));
    }
}
