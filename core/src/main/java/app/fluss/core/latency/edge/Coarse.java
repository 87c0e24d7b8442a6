package app.fluss.core.latency.edge;

import java.util.function.DoubleUnaryOperator;

/// A signal thinned to means of a few samples and held as running sums, so that the mean over any stretch is one
/// subtraction. Positions are in its own samples and parts of them.
final class Coarse implements Signal {
    private static final double WANTED_HZ = 4000;
    private static final int MOST = 4_000_000;
    private static final int BLOCK = 1 << 15;

    private final double[] sums;
    private final int factor;
    private final double rateHz;

    private Coarse(double[] sums, int factor, double rateHz) {
        this.sums = sums;
        this.factor = factor;
        this.rateHz = rateHz;
    }

    /// Thins a signal to about 4000 samples a second, or less where it is very long.
    static Coarse of(Signal signal) {
        int factor = (int) Math.max(1, Math.rint(signal.rateHz() / WANTED_HZ));
        factor = Math.max(factor, signal.size() / MOST + 1);
        int size = signal.size() / factor;
        double[] sums = new double[size + 1];
        double[] block = new double[Math.max(1, BLOCK / factor) * factor];
        int at = 0;
        while (at < size) {
            int count = signal.read(at * factor, block) / factor;
            for (int k = 0; k < count && at < size; k++, at++) {
                double sum = 0;
                for (int i = k * factor; i < (k + 1) * factor; i++) {
                    sum += block[i];
                }
                sums[at + 1] = sums[at] + sum / factor;
            }
        }
        return new Coarse(sums, factor, signal.rateHz() / factor);
    }

    @Override
    public int size() {
        return sums.length - 1;
    }

    @Override
    public double at(int index) {
        return sums[index + 1] - sums[index];
    }

    @Override
    public double rateHz() {
        return rateHz;
    }

    /// Samples of the signal that one of these is the mean of.
    int factor() {
        return factor;
    }

    /// Where a sample of the signal lies.
    double position(double sample) {
        return sample / factor;
    }

    /// Which sample of the signal lies at a position.
    double sample(double position) {
        return position * factor;
    }

    private double sum(double position) {
        int at = (int) Math.clamp(position, 0, size() - 1.0);
        return sums[at] + Math.clamp(position - at, 0, 1) * (sums[at + 1] - sums[at]);
    }

    /// The mean over a stretch that lies within; NaN if it is empty.
    double mean(double from, double to) {
        double low = Math.max(0, from);
        double high = Math.min(size(), to);
        return high > low ? (sum(high) - sum(low)) / (high - low) : Double.NaN;
    }

    /// How much higher the mean over a width after a position is than that over a width before it.
    double jump(double position, double width) {
        return (sum(position + width) - 2 * sum(position) + sum(position - width)) / width;
    }

    /// Takes away what has a value at each time, in ms.
    Coarse minus(DoubleUnaryOperator ofMs) {
        double[] left = new double[sums.length];
        for (int i = 0; i < size(); i++) {
            left[i + 1] = left[i] + at(i) - ofMs.applyAsDouble(ms(i + 0.5 - 0.5 / factor));
        }
        return new Coarse(left, factor, rateHz);
    }

    /// What a coupling by a capacitor let through, put right.
    Coarse restored(Coupling coupling) {
        double[] x = new double[sums.length];
        double part = coupling.share(1 / rateHz);
        double held = 0;
        for (int i = 0; i < size(); i++) {
            double y = at(i) - coupling.rest();
            held += part * y;
            x[i + 1] = x[i] + y + held;
        }
        return new Coarse(x, factor, rateHz);
    }
}
