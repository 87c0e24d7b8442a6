package app.fluss.core.latency;

/// A periodic part of the light, of any waveform: backlight ripple, or mains hum. Its frequency comes from settled
/// stretches, its waveform from folding such a stretch at its period; as it is taken away and not averaged away,
/// no delay is added that would have to be corrected.
///
/// @param hz its frequency
/// @param amplitude its standard deviation in the stretches it was found in, in the signal's unit
record Ripple(double hz, double amplitude) {
    private static final double LOWEST_HZ = 40;
    private static final double HIGHEST_HZ = 2500;
    private static final int MOST_SAMPLES = 6000;
    private static final int BINS = 40;
    private static final int FEWEST_A_BIN = 3;

    /// A stretch of samples whose mean is taken off.
    static final class Stretch {
        private final int from;
        private final double[] values;

        private Stretch(int from, double[] values) {
            this.from = from;
            this.values = values;
        }

        int from() {
            return from;
        }

        /// The samples themselves: what is taken away is taken from them.
        double[] values() {
            return values;
        }
    }

    /// The strongest periodic part of some stretches; null in effect, an amplitude of 0, if none stands out of the
    /// noise.
    static Ripple find(Stretch[] stretches, double rateHz) {
        if (stretches.length == 0) {
            return new Ripple(Double.NaN, 0);
        }
        double top = Math.min(HIGHEST_HZ, 0.45 * rateHz);
        double longest = 0;
        double power = 0;
        for (Stretch stretch : stretches) {
            longest = Math.max(longest, stretch.values.length / rateHz);
            power += meanSquare(stretch.values);
        }
        power /= stretches.length;
        double step = 0.5 / longest;
        double bestHz = Double.NaN;
        double best = 0;
        for (double hz = LOWEST_HZ; hz < top; hz += step) {
            double found = power(stretches, hz, rateHz);
            if (found > best) {
                best = found;
                bestHz = hz;
            }
        }
        double hz = refined(stretches, bestHz, step, rateHz);
        double found = power(stretches, hz, rateHz);
        // A sine of power p stands out of white noise by about n p / (2 · noise); chance alone reaches about 15 among
        // thousands of frequencies.
        int n = stretches[0].values.length;
        double noise = Math.max(1e-30, power - found);
        return n * found / (2 * noise) > 25 && found > 0.002 * power
                ? new Ripple(hz, Math.sqrt(found))
                : new Ripple(Double.NaN, 0);
    }

    private static double refined(Stretch[] stretches, double around, double step, double rateHz) {
        double low = around - step;
        double high = around + step;
        double ratio = (Math.sqrt(5) - 1) / 2;
        double a = high - ratio * (high - low);
        double b = low + ratio * (high - low);
        double atA = power(stretches, a, rateHz);
        double atB = power(stretches, b, rateHz);
        for (int i = 0; i < 30; i++) {
            if (atA > atB) {
                high = b;
                b = a;
                atB = atA;
                a = high - ratio * (high - low);
                atA = power(stretches, a, rateHz);
            } else {
                low = a;
                a = b;
                atA = atB;
                b = low + ratio * (high - low);
                atB = power(stretches, b, rateHz);
            }
        }
        return (low + high) / 2;
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

    private static double meanSquare(double[] x) {
        double sum = 0;
        for (double value : x) {
            sum += value * value;
        }
        return sum / Math.max(1, x.length);
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
        return new Stretch(from, values);
    }

    boolean isThere() {
        return amplitude > 0;
    }

    /// The waveform in a part of cleaned samples: one value for each part of the period, mean 0. Empty if there are
    /// too few samples.
    ///
    /// @param x samples, the part being `[from, to)`
    /// @param begin index that the first of `x` has in the whole trace
    double[] waveform(double[] x, int from, int to, int begin, double rateHz) {
        double[] sums = new double[BINS];
        int[] counts = new int[BINS];
        double mean = 0;
        for (int i = from; i < to; i++) {
            mean += x[i] / (to - from);
        }
        double turn = hz / rateHz;
        double phase = (begin + from) * turn - Math.floor((begin + from) * turn);
        for (int i = from; i < to; i++) {
            int bin = (int) (phase * BINS);
            sums[bin] += x[i] - mean;
            counts[bin]++;
            phase += turn;
            phase -= phase >= 1 ? (int) phase : 0;
        }
        double[] wave = new double[BINS];
        double middle = 0;
        for (int bin = 0; bin < BINS; bin++) {
            if (counts[bin] < FEWEST_A_BIN) {
                return new double[0];
            }
            wave[bin] = sums[bin] / counts[bin];
            middle += wave[bin] / BINS;
        }
        for (int bin = 0; bin < BINS; bin++) {
            wave[bin] -= middle;
        }
        return wave;
    }

    /// Takes the part away from samples: with one waveform at rest at one level and one at rest at another; on
    /// the way from one level to the other it goes from the one to the other with the signal.
    ///
    /// HOT PATH: a few ten thousand samples for each click, so the phase is added up, and both waveforms are
    /// looked up at once.
    ///
    /// @param begin index that the first of `x` has in the whole trace
    /// @param early waveform at the level `before`
    /// @param late waveform at the level `before + step`
    void remove(double[] x, int begin, double rateHz, double[] early, double[] late, double before, double step) {
        double[] first = ring(early);
        double[] last = ring(late);
        double turn = hz / rateHz;
        double phase = begin * turn - Math.floor(begin * turn);
        for (int i = 0; i < x.length; i++) {
            double place = phase * BINS + 0.5;
            int low = (int) place;
            double part = place - low;
            double a = first[low] + part * (first[low + 1] - first[low]);
            double b = last[low] + part * (last[low + 1] - last[low]);
            // x = l + a + (b - a) (l - before) / step, solved for the level l.
            double slope = (b - a) / step;
            x[i] = (x[i] - a + slope * before) / (1 + slope);
            phase += turn;
            phase -= phase >= 1 ? (int) phase : 0;
        }
    }

    /// A waveform with its last value before the first and its first after the last, so that there is always a
    /// neighbour.
    private static double[] ring(double[] wave) {
        double[] ring = new double[BINS + 2];
        System.arraycopy(wave, 0, ring, 1, BINS);
        ring[0] = wave[BINS - 1];
        ring[BINS + 1] = wave[0];
        return ring;
    }
}
