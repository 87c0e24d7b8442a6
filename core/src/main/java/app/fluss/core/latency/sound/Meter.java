package app.fluss.core.latency.sound;

/// Takes the samples of a channel one after the other.
final class Meter {
    private static final double FULL = 0.999;
    private static final int ROW = 3;

    private double low = Double.POSITIVE_INFINITY;
    private double high = Double.NEGATIVE_INFINITY;
    private int row;
    private long clipped;

    void take(double value) {
        low = Math.min(low, value);
        high = Math.max(high, value);
        row = Math.abs(value) >= FULL ? row + 1 : 0;
        if (row >= ROW) {
            clipped += row == ROW ? ROW : 1;
        }
    }

    /// From the lowest to the highest value; 0 without samples.
    double reach() {
        return high > low ? high - low : 0;
    }

    SoundQuality.Level level() {
        return new SoundQuality.Level(high < low ? 0 : Math.max(Math.abs(low), Math.abs(high)), clipped);
    }
}
