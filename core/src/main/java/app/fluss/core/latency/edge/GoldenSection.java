package app.fluss.core.latency.edge;

import java.util.function.DoubleUnaryOperator;

/// Looks for the least value of a function by golden section (Kiefer 1953, from memory).
final class GoldenSection {
    static final double RATIO = (Math.sqrt(5) - 1) / 2;

    private GoldenSection() {}

    /// Where a function that falls and then rises is least.
    ///
    /// @param rounds each leaves 0.618 of what is between `low` and `high`
    static double least(double low, double high, int rounds, DoubleUnaryOperator of) {
        double from = low;
        double to = high;
        for (int i = 0; i < rounds; i++) {
            double a = to - RATIO * (to - from);
            double b = from + RATIO * (to - from);
            if (of.applyAsDouble(a) < of.applyAsDouble(b)) {
                to = b;
            } else {
                from = a;
            }
        }
        return (from + to) / 2;
    }
}
