package app.fluss.core.feel;

import java.util.Arrays;

/// The times at which a window was drawn: how often that is, how far it wanders, and where a pulse was
/// missed. The display's own delay after them is unknown.
///
/// @param hz pulses a second, by the median of their distances
/// @param wanderMs mean distance of a pulse's interval from the median one, ms, missed ones left out
/// @param missed intervals of more than one and a half of the median
/// @param pulses how many were timed
public record Pulses(double hz, double wanderMs, int missed, int pulses) {
    /// Fewest pulses that say anything: {@value}.
    public static final int FEWEST = 30;

    /// From how many usual intervals on a pulse is missing.
    private static final double MISSED_FROM = 1.5;

    private static final double NANOS_PER_MS = 1e6;

    /// Of the times of pulses.
    ///
    /// @param nanos rising, [#FEWEST] or more
    /// @throws IllegalArgumentException if they are too few or do not rise
    public static Pulses of(long[] nanos) {
        if (nanos.length < FEWEST) {
            throw new IllegalArgumentException("%d pulses; at least %d are needed".formatted(nanos.length, FEWEST));
        }
        double[] steps = new double[nanos.length - 1];
        for (int i = 0; i < steps.length; i++) {
            steps[i] = (nanos[i + 1] - nanos[i]) / NANOS_PER_MS;
            if (!(steps[i] > 0)) {
                throw new IllegalArgumentException("pulse %d is not after the one before".formatted(i + 2));
            }
        }
        double[] sorted = steps.clone();
        Arrays.sort(sorted);
        double usual = sorted[sorted.length / 2];
        double[] kept =
                Arrays.stream(steps).filter(step -> step <= MISSED_FROM * usual).toArray();
        double wander = Arrays.stream(kept)
                .map(step -> Math.abs(step - usual))
                .average()
                .orElse(0);
        return new Pulses(1000 / usual, wander, steps.length - kept.length, nanos.length);
    }

    /// Whether a pulse is missing between two.
    public boolean isMissed(long fromNanos, long toNanos) {
        return (toNanos - fromNanos) / NANOS_PER_MS > MISSED_FROM * 1000 / hz;
    }

    /// The share that was missed, 0 to 1.
    public double missedShare() {
        return (double) missed / (missed + pulses - 1);
    }
}
