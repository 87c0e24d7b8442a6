package app.fluss.app.model;

/// A stretch of elapsed time that views show together.
///
/// @param fromMs start
/// @param toMs end, above the start
public record TimeWindow(double fromMs, double toMs) {
    private static final double SHORTEST_MS = 50;

    /// Its length, ms.
    public double length() {
        return toMs - fromMs;
    }

    /// Moved by a share of its length, kept within a run.
    public TimeWindow moved(double shares, double runMs) {
        double length = Math.min(length(), runMs);
        double from = Math.clamp(fromMs + shares * length(), 0, Math.max(0, runMs - length));
        return new TimeWindow(from, from + length);
    }

    /// Made longer or shorter around a point, kept within a run.
    public TimeWindow zoomed(double factor, double aroundMs, double runMs) {
        double length = Math.clamp(length() * factor, Math.min(SHORTEST_MS, runMs), runMs);
        double share = (aroundMs - fromMs) / length();
        double from = Math.clamp(aroundMs - share * length, 0, Math.max(0, runMs - length));
        return new TimeWindow(from, from + length);
    }
}
