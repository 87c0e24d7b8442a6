package app.fluss.core.stream;

import java.util.Arrays;
import org.hipparchus.distribution.continuous.TDistribution;

/// What of a slow rise of one-way delays is two clocks drifting apart, and what is a queue that grows. Both raise
/// the smallest delays over time. Round trips run on one clock, so that only a queue raises theirs: the difference
/// of the two slopes is the clocks'. It is believed beyond doubt only, and only where clocks of computers differ by
/// as much.
///
/// @param drift how much faster the receiver's clock runs; 0 where no drift is beyond doubt
/// @param isKnown whether one is
/// @param queueMsPerS how much a queue grows, ms a second; 0 where none does beyond doubt
record ClockDrift(double drift, boolean isKnown, double queueMsPerS) {
    private static final int STRETCHES = 24;
    private static final int FEWEST = 8;
    private static final double DOUBT = 1e-4;
    private static final double HALVES_ALIKE = 0.5;
    private static final ClockDrift NONE = new ClockDrift(0, false, 0);

    /// A slope of the smallest values of stretches, with its standard error.
    private record Slope(double value, double error, int degrees) {
        boolean isBeyondDoubt() {
            return degrees > 0
                    && 2 * (1 - new TDistribution(degrees).cumulativeProbability(Math.abs(value) / error)) < DOUBT;
        }

        Slope less(Slope other) {
            return new Slope(value - other.value, Math.hypot(error, other.error), Math.min(degrees, other.degrees));
        }
    }

    /// @param sent when packets were sent, ms, ascending
    /// @param transit how long each took, by two clocks, ms
    /// @param inputs round trips, both times by one clock; of size 0 where there were none
    static ClockDrift of(double[] sent, double[] transit, PacketLog inputs) {
        Slope oneWay = slope(sent, transit);
        if (oneWay.degrees < 1) {
            return NONE;
        }
        double[] starts = new double[inputs.size()];
        double[] trips = new double[inputs.size()];
        int n = 0;
        for (int i = 0; i < starts.length; i++) {
            if (inputs.cameIn(i)) {
                starts[n] = inputs.sentMs(i);
                trips[n++] = inputs.receivedMs(i) - inputs.sentMs(i);
            }
        }
        Slope roundTrip = slope(Arrays.copyOf(starts, n), Arrays.copyOf(trips, n));
        boolean hasTrips = roundTrip.degrees > 0;
        Slope clocks = hasTrips ? oneWay.less(roundTrip) : oneWay;
        boolean known = clocks.isBeyondDoubt()
                && Math.abs(clocks.value) <= LowerEnvelope.STEEPEST
                && (hasTrips || isStraight(sent, transit, clocks.value));
        boolean queue = hasTrips
                ? roundTrip.isBeyondDoubt() && roundTrip.value > 0
                : oneWay.isBeyondDoubt() && oneWay.value > LowerEnvelope.STEEPEST;
        double grows = !queue ? 0 : hasTrips ? roundTrip.value : oneWay.value;
        double drift = !known
                ? 0
                : queue
                        ? clocks.value
                        : LowerEnvelope.of(sent, transit, sent.length).slope();
        return new ClockDrift(drift, known, 1000 * grows);
    }

    /// Clocks differ evenly: both halves rise alike.
    private static boolean isStraight(double[] sent, double[] transit, double slope) {
        int half = sent.length / 2;
        Slope first = slope(Arrays.copyOf(sent, half), Arrays.copyOf(transit, half));
        Slope second =
                slope(Arrays.copyOfRange(sent, half, sent.length), Arrays.copyOfRange(transit, half, transit.length));
        double apart = Math.abs(first.value - second.value);
        return first.degrees > 0
                && second.degrees > 0
                && apart <= HALVES_ALIKE * Math.abs(slope) + 3 * Math.hypot(first.error, second.error);
    }

    /// The straight line through the smallest value of each of some stretches of time, by least squares.
    private static Slope slope(double[] at, double[] values) {
        int n = at.length;
        if (n < 2 * FEWEST || !(at[n - 1] > at[0])) {
            return new Slope(0, 0, 0);
        }
        int stretches = Math.min(STRETCHES, n / 2);
        double[] x = new double[stretches];
        double[] y = new double[stretches];
        Arrays.fill(y, Double.POSITIVE_INFINITY);
        for (int i = 0; i < n; i++) {
            int stretch = (int) Math.min(stretches - 1.0, (at[i] - at[0]) / (at[n - 1] - at[0]) * stretches);
            if (values[i] < y[stretch]) {
                y[stretch] = values[i];
                x[stretch] = at[i];
            }
        }
        double meanX = 0;
        double meanY = 0;
        int count = 0;
        for (int s = 0; s < stretches; s++) {
            if (Double.isFinite(y[s])) {
                meanX += x[s];
                meanY += y[s];
                count++;
            }
        }
        if (count < FEWEST) {
            return new Slope(0, 0, 0);
        }
        meanX /= count;
        meanY /= count;
        double xx = 0;
        double xy = 0;
        double yy = 0;
        for (int s = 0; s < stretches; s++) {
            if (Double.isFinite(y[s])) {
                xx += (x[s] - meanX) * (x[s] - meanX);
                xy += (x[s] - meanX) * (y[s] - meanY);
                yy += (y[s] - meanY) * (y[s] - meanY);
            }
        }
        double slope = xy / xx;
        double left = Math.max(0, yy - slope * xy) / (count - 2);
        return new Slope(slope, Math.sqrt(left / xx) + 1e-12, count - 2);
    }
}
