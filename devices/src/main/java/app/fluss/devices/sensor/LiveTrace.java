package app.fluss.devices.sensor;

import app.fluss.core.latency.edge.Signal;
import java.util.Arrays;

/// What a sensor has sent so far, at even times. One thread adds, others look; memory is bounded.
///
/// Where the sensor was away, the trace goes on without a gap: what was waiting for its light just then is
/// taken out, so that no click is paired with light from after the gap.
public final class LiveTrace {
    /// Samples at most: {@value}, fifty minutes at 4000 /s and four at 48000 /s.
    public static final int MOST = 12_000_000;

    private static final int FIRST = 1 << 16;

    private float[] input = new float[FIRST];
    private float[] light = new float[FIRST];
    private int size;
    /// The range of the button, which is asked for many times a second.
    private float least = Float.POSITIVE_INFINITY;

    private float most = Float.NEGATIVE_INFINITY;
    private double rateHz;

    /// @param rateHz samples a second as the sensor states it
    LiveTrace(double rateHz) {
        this.rateHz = rateHz;
    }

    /// The samples so far.
    ///
    /// @param input the button
    /// @param light the sensor
    public record Seen(Signal input, Signal light) {
        /// Number of samples.
        public int size() {
            return light.size();
        }
    }

    /// Adds a sample.
    ///
    /// @return false if there is no room for it
    synchronized boolean add(float button, float brightness) {
        if (size == MOST) {
            return false;
        }
        if (size == input.length) {
            int room = Math.min(MOST, 2 * size);
            input = Arrays.copyOf(input, room);
            light = Arrays.copyOf(light, room);
        }
        least = Math.min(least, button);
        most = Math.max(most, button);
        input[size] = button;
        light[size++] = brightness;
        return true;
    }

    /// The last sample of the light; 0 before the first.
    synchronized float lastLight() {
        return size == 0 ? 0 : light[size - 1];
    }

    /// The last sample of the button; 0 before the first.
    synchronized float lastInput() {
        return size == 0 ? 0 : input[size - 1];
    }

    /// The sensor goes: a press that may still wait for its light is taken out with all that followed.
    ///
    /// @param waitMs how long a press may wait
    synchronized void cut(double waitMs) {
        size = settled(waitMs);
    }

    /// How many samples there are before a press that may still wait for its light.
    private int settled(double waitMs) {
        int from = Math.max(1, size - (int) (waitMs * rateHz / 1000));
        float half = (least + most) / 2;
        for (int i = from; i < size; i++) {
            if (input[i] > half && input[i - 1] <= half) {
                return i;
            }
        }
        return size;
    }

    /// States the rate that was found.
    synchronized void setRate(double hz) {
        rateHz = hz;
    }

    /// What there is now; it stays as it is while the trace grows.
    public synchronized Seen seen() {
        return new Seen(Signal.of(input, size, rateHz), Signal.of(light, size, rateHz));
    }

    /// What there is now, up to a press that may still wait for its light: it is no missed one yet.
    ///
    /// @param waitMs how long a press may wait
    public synchronized Seen settledFor(double waitMs) {
        int until = settled(waitMs);
        return new Seen(Signal.of(input, until, rateHz), Signal.of(light, until, rateHz));
    }

    /// The newest samples.
    public synchronized Seen newest(double ms) {
        int from = Math.max(0, size - (int) (ms * rateHz / 1000));
        return new Seen(
                Signal.of(Arrays.copyOfRange(input, from, size), size - from, rateHz),
                Signal.of(Arrays.copyOfRange(light, from, size), size - from, rateHz));
    }
}
