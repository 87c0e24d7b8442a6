package app.fluss.sim.scenario;

/// How heat or a power limit slows the GPU along a run: its clock falls from full towards a settled share, by
/// `settled + (1 - settled) exp(-t / settling)`.
///
/// @param settledShare share of the full clock that is left in the end, 0.1 to 1
/// @param settlingS time constant of the fall, s, above 0, at most 3600
/// @param fullW power at full clock, W, above 0, at most 2000; it falls with the clock cubed
/// @param fullMhz full clock, MHz, above 0, at most 10000
/// @param coolC temperature at the start, degrees Celsius, 0 to 120
/// @param hotC temperature in the end, degrees Celsius, 0 to 120
public record Power(double settledShare, double settlingS, double fullW, double fullMhz, double coolC, double hotC) {
    /// @throws IllegalArgumentException outside the ranges
    public Power {
        Range.within("settled_share", settledShare, 0.1, 1);
        Range.above("settling_s", settlingS, 0, 3600);
        Range.above("full_w", fullW, 0, 2000);
        Range.above("full_mhz", fullMhz, 0, 10_000);
        Range.within("cool_c", coolC, 0, 120);
        Range.within("hot_c", hotC, 0, 120);
    }

    /// Share of the full clock at a time after the start, s.
    public double clockShare(double seconds) {
        return settledShare + (1 - settledShare) * Math.exp(-Math.max(0, seconds) / settlingS);
    }
}
