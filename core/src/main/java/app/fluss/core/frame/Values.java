package app.fluss.core.frame;

import java.util.Arrays;

/// A read-only column of numbers, indexed from 0. NaN stands for an empty cell. Immutable and safe to share
/// between threads.
public final class Values {
    private final double[] values;
    private final int size;

    /// Takes the array over without a copy: a ten-million-frame column is not held twice.
    Values(double[] values, int size) {
        this.values = values;
        this.size = size;
    }

    /// Number of values.
    public int size() {
        return size;
    }

    /// The value at `index`, `0 <= index < size()`; NaN if the cell was empty.
    public double at(int index) {
        return values[index];
    }

    /// A copy of the values `[from, to)`.
    public double[] copy(int from, int to) {
        return Arrays.copyOfRange(values, from, to);
    }
}
