package app.fluss.sim.signal;

/// A recorder that is coupled by a capacitor: the level falls back, `y' = x' - y / tau`.
final class Coupled {
    private final double tauMs;
    private double lastMs = Double.NaN;
    private double last;
    private double level;

    /// @param tauMs time constant, ms; 0 for a recorder that keeps the level
    Coupled(double tauMs) {
        this.tauMs = tauMs;
    }

    /// The next value, at a time after the one before, ms.
    double next(double ms, double value) {
        if (tauMs == 0) {
            return value;
        }
        if (!Double.isNaN(lastMs)) {
            level = level * Math.exp((lastMs - ms) / tauMs) + value - last;
        }
        lastMs = ms;
        last = value;
        return level;
    }
}
