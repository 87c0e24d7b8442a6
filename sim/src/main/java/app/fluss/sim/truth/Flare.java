package app.fluss.sim.truth;

/// Light near the sensor that no click caused, as of a fire.
///
/// @param atMs when it begins, ms
/// @param lastsMs how long it lasts, ms
/// @param share its height as a share of full light
public record Flare(double atMs, double lastsMs, double share) {
    private static final double EDGE_MS = 6;

    /// Its light at a time, as a share of full light: up and down within a few milliseconds.
    public double at(double ms) {
        double within = Math.min(ms - atMs, atMs + lastsMs - ms);
        return within <= 0 ? 0 : share * Math.min(1, within / EDGE_MS);
    }
}
