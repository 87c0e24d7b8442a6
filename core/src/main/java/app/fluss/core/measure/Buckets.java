package app.fluss.core.measure;

import java.util.Arrays;

/// Values dealt into buckets by their leading bits, each bucket sorted when it is first looked at. HOT PATH,
/// written for speed.
///
/// The bits of a double, with the sign flipped (and all bits flipped for negatives), order as unsigned integers
/// the way the numbers do, with NaN last. The leading bits used make 4096 buckets for each doubling of the
/// value, so that a bucket holds values within a quarter of a thousandth of each other; fewer where values are of
/// very different sizes.
///
/// As long as only the largest values are looked at, only these are dealt: tails and high quantiles need no copy
/// of the whole sample.
final class Buckets {
    /// Below this length one sort is as fast.
    private static final int WORTH_IT = 4096;

    private static final int LEADING_BITS = 24;

    private static final int MOST_BUCKETS = 1 << 18;

    /// Share of the sample, from the largest down, that is dealt for a rank among it.
    private static final int TOP = 10;

    private final double[] sample;
    private final int lowest;

    /// Bits of a key that do not count, so that there are no more buckets than that.
    private final int spare;

    /// Ranks below those of each bucket and in it; one bucket for all where dealing is not worth it.
    private final int[] ends;

    private final boolean[] sorted;

    /// The rank of `dealt[0]`; the length of the sample as long as nothing is dealt.
    private int firstDealt;

    private double[] dealt = {};

    /// @param sample is read as long as this is, and not written
    /// @throws IllegalArgumentException if a value is NaN
    Buckets(double[] sample) {
        this.sample = sample;
        firstDealt = sample.length;
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
        lowest = low;
        if (sample.length < WORTH_IT) {
            spare = Integer.SIZE - 1;
            ends = new int[] {sample.length};
            sorted = new boolean[] {true};
            dealt = sample.clone();
            Arrays.sort(dealt);
            firstDealt = 0;
            return;
        }
        int bits = 0;
        while ((high - low) >> bits >= MOST_BUCKETS) {
            bits++;
        }
        spare = bits;
        ends = new int[((high - low) >> spare) + 1];
        sorted = new boolean[ends.length];
        for (double value : sample) {
            ends[bucketOf(value)]++;
        }
        for (int b = 1; b < ends.length; b++) {
            ends[b] += ends[b - 1];
        }
    }

    /// The value at a 0-based rank.
    double at(int rank) {
        if (rank < firstDealt) {
            deal(rank < sample.length - sample.length / TOP ? 0 : sample.length - sample.length / TOP);
        }
        int bucket = bucketOf(dealt[rank - firstDealt]);
        if (!sorted[bucket]) {
            Arrays.sort(dealt, start(bucket) - firstDealt, ends[bucket] - firstDealt);
            sorted[bucket] = true;
        }
        return dealt[rank - firstDealt];
    }

    /// Deals the values from the bucket of a rank up.
    private void deal(int rank) {
        int from = bucketAt(rank);
        firstDealt = start(from);
        dealt = new double[sample.length - firstDealt];
        int[] next = new int[ends.length - from];
        for (int b = 0; b < next.length; b++) {
            next[b] = start(from + b) - firstDealt;
        }
        for (double value : sample) {
            int bucket = bucketOf(value) - from;
            if (bucket >= 0) {
                dealt[next[bucket]++] = value;
            }
        }
        Arrays.fill(sorted, false);
    }

    private int start(int bucket) {
        return bucket == 0 ? 0 : ends[bucket - 1];
    }

    private int bucketOf(double value) {
        return (key(value) - lowest) >> spare;
    }

    /// The bucket that a rank falls into.
    private int bucketAt(int rank) {
        int low = 0;
        int high = ends.length - 1;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (ends[middle] > rank) {
                high = middle;
            } else {
                low = middle + 1;
            }
        }
        return low;
    }

    private static int key(double value) {
        long bits = Double.doubleToRawLongBits(value);
        return (int) ((bits ^ ((bits >> 63) | Long.MIN_VALUE)) >>> (64 - LEADING_BITS));
    }
}
