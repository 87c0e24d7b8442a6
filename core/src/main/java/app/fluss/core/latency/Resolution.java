package app.fluss.core.latency;

import java.util.Arrays;

/// The step in which samples of a list come: whole pictures of a camera, whole milliseconds.
final class Resolution {
    private static final double FINEST_MS = 0.2;
    private static final double ROUNDED_MS = 0.03;
    private static final int FEWEST = 3;
    private static final int MOST_PARTS = 4;

    private Resolution() {}

    /// The step of which all samples are whole multiples, but for their last digit.
    ///
    /// @param samplesMs NaN for a missed trial
    /// @return 0 if it is finer than a fifth of a millisecond, or fewer than three different values tell
    static double of(double[] samplesMs) {
        double[] values = Arrays.stream(samplesMs)
                .filter(Double::isFinite)
                .distinct()
                .sorted()
                .toArray();
        if (values.length < FEWEST) {
            return 0;
        }
        double least = Double.POSITIVE_INFINITY;
        for (int i = 1; i < values.length; i++) {
            least = Math.min(least, values[i] - values[i - 1]);
        }
        double range = values[values.length - 1] - values[0];
        for (int parts = 1; parts <= MOST_PARTS && least / parts >= FINEST_MS; parts++) {
            double step = range / Math.rint(range / (least / parts));
            if (Arrays.stream(values).allMatch(value -> isMultiple(value, step))) {
                return step;
            }
        }
        return 0;
    }

    private static boolean isMultiple(double value, double step) {
        return Math.abs(value - step * Math.rint(value / step)) <= ROUNDED_MS;
    }
}
