package app.fluss.sim.signal;

import app.fluss.core.latency.edge.Signal;
import app.fluss.sim.scenario.Clicks;
import app.fluss.sim.scenario.Display;
import app.fluss.sim.truth.Click;
import java.util.List;
import java.util.SplittableRandom;

/// What a light sensor and a button would have recorded: backlight ripple and noise on the light, a pulse for
/// each click.
public final class SensorTrace {
    private static final double PULSE_MS = 12;
    private static final double DARK = 0.05;
    private static final double SWING = 0.85;

    private final double rateHz;
    private final float[] input;
    private final float[] light;

    private SensorTrace(double rateHz, int samples) {
        this.rateHz = rateHz;
        input = new float[samples];
        light = new float[samples];
    }

    /// Records.
    ///
    /// @param rateHz samples a second
    /// @param seed of the noise
    public static SensorTrace of(
            Light light,
            List<Click> clicks,
            Clicks settings,
            Display display,
            double rateHz,
            double seconds,
            long seed) {
        SensorTrace trace = new SensorTrace(rateHz, (int) (seconds * rateHz));
        SplittableRandom random = new SplittableRandom(seed);
        double turn = 2 * Math.PI * display.rippleHz() / 1000;
        for (int i = 0; i < trace.light.length; i++) {
            double ms = i * 1000.0 / rateHz;
            double steady = light.at(ms) * (1 + display.rippleShare() * Math.sin(turn * ms));
            trace.light[i] = (float) (DARK + SWING * steady + settings.noise() * random.nextGaussian());
        }
        for (Click click : clicks) {
            int from = (int) Math.ceil(click.clickMs() * rateHz / 1000);
            int to = (int) Math.ceil((click.clickMs() + PULSE_MS) * rateHz / 1000);
            for (int i = from; i < Math.min(to, trace.input.length); i++) {
                trace.input[i] = 1;
            }
        }
        return trace;
    }

    /// Number of samples.
    public int size() {
        return light.length;
    }

    /// Samples a second.
    public double rateHz() {
        return rateHz;
    }

    /// The button: 0 or 1.
    public double input(int sample) {
        return input[sample];
    }

    /// The light, about 0.05 for dark and 0.9 for bright.
    public double light(int sample) {
        return light[sample];
    }

    /// The button as a signal.
    public Signal inputs() {
        return Signal.of(input, input.length, rateHz);
    }

    /// The light as a signal.
    public Signal lights() {
        return Signal.of(light, light.length, rateHz);
    }
}
