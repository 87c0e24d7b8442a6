package app.fluss.sim.signal;

import app.fluss.core.latency.edge.Signal;
import app.fluss.sim.scenario.Clicks;
import app.fluss.sim.scenario.Display;
import app.fluss.sim.scenario.Pickup;
import app.fluss.sim.truth.Click;
import app.fluss.sim.truth.Flare;
import java.util.List;
import java.util.SplittableRandom;

/// What a light sensor and a button would have recorded: the backlight and noise on the light, and what the recorder
/// makes of it.
public final class SensorTrace {
    private static final double DARK = 0.05;
    private static final double SWING = 0.85;
    private static final double HUM_HZ = 50;

    private final double rateHz;
    private final double[] ms;
    private final float[] input;
    private final float[] light;

    private SensorTrace(double rateHz, double[] ms, float[] input, float[] light) {
        this.rateHz = rateHz;
        this.ms = ms;
        this.input = input;
        this.light = light;
    }

    /// What is recorded.
    ///
    /// @param light of the panel at the sensor's place
    /// @param flares lights that no click caused
    public record Seen(Light light, List<Click> clicks, List<Flare> flares, Clicks settings, Display display) {
        /// Keeps copies.
        public Seen {
            clicks = List.copyOf(clicks);
            flares = List.copyOf(flares);
        }

        private double at(double ms) {
            double turn = display.rippleHz() / 1000 * ms;
            double backlight = turn - Math.floor(turn) < display.litShare()
                    ? 1 + display.rippleShare() * Math.sin(2 * Math.PI * turn)
                    : 0;
            double near = 0;
            for (Flare flare : flares) {
                near += flare.at(ms);
            }
            return (light.at(ms) + near) * backlight;
        }
    }

    /// Records.
    ///
    /// @param pickup what the recorder makes of the light
    /// @param rateHz samples a second
    /// @param seed of the noise
    public static SensorTrace of(Seen seen, Pickup pickup, double rateHz, double seconds, long seed) {
        double[] ms = SampleTimes.of(pickup, rateHz, seconds, seed);
        float[] light = new float[ms.length];
        SplittableRandom random = new SplittableRandom(seed);
        Coupled coupled = new Coupled(pickup.couplingMs());
        double turn = 2 * Math.PI * HUM_HZ / 1000;
        for (int i = 0; i < light.length; i++) {
            double noise = seen.settings().noise() * random.nextGaussian();
            double there = DARK
                    + SWING * Math.min(seen.at(ms[i]), pickup.clipsAt())
                    + pickup.driftShare() * ms[i] / (seconds * 1000)
                    + pickup.humShare() * Math.sin(turn * ms[i]);
            light[i] = (float) converted(coupled.next(ms[i], there) + noise, pickup.bits());
        }
        float[] input = ButtonTrace.of(seen.clicks(), seen.settings().press(), ms);
        return new SensorTrace(rateHz, pickup.isEven() ? new double[0] : ms, input, light);
    }

    private static double converted(double value, int bits) {
        if (bits == 0) {
            return value;
        }
        double steps = 1L << (bits - 1);
        return Math.rint(Math.clamp(value, -1, 1) * steps) / steps;
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

    /// The light: about 0.05 for dark and 0.9 for bright, if the recorder keeps the level.
    public double light(int sample) {
        return light[sample];
    }

    /// The button as a signal.
    public Signal inputs() {
        return signal(input);
    }

    /// The light as a signal.
    public Signal lights() {
        return signal(light);
    }

    private Signal signal(float[] values) {
        return ms.length > 0 ? Signal.stamped(values, ms) : Signal.of(values, values.length, rateHz);
    }
}
