package app.fluss.core.feel;

/// Where the pointer was a moment ago: its last places, with the straight way between them.
final class PointerTrail {
    private static final int KEPT = 4096;

    private final long[] nanos = new long[KEPT];
    private final double[] xs = new double[KEPT];
    private final double[] ys = new double[KEPT];
    private long count;

    /// Notes a place.
    ///
    /// @param atNanos not before the last one
    void moved(long atNanos, double x, double y) {
        int at = (int) (count % KEPT);
        nanos[at] = atNanos;
        xs[at] = x;
        ys[at] = y;
        count++;
    }

    /// Whether no place is known yet.
    boolean isEmpty() {
        return count == 0;
    }

    /// Where it was across, px; the oldest place known for times before it. NaN while none is known.
    double x(long atNanos) {
        return at(atNanos, xs);
    }

    /// Where it was down, px; as [#x].
    double y(long atNanos) {
        return at(atNanos, ys);
    }

    private double at(long atNanos, double[] places) {
        if (isEmpty()) {
            return Double.NaN;
        }
        long oldest = Math.max(0, count - KEPT);
        long after = count;
        // The wanted place is a fraction of a second old, so the search from the newest is short.
        while (after > oldest && nanos[(int) ((after - 1) % KEPT)] > atNanos) {
            after--;
        }
        if (after == oldest) {
            return places[(int) (oldest % KEPT)];
        }
        int before = (int) ((after - 1) % KEPT);
        if (after == count) {
            return places[before];
        }
        int next = (int) (after % KEPT);
        double share = (double) (atNanos - nanos[before]) / (nanos[next] - nanos[before]);
        return places[before] + share * (places[next] - places[before]);
    }
}
