package app.fluss.sim.scenario;

/// Card memory that fills along the run. From 95 % on the game swaps, and hitches come the more often the less
/// is left.
///
/// @param capacityMb what the card has, megabytes, above 0, at most 1000000
/// @param startMb in use at the start, megabytes, 0 to 1000000
/// @param endMb in use at the end, megabytes, 0 to 1000000; what exceeds the capacity lies elsewhere
/// @param hitchesPerThousand hitches in a thousand frames when it is full, 0 to 1000
/// @param hitchMs what such a hitch adds, ms, 0 to 5000
public record Memory(double capacityMb, double startMb, double endMb, double hitchesPerThousand, double hitchMs) {
    /// Share of the capacity from which swapping begins. Common practice, no source.
    private static final double TIGHT = 0.95;

    /// @throws IllegalArgumentException outside the ranges
    public Memory {
        Range.above("capacity_mb", capacityMb, 0, 1e6);
        Range.within("start_mb", startMb, 0, 1e6);
        Range.within("end_mb", endMb, 0, 1e6);
        Range.within("hitches_per_thousand", hitchesPerThousand, 0, 1000);
        Range.within("hitch_ms", hitchMs, 0, 5000);
    }

    /// Megabytes in use after a share of the run, at most the capacity.
    public double usedMb(double shareOfRun) {
        return Math.min(capacityMb, wantedMb(shareOfRun));
    }

    /// Chance that a frame hitches after a share of the run, 0 to 1.
    public double hitchChance(double shareOfRun) {
        double over = (wantedMb(shareOfRun) / capacityMb - TIGHT) / (1 - TIGHT);
        return Math.clamp(over, 0, 1) * hitchesPerThousand / 1000;
    }

    private double wantedMb(double shareOfRun) {
        return startMb + Math.clamp(shareOfRun, 0, 1) * (endMb - startMb);
    }
}
