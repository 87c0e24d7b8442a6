package app.fluss.core.latency.edge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.work.Progress;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.IntToDoubleFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// The pieces of edge detection on signals whose answers are known by construction.
class EdgePiecesTest {
    private static double[] presses(Signal input) {
        return Presses.of(input, EdgeSettings.DEFAULT, false).stream()
                .filter(series -> series.kind() == PressKind.HIGH)
                .findFirst()
                .orElseThrow()
                .samples();
    }

    /// A button held for 80 ms every 500 ms, that bounces when pressed.
    @Test
    void aButtonCountsOnceHoweverItBounces() {
        Signal button = Signals.of(10_000, 4000, i -> {
            int within = (i + 100) % 2000;
            boolean bounced = within > 3 && within < 6;
            return within < 320 && !bounced ? 1 : 0;
        });
        double[] edges = presses(button);
        assertThat(edges).hasSize(5);
        for (int i = 0; i < edges.length; i++) {
            assertThat(edges[i]).isCloseTo(2000 * (i + 1) - 100.5, within(1e-9));
        }
    }

    /// The half of a swing lies between two samples, where a line through them passes it.
    @Test
    void theCrossingLiesBetweenSamples() {
        Signal ramp = Signals.of(4000, 1000, i -> Math.clamp((i - 2000.25) / 4, 0, 1));
        assertThat(presses(ramp)).containsExactly(new double[] {2002.25}, within(1e-9));
    }

    @Test
    void quietAndNoiseHaveNoEdges() {
        SplittableRandom random = new SplittableRandom(3);
        assertThat(Presses.of(Signals.of(5000, 1000, _ -> 0.25), EdgeSettings.DEFAULT, false))
                .isEmpty();
        assertThat(Presses.of(Signals.of(50_000, 1000, _ -> random.nextGaussian()), EdgeSettings.DEFAULT, false))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"100", "120", "237.5", "960"})
    void aRippleOfAnyWaveformIsFoundAndTakenAway(double hz) {
        SplittableRandom random = new SplittableRandom(9);
        double rate = 20_000;
        IntToDoubleFunction wave = i -> {
            double phase = i * hz / rate - Math.floor(i * hz / rate);
            return phase < 0.3 ? 1 : -0.428571;
        };
        Signal light = Signals.of(60_000, rate, i -> wave.applyAsDouble(i) + 0.1 * random.nextGaussian());
        assertThat(Lines.of(Coarse.of(light)).rippleHz()).isCloseTo(hz, within(0.3));
        double[] x = new double[6000];
        light.read(0, x);
        Ripple ripple = new Ripple(hz);
        double[] shape = ripple.waveform(x, 0, x.length, 0, rate);
        assertThat(ripple.remove(x, 0, rate, shape, shape, 0, 1)).as("off").isFalse();
        double left = 0;
        for (double value : x) {
            left += value * value / x.length;
        }
        // A jump within one of the forty parts of the period cannot be followed.
        assertThat(Math.sqrt(left)).isLessThan(0.3);
    }

    @Test
    void whiteNoiseHasNoRipple() {
        for (int seed = 0; seed < 25; seed++) {
            SplittableRandom random = new SplittableRandom(seed);
            Lines lines = Lines.of(Coarse.of(Signals.of(20_000, 10_000, _ -> random.nextGaussian())));
            assertThat(lines.rippleHz()).as("seed %d", seed).isNaN();
            assertThat(lines.humHz()).as("seed %d", seed).isNaN();
        }
    }

    @Test
    void aParabolaThroughItsOwnPointsIsItself() {
        double[] fitted = Parabola.fit(0, 20, 10, i -> 3 - 0.5 * (i - 10) + 0.25 * (i - 10) * (i - 10));
        assertThat(fitted).containsExactly(new double[] {3, -0.5, 0.25}, within(1e-9));
        // 3 - 0.5 t + 0.25 t² = 4 at t = 1 ± √5.
        assertThat(Parabola.root(fitted, 4)).isCloseTo(1 - Math.sqrt(5), within(1e-9));
        assertThat(Parabola.root(fitted, 2)).as("it never goes so low").isNaN();
        assertThat(Parabola.root(Parabola.fit(0, 2, 1, i -> 2.0 * i), 3)).isCloseTo(0.5, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"0.5", "2", "8"})
    void aResponseIsFoundWithItsTimeConstant(double tauMs) {
        double[] shape = new double[1500];
        for (int i = 0; i < shape.length; i++) {
            double t = i / 20.0 - 21.37;
            shape[i] = t > 0 ? 1 - Math.exp(-t / tauMs) : 0;
        }
        double found = Response.tauMs(new double[][] {shape}, 1 / 20.0, new double[] {22}, 6);
        assertThat(found).isCloseTo(tauMs, within(0.02 * tauMs));
        assertThat(Response.start(shape, 1 / 20.0, found, 22, 6).startMs()).isCloseTo(21.37, within(0.05));
        for (int i = 0; i < shape.length; i++) {
            shape[i] += i % 2 == 0 ? 0.1 : -0.1;
        }
        assertThat(Response.start(shape, 1 / 20.0, tauMs, 22, 6).meanSquare()).isCloseTo(0.01, within(1e-4));
        assertThat(Response.passesMs(0.5, tauMs)).isCloseTo(tauMs * Math.log(2), within(1e-12));
    }

    /// A step at 10 ms after each click, up and down in turn: every threshold lies on it.
    @ParameterizedTest
    @CsvSource({"0.1", "0.5", "0.9"})
    void aStepIsWhereItIs(double threshold) {
        Signal button = Signals.of(40_000, 4000, i -> i >= 2000 && i % 2000 < 40 ? 1 : 0);
        Signal light = Signals.of(40_000, 4000, i -> i < 2040 ? 0.1 : (i - 40) / 2000 % 2 == 1 ? 0.8 : 0.1);
        EdgeDetection found = EdgeDetection.of(
                new Recording(button, light),
                new EdgeSettings(threshold, 400, 50, Optional.empty()),
                EdgeDetection.Grain.SAMPLES,
                Progress.NONE);
        assertThat(found.trials()).hasSize(19);
        assertThat(found.rippleHz()).isNaN();
        for (Trial trial : found.trials()) {
            assertThat(trial.state()).isEqualTo(Trial.State.ACCEPTED);
            assertThat(trial.latencyMs()).isCloseTo(10, within(0.3));
        }
    }

    @Test
    void settingsOutsideTheirRangesAreRefused() {
        assertThatThrownBy(() -> new EdgeSettings(0, 500, 50, Optional.empty())).hasMessageContaining("threshold");
        assertThatThrownBy(() -> new EdgeSettings(0.5, 5, 50, Optional.empty())).hasMessageContaining("timeout");
    }
}
