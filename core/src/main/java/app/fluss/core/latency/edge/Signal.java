package app.fluss.core.latency.edge;

/// Samples of something at even times.
public interface Signal {
    /// Samples in an array.
    ///
    /// @param values taken over and not copied; samples behind `size` may still change
    /// @param size how many of them there are
    /// @param rateHz samples a second, above 0
    static Signal of(float[] values, int size, double rateHz) {
        return new SampledSignal(values, size, rateHz);
    }

    /// Samples that each have a time of their own.
    ///
    /// @param values two or more; taken over and not copied
    /// @param ms their times, ms, growing, as many; taken over
    static Signal stamped(float[] values, double[] ms) {
        return new StampedSignal(values, ms);
    }

    /// Number of samples.
    int size();

    /// A sample, in any unit.
    double at(int index);

    /// Reads samples in a row, which is faster than one by one.
    ///
    /// @param from the first
    /// @param into takes as many as it has room for and as there are
    /// @return how many were read
    default int read(int from, double[] into) {
        int count = Math.max(0, Math.min(into.length, size() - from));
        for (int i = 0; i < count; i++) {
            into[i] = at(from + i);
        }
        return count;
    }

    /// Samples a second, above 0.
    double rateHz();

    /// Samples in a time, rounded.
    default int samples(double ms) {
        return (int) Math.rint(ms * rateHz() / 1000);
    }

    /// Time of a sample, ms after the first.
    default double ms(double index) {
        return index * 1000 / rateHz();
    }

    /// Which sample, and part of one, lies at a time, ms after the first.
    default double index(double ms) {
        return ms * rateHz() / 1000;
    }
}
