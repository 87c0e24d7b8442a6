package app.fluss.core.latency.edge;

import app.fluss.core.measure.Ordered;
import java.util.Arrays;

/// Where an input mostly rests, how noisy it is, and what its other level is, if it has one.
///
/// @param rest the level it is at most often
/// @param noise standard deviation at rest
/// @param far the furthest it goes from rest
/// @param other the second level; NaN for bursts, such as the sound of a click
record InputLevel(double rest, double noise, double far, double other) {
    private static final int SAMPLED = 200_000;
    private static final int BLOCK = 1 << 14;
    private static final int BINS = 256;
    private static final double STRETCH_MS = 10;
    private static final int STRETCHES = 2000;
    private static final double NOISES = 8;
    private static final double LEAST_SHARE = 0.15;
    private static final double ONE_SIDED = 0.9;
    private static final double LEVEL = 0.6;

    static InputLevel of(Signal input) {
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        double[] block = new double[BLOCK];
        for (int from = 0; from < input.size(); from += BLOCK) {
            int count = input.read(from, block);
            for (int k = 0; k < count; k++) {
                low = Math.min(low, block[k]);
                high = Math.max(high, block[k]);
            }
        }
        double[] some = sampled(input);
        double rest = mostly(some, low, high);
        double noise = noise(input);
        double far = Math.max(high - rest, rest - low);
        return new InputLevel(rest, noise, far, other(some, rest, Math.max(NOISES * noise, LEAST_SHARE * far)));
    }

    private static double[] sampled(Signal input) {
        int step = Math.max(1, input.size() / SAMPLED);
        double[] some = new double[(input.size() + step - 1) / step];
        for (int i = 0; i < some.length; i++) {
            some[i] = input.at(i * step);
        }
        return some;
    }

    /// The mean of the fullest part of the range.
    private static double mostly(double[] values, double low, double high) {
        if (!(high > low)) {
            return low;
        }
        int[] counts = new int[BINS];
        double[] totals = new double[BINS];
        for (double value : values) {
            int bin = (int) Math.min(BINS - 1.0, (value - low) / (high - low) * BINS);
            counts[bin]++;
            totals[bin] += value;
        }
        int fullest = 0;
        int most = 0;
        for (int bin = 0; bin < BINS; bin++) {
            int around = counts[bin] + (bin > 0 ? counts[bin - 1] : 0) + (bin + 1 < BINS ? counts[bin + 1] : 0);
            if (around > most) {
                most = around;
                fullest = bin;
            }
        }
        double total = 0;
        for (int bin = Math.max(0, fullest - 1); bin <= Math.min(BINS - 1, fullest + 1); bin++) {
            total += totals[bin];
        }
        return total / most;
    }

    /// The usual spread within a hundredth of a second: edges are in few of these.
    private static double noise(Signal input) {
        int length = Math.max(4, input.samples(STRETCH_MS));
        int stretches = Math.min(STRETCHES, input.size() / length);
        double[] spreads = new double[stretches];
        double[] block = new double[length];
        for (int s = 0; s < stretches; s++) {
            input.read((int) ((long) s * (input.size() - length) / Math.max(1, stretches - 1)), block);
            double mean = Arrays.stream(block).sum() / length;
            double sum = 0;
            for (double value : block) {
                sum += (value - mean) * (value - mean);
            }
            spreads[s] = Math.sqrt(sum / (length - 1));
        }
        return stretches == 0 ? 0 : Ordered.of(spreads).median();
    }

    private static double other(double[] values, double rest, double least) {
        double[] away = new double[values.length];
        int n = 0;
        int above = 0;
        for (double value : values) {
            if (Math.abs(value - rest) > least) {
                above += value > rest ? 1 : 0;
                away[n++] = Math.abs(value - rest);
            }
        }
        if (n == 0 || Math.max(above, n - above) < ONE_SIDED * n) {
            return Double.NaN;
        }
        Ordered sizes = Ordered.of(Arrays.copyOf(away, n));
        return sizes.median() < LEVEL * sizes.quantile(0.95)
                ? Double.NaN
                : rest + (2 * above > n ? sizes.median() : -sizes.median());
    }

    /// Whether it goes between two levels, as a button does.
    boolean isTwoLevels() {
        return !Double.isNaN(other);
    }

    /// Whether anything stands out of its noise.
    boolean moves() {
        return far > 0 && NOISES * noise < far;
    }
}
