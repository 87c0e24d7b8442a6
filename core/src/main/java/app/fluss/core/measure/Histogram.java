package app.fluss.core.measure;

/// How many values fall into each of some bins of one width.
public final class Histogram {
    private final double from;
    private final double width;
    private final int[] counts;

    private Histogram(double from, double width, int[] counts) {
        this.from = from;
        this.width = width;
        this.counts = counts;
    }

    /// Counts; values outside are left out.
    ///
    /// @param values any; NaN is left out
    /// @param from where the first bin begins
    /// @param to where the last bin ends, above `from`
    /// @param bins 1 or more
    public static Histogram of(double[] values, double from, double to, int bins) {
        int[] counts = new int[bins];
        double width = (to - from) / bins;
        for (double value : values) {
            if (value >= from && value <= to) {
                counts[Math.min(bins - 1, (int) ((value - from) / width))]++;
            }
        }
        return new Histogram(from, width, counts);
    }

    /// Number of bins.
    public int size() {
        return counts.length;
    }

    /// Values in a bin.
    public int count(int bin) {
        return counts[bin];
    }

    /// Values in the fullest bin.
    public int highest() {
        int highest = 0;
        for (int count : counts) {
            highest = Math.max(highest, count);
        }
        return highest;
    }

    /// Where a bin begins.
    public double begins(int bin) {
        return from + bin * width;
    }
}
