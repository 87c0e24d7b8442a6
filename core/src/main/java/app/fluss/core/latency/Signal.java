package app.fluss.core.latency;

/// Samples of something at even times.
public interface Signal {
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
}
