package app.fluss.core.stream;

/// The straight line that lies below all points and as close to them as it can: of all such lines the one with the
/// smallest sum of distances. Over one-way delays it is what the two clocks differ by, offset and drift, with the
/// shortest way; what lies above it is delay that varies (Moon, Skelly, Towsley, "Estimation and removal of clock
/// skew from network delay measurements", INFOCOM 1999, from memory).
///
/// The sum is smallest for the edge of the lower convex hull that spans the mean of x. It is convex in the slope, so
/// that a slope held to what clocks can differ by is the best within those bounds.
///
/// @param offset at x = 0, in the unit of y
/// @param slope y per x
public record LowerEnvelope(double offset, double slope) {
    /// Clocks of computers differ by less: 250 parts in a million. Common practice, no source.
    public static final double STEEPEST = 2.5e-4;

    /// The line below some points.
    ///
    /// @param x ascending, finite
    /// @param y finite, as many
    /// @param n points used, 1 or more
    /// @throws IllegalArgumentException without a point
    public static LowerEnvelope of(double[] x, double[] y, int n) {
        if (n < 1) {
            throw new IllegalArgumentException("n must be 1 or more, got " + n);
        }
        int[] hull = new int[n];
        int size = 0;
        double sum = 0;
        for (int i = 0; i < n; i++) {
            sum += x[i] - x[0];
            while (size >= 2 && !turnsUp(x, y, hull[size - 2], hull[size - 1], i)) {
                size--;
            }
            if (size == 1 && x[hull[0]] == x[i]) {
                size = y[i] < y[hull[0]] ? 0 : 1;
                if (size == 1) {
                    continue;
                }
            }
            hull[size++] = i;
        }
        double mean = x[0] + sum / n;
        int edge = 1;
        while (edge < size - 1 && x[hull[edge]] < mean) {
            edge++;
        }
        double run = size < 2 ? 0 : x[hull[edge]] - x[hull[edge - 1]];
        double slope = run > 0 ? (y[hull[edge]] - y[hull[edge - 1]]) / run : 0;
        slope = Math.clamp(slope, -STEEPEST, STEEPEST);
        double lowest = Double.POSITIVE_INFINITY;
        for (int i = 0; i < n; i++) {
            lowest = Math.min(lowest, y[i] - slope * (x[i] - x[0]));
        }
        return new LowerEnvelope(lowest - slope * x[0], slope);
    }

    private static boolean turnsUp(double[] x, double[] y, int a, int b, int c) {
        return (x[b] - x[a]) * (y[c] - y[a]) - (y[b] - y[a]) * (x[c] - x[a]) > 0;
    }

    /// The height of the line.
    public double at(double x) {
        return offset + slope * x;
    }
}
