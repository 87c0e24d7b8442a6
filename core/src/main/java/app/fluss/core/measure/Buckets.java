package app.fluss.core.measure;

import java.util.Arrays;

/// Values dealt into buckets by their leading bits, each bucket sorted when it is first looked at. HOT PATH,
/// written for speed.
///
/// The bits of a double, with the sign flipped (and all bits flipped for negatives), order as unsigned integers
/// the way the numbers do, with NaN last. The leading bits used make 4096 buckets for each doubling of the
/// value, so that a bucket holds values within a quarter of a thousandth of each other.
final class Buckets {
    /// Below this length one sort is as fast.
    private static final int WORTH_IT = 4096;

    private static final int LEADING_BITS = 24;

    /// Widest span of leading bits that gets a bucket each; wider samples go to one bucket and are sorted.
    private static final int MOST_BUCKETS = 1 << 18;

    private final double[] values;
    private final int[] ends;
    private final boolean[] sorted;
    private final int lowest;

    /// @throws IllegalArgumentException if a value is NaN
    Buckets(double[] sample) {
        int low = Integer.MAX_VALUE;
        int high = Integer.MIN_VALUE;
        for (double value : sample) {
            if (Double.isNaN(value)) {
                throw new IllegalArgumentException("values must not hold NaN");
            }
            int key = key(value);
            low = Math.min(low, key);
            high = Math.max(high, key);
        }
        boolean deal = sample.length >= WORTH_IT && high - low < MOST_BUCKETS;
        lowest = low;
        if (!deal) {
            values = sample.clone();
            Arrays.sort(values);
            ends = new int[] {values.length};
            sorted = new boolean[] {true};
            return;
        }
        ends = new int[high - low + 1];
        sorted = new boolean[ends.length];
        for (double value : sample) {
            ends[key(value) - low]++;
        }
        int sum = 0;
        for (int b = 0; b < ends.length; b++) {
            int count = ends[b];
            ends[b] = sum;
            sum += count;
        }
        values = new double[sample.length];
        for (double value : sample) {
            values[ends[key(value) - low]++] = value;
        }
    }

    /// The value at a 0-based rank.
    double at(int rank) {
        // Very steady values are all in one bucket, which is not sorted either until it is looked at.
        int bucket = ends.length == 1 ? 0 : key(values[rank]) - lowest;
        if (!sorted[bucket]) {
            Arrays.sort(values, bucket == 0 ? 0 : ends[bucket - 1], ends[bucket]);
            sorted[bucket] = true;
        }
        return values[rank];
    }

    private static int key(double value) {
        long bits = Double.doubleToRawLongBits(value);
        return (int) ((bits ^ ((bits >> 63) | Long.MIN_VALUE)) >>> (64 - LEADING_BITS));
    }
}
