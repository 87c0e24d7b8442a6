package app.fluss.core.compare;

import app.fluss.core.measure.Moments;

/// By how much the variance of a mean is larger than if its values knew nothing of each other: `1 + 2 Σ ρ_k`,
/// summed to the first autocorrelation that is not above 0 (Geyer, "Practical Markov Chain Monte Carlo",
/// Statistical Science 7 (1992) 473-483, from memory, for where to stop).
public final class VarianceInflation {
    private static final int MOST_LAGS = 20_000;
    private static final int WORD = 64;

    private VarianceInflation() {}

    /// Of a sequence; 1 where it does not vary.
    public static double of(double[] values) {
        Moments moments = Moments.of(values);
        double mean = moments.mean();
        double squares = moments.sd() * moments.sd() * (values.length - 1);
        double inflation = 1;
        if (!(squares > 0)) {
            return inflation;
        }
        for (int lag = 1; lag < Math.min(values.length, MOST_LAGS); lag++) {
            double products = 0;
            for (int i = lag; i < values.length; i++) {
                products += (values[i] - mean) * (values[i - lag] - mean);
            }
            if (products <= 0) {
                break;
            }
            inflation += 2 * products / squares;
        }
        return inflation;
    }

    /// Of a row of refreshes that were hit or missed: bits are counted by words, for a row has hundreds of
    /// thousands.
    ///
    /// @param row one bit each, set for a miss
    /// @param length how many there are, at least 1
    public static double of(long[] row, int length) {
        long hits = 0;
        for (long word : row) {
            hits += Long.bitCount(word);
        }
        double share = (double) hits / length;
        double squares = length * share * (1 - share);
        double inflation = 1;
        if (!(squares > 0)) {
            return inflation;
        }
        long first = 0; // misses among the first `lag`
        long last = 0; // misses among the last `lag`
        for (int lag = 1; lag < Math.min(length, MOST_LAGS); lag++) {
            first += bit(row, lag - 1);
            last += bit(row, length - lag);
            // Σ (x_i - m)(x_(i+lag) - m) over the pairs
            double products = both(row, lag) - share * (2.0 * hits - first - last) + share * share * (length - lag);
            if (products <= 0) {
                break;
            }
            inflation += 2 * products / squares;
        }
        return inflation;
    }

    private static long bit(long[] row, int at) {
        return row[at / WORD] >>> (at % WORD) & 1;
    }

    /// Pairs at a distance that both are set.
    private static long both(long[] row, int lag) {
        int words = lag / WORD;
        int bits = lag % WORD;
        long count = 0;
        for (int i = 0; i + words < row.length; i++) {
            long shifted = row[i + words] >>> bits;
            if (bits > 0 && i + words + 1 < row.length) {
                shifted |= row[i + words + 1] << (WORD - bits);
            }
            count += Long.bitCount(row[i] & shifted);
        }
        return count;
    }
}
