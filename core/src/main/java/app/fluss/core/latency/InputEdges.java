package app.fluss.core.latency;

import app.fluss.core.measure.Ordered;
import java.util.Arrays;

/// Where the input begins: the first crossing of half of the swing, for a button that goes from one level to another
/// and for the sound of a click alike.
final class InputEdges {
    private static final int SAMPLED = 200_000;
    private static final int BLOCK = 1 << 14;
    private static final double NOISES = 8;
    private static final double LEAST_SHARE = 0.15;
    private static final double LEAST_OF_TYPICAL = 0.3;
    private static final double NORMAL_OVER_MAD = 1.4826;
    private static final double PEAK_MS = 5;

    private InputEdges() {}

    /// Positions of the edges, in samples and parts of them, ascending.
    static double[] of(Signal input, double refractoryMs) {
        double rest = sampledMedian(input, 0);
        double noise = NORMAL_OVER_MAD * sampledMedian(input, rest);
        double largest = largest(input, rest);
        double least = Math.max(NOISES * noise, LEAST_SHARE * largest);
        if (!(largest > 0) || least >= largest) {
            return new double[0];
        }
        int refractory = input.samples(refractoryMs);
        int peakSpan = Math.max(2, input.samples(PEAK_MS));
        double[] starts = new double[64];
        double[] peaks = new double[64];
        int n = 0;
        boolean quiet = true;
        int lastActive = -refractory;
        double[] block = new double[BLOCK];
        for (int from = 0; from < input.size(); from += BLOCK) {
            int count = input.read(from, block);
            for (int k = 0; k < count; k++) {
                int i = from + k;
                boolean active = Math.abs(block[k] - rest) > least;
                if (active && quiet && i - lastActive >= refractory) {
                    if (n == starts.length) {
                        starts = Arrays.copyOf(starts, 2 * n);
                        peaks = Arrays.copyOf(peaks, 2 * n);
                    }
                    peaks[n] = peak(input, i, peakSpan, rest);
                    starts[n] = crossing(input, i, peakSpan, rest, peaks[n] / 2);
                    n++;
                }
                lastActive = active ? i : lastActive;
                quiet = !active;
            }
        }
        return strong(starts, peaks, n);
    }

    private static double largest(Signal input, double rest) {
        double largest = 0;
        double[] block = new double[BLOCK];
        for (int from = 0; from < input.size(); from += BLOCK) {
            int count = input.read(from, block);
            for (int k = 0; k < count; k++) {
                largest = Math.max(largest, Math.abs(block[k] - rest));
            }
        }
        return largest;
    }

    /// The median of samples or, around a rest, of their distances from it.
    private static double sampledMedian(Signal signal, double rest) {
        int step = Math.max(1, signal.size() / SAMPLED);
        double[] some = new double[(signal.size() + step - 1) / step];
        for (int i = 0; i < some.length; i++) {
            double value = signal.at(i * step);
            some[i] = rest == 0 ? value : Math.abs(value - rest);
        }
        return Ordered.of(some).median();
    }

    private static double peak(Signal input, int from, int span, double rest) {
        double peak = 0;
        for (int i = from; i < Math.min(input.size(), from + span); i++) {
            peak = Math.max(peak, Math.abs(input.at(i) - rest));
        }
        return peak;
    }

    private static double crossing(Signal input, int from, int span, double rest, double half) {
        for (int i = Math.max(1, from - span); i < Math.min(input.size(), from + span); i++) {
            double here = Math.abs(input.at(i) - rest);
            double before = Math.abs(input.at(i - 1) - rest);
            if (here >= half && before < half) {
                return i - 1 + (half - before) / (here - before);
            }
        }
        return from;
    }

    /// Leaves out what is much weaker than the rest: bounces and noises of the room.
    private static double[] strong(double[] starts, double[] peaks, int n) {
        if (n == 0) {
            return new double[0];
        }
        double typical = Ordered.of(Arrays.copyOf(peaks, n)).median();
        int kept = 0;
        double[] strong = new double[n];
        for (int i = 0; i < n; i++) {
            if (peaks[i] >= LEAST_OF_TYPICAL * typical) {
                strong[kept++] = starts[i];
            }
        }
        return Arrays.copyOf(strong, kept);
    }
}
