package app.fluss.sim.scenario;

/// A network link.
///
/// @param rateMbps what it carries, Mbit/s, above 0, at most 100000
/// @param delayMs one-way delay without load, ms, 0 to 1000
/// @param jitterMs mean of the extra delay of a packet, ms, 0 to 1000; gamma distributed
/// @param jitterShape shape of that gamma distribution, 0.2 to 20; small is bursty
/// @param lossShare share of the packets that are lost, 0 to 0.5; each is asked for again once
/// @param reorderShare share of the packets that may be overtaken, 0 to 0.5
/// @param spikesPerMinute times a minute that the link stands still, 0 to 600
/// @param spikeMs for how long, ms, 0 to 5000
public record Link(
        double rateMbps,
        double delayMs,
        double jitterMs,
        double jitterShape,
        double lossShare,
        double reorderShare,
        double spikesPerMinute,
        double spikeMs) {
    /// @throws IllegalArgumentException outside the ranges
    public Link {
        Range.above("rate_mbps", rateMbps, 0, 100_000);
        Range.within("delay_ms", delayMs, 0, 1000);
        Range.within("jitter_ms", jitterMs, 0, 1000);
        Range.within("jitter_shape", jitterShape, 0.2, 20);
        Range.within("loss_share", lossShare, 0, 0.5);
        Range.within("reorder_share", reorderShare, 0, 0.5);
        Range.within("spikes_per_minute", spikesPerMinute, 0, 600);
        Range.within("spike_ms", spikeMs, 0, 5000);
    }
}
