package app.fluss.core.latency;

/// Tells which of two channels is which.
public final class Channels {
    private static final int SAMPLED = 500_000;
    private static final double LONG = 0.2;
    private static final double SHORT = 0.1;

    private Channels() {}

    /// Whether two channels look swapped: what is called the input stays at either of two levels for long, as light
    /// does, and what is called the light only moves in short bursts, as a click does.
    public static boolean lookSwapped(Signal input, Signal light) {
        return activeShare(input) > LONG && activeShare(light) < SHORT;
    }

    /// The share of samples, of which some hundred thousand are looked at, that are far from where the signal mostly
    /// rests.
    private static double activeShare(Signal signal) {
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        double sum = 0;
        int step = Math.max(1, signal.size() / SAMPLED);
        int n = 0;
        for (int i = 0; i < signal.size(); i += step, n++) {
            double value = signal.at(i);
            low = Math.min(low, value);
            high = Math.max(high, value);
            sum += value;
        }
        if (!(high > low)) {
            return 0;
        }
        double mean = sum / n;
        double rest = mean - low < high - mean ? mean : high + low - mean;
        int active = 0;
        for (int i = 0; i < signal.size(); i += step) {
            active += Math.abs(signal.at(i) - rest) > (high - low) / 4 ? 1 : 0;
        }
        return (double) active / n;
    }
}
