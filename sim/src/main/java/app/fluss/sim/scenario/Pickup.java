package app.fluss.sim.scenario;

/// What a recorder makes of the light.
///
/// @param couplingMs time constant with which a recorder that is coupled by a capacitor, as sound cards are, loses the
///     level, ms, 5 to 10000; 0 for one that keeps it
/// @param driftShare how far the level has drifted at the end, as a share of full light, -1 to 1
/// @param humShare mains hum of 50 Hz on the light, as a share of full light, 0 to 0.5
/// @param bits of the converter, 4 to 24; 0 for exact values
/// @param clipsAt light above this is cut off, as a share of full light, 0.1 to 2
/// @param jitterShare how far the samples of a trace wander about their even times, as a share of their distance,
///     0 to 0.9
/// @param gapsPerMinute places of a trace where samples are missing, /min, 0 to 60
/// @param gapMs how long each is, ms, 1 to 1000
public record Pickup(
        double couplingMs,
        double driftShare,
        double humShare,
        int bits,
        double clipsAt,
        double jitterShare,
        double gapsPerMinute,
        double gapMs) {
    /// A recorder that keeps the light as it is.
    public static final Pickup EXACT = new Pickup(0, 0, 0, 0, 2, 0, 0, 20);

    /// @throws IllegalArgumentException outside the ranges
    public Pickup {
        if (couplingMs != 0) {
            Range.within("coupling_ms", couplingMs, 5, 10_000);
        }
        Range.within("drift_share", driftShare, -1, 1);
        Range.within("hum_share", humShare, 0, 0.5);
        if (bits != 0) {
            Range.within("bits", bits, 4, 24);
        }
        Range.within("clips_at", clipsAt, 0.1, 2);
        Range.within("jitter_share", jitterShare, 0, 0.9);
        Range.within("gaps_per_minute", gapsPerMinute, 0, 60);
        Range.within("gap_ms", gapMs, 1, 1000);
    }

    /// The same coupled by a capacitor.
    public Pickup coupled(double ms) {
        return new Pickup(ms, driftShare, humShare, bits, clipsAt, jitterShare, gapsPerMinute, gapMs);
    }

    /// The same at even times without gaps.
    public Pickup even() {
        return new Pickup(couplingMs, driftShare, humShare, bits, clipsAt, 0, 0, gapMs);
    }

    /// Whether its samples are at even times without gaps.
    public boolean isEven() {
        return jitterShare == 0 && gapsPerMinute == 0;
    }
}
