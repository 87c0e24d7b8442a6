package app.fluss.core.latency.edge;

/// A periodic part of the light, of any waveform: backlight ripple, or mains hum. Its frequency comes from settled
/// stretches, its waveform from folding such a stretch at its period; as it is taken away and not averaged away,
/// no delay is added that would have to be corrected.
///
/// @param hz its frequency
record Ripple(double hz) {
    private static final int MOST_SAMPLES = 6000;
    private static final int BINS = 40;
    private static final int FEWEST_BINS = 10;
    private static final int FEWEST_A_BIN = 3;
    private static final double LEAST_SLOPE = 0.1;
    private static final double PEAKS_A_RESOLUTION = 0.3;
    private static final int ROUNDS = 14;

    /// A stretch of samples whose mean is taken off.
    static final class Stretch {
        private final double[] values;

        private Stretch(double[] values) {
            this.values = values;
        }
    }

    /// The frequency near another at which some stretches are strongest together. What only shows in flashes has peaks
    /// beside the true one, so all are looked at before the highest is refined by golden section.
    static double refined(Stretch[] stretches, double around, double reach, double rateHz) {
        double step = PEAKS_A_RESOLUTION * rateHz / stretches[0].values.length;
        double best = around;
        double highest = 0;
        for (double hz = around - reach; hz <= around + reach; hz += step) {
            double found = power(stretches, hz, rateHz);
            if (found > highest) {
                highest = found;
                best = hz;
            }
        }
        return GoldenSection.least(best - step, best + step, ROUNDS, hz -> -power(stretches, hz, rateHz));
    }

    /// Mean power of the sine of a frequency, by Goertzel's recurrence (1958, from memory).
    private static double power(Stretch[] stretches, double hz, double rateHz) {
        double turn = 2 * Math.PI * hz / rateHz;
        double twice = 2 * Math.cos(turn);
        double sum = 0;
        for (Stretch stretch : stretches) {
            double[] x = stretch.values;
            double s1 = 0;
            double s2 = 0;
            for (double value : x) {
                double s0 = value + twice * s1 - s2;
                s2 = s1;
                s1 = s0;
            }
            double energy = s1 * s1 + s2 * s2 - twice * s1 * s2;
            sum += 2 * energy / ((double) x.length * x.length);
        }
        return sum / stretches.length;
    }

    /// Takes a stretch out of a signal, at most so long, its mean taken off.
    static Stretch stretch(Signal light, int from, int to) {
        int length = Math.min(to - from, MOST_SAMPLES);
        double[] values = new double[length];
        double mean = 0;
        for (int i = 0; i < length; i++) {
            values[i] = light.at(from + i);
            mean += values[i] / length;
        }
        for (int i = 0; i < length; i++) {
            values[i] -= mean;
        }
        return new Stretch(values);
    }

    /// The waveform in a part of some samples: one value for each part of the period, mean 0. Empty if there are
    /// too few samples for any.
    ///
    /// @param x samples, the part being `[from, to)`
    /// @param begin index that the first of `x` has in the whole trace
    double[] waveform(double[] x, int from, int to, int begin, double rateHz) {
        for (int bins = BINS; bins >= FEWEST_BINS; bins /= 2) {
            double[] wave = waveform(x, from, to, begin, rateHz, bins);
            if (wave.length > 0) {
                return wave;
            }
        }
        return new double[0];
    }

    private double[] waveform(double[] x, int from, int to, int begin, double rateHz, int bins) {
        double[] sums = new double[bins];
        int[] counts = new int[bins];
        double mean = 0;
        for (int i = from; i < to; i++) {
            mean += x[i] / (to - from);
        }
        double turn = hz / rateHz;
        double phase = (begin + from) * turn - Math.floor((begin + from) * turn);
        for (int i = from; i < to; i++) {
            int bin = (int) (phase * bins);
            sums[bin] += x[i] - mean;
            counts[bin]++;
            phase += turn;
            phase -= phase >= 1 ? (int) phase : 0;
        }
        double[] wave = new double[bins];
        double middle = 0;
        for (int bin = 0; bin < bins; bin++) {
            if (counts[bin] < FEWEST_A_BIN) {
                return new double[0];
            }
            wave[bin] = sums[bin] / counts[bin];
            middle += wave[bin] / bins;
        }
        for (int bin = 0; bin < bins; bin++) {
            wave[bin] -= middle;
        }
        return wave;
    }

    /// Takes the part away from samples: with one waveform at rest at one level and one at rest at another; on
    /// the way from one level to the other it goes from the one to the other with the signal. Where the
    /// backlight is off whatever the level, a sample tells nothing and becomes NaN.
    ///
    /// HOT PATH: a few ten thousand samples for each click, so the phase is added up, and both waveforms are
    /// looked up at once.
    ///
    /// @param begin index that the first of `x` has in the whole trace
    /// @param early waveform at the level `before`
    /// @param late waveform at the level `before + step`
    /// @return whether some samples tell nothing
    boolean remove(double[] x, int begin, double rateHz, double[] early, double[] late, double before, double step) {
        double[] first = ring(early);
        double[] last = ring(late);
        double turn = hz / rateHz;
        double phase = begin * turn - Math.floor(begin * turn);
        double least = LEAST_SLOPE * largestSlope(early, late, step);
        boolean pulsed = false;
        for (int i = 0; i < x.length; i++) {
            double a = at(first, phase);
            double b = at(last, phase);
            // x = l + a + (b - a) (l - before) / step, solved for the level l.
            double slope = 1 + (b - a) / step;
            boolean tells = slope > least;
            x[i] = tells ? (x[i] - a + (slope - 1) * before) / slope : Double.NaN;
            pulsed |= !tells;
            phase += turn;
            phase -= phase >= 1 ? (int) phase : 0;
        }
        return pulsed;
    }

    private static double largestSlope(double[] early, double[] late, double step) {
        double[] first = ring(early);
        double[] last = ring(late);
        double largest = 0;
        for (int i = 0; i < BINS; i++) {
            double phase = (i + 0.5) / BINS;
            largest = Math.max(largest, 1 + (at(last, phase) - at(first, phase)) / step);
        }
        return largest;
    }

    private static double at(double[] ring, double phase) {
        double place = phase * (ring.length - 2) + 0.5;
        int low = (int) place;
        return ring[low] + (place - low) * (ring[low + 1] - ring[low]);
    }

    /// A waveform with its last value before the first and its first after the last, so that there is always a
    /// neighbour.
    private static double[] ring(double[] wave) {
        double[] ring = new double[wave.length + 2];
        System.arraycopy(wave, 0, ring, 1, wave.length);
        ring[0] = wave[wave.length - 1];
        ring[wave.length + 1] = wave[0];
        return ring;
    }
}
