package app.fluss.core.stream;

/// What a link does to packets.
///
/// @param rateMbps what it carries, Mbit/s, above 0
/// @param delayMs one-way delay without load, ms, 0 or more
/// @param jitterMs mean of the extra delay of a packet, ms, 0 or more; gamma distributed
/// @param jitterShape shape of that gamma distribution, above 0; small is bursty
/// @param lossShare share of the packets that are lost, 0 to 1
/// @param reorderShare share of the packets that may be overtaken, 0 to 1
public record Impairment(
        double rateMbps, double delayMs, double jitterMs, double jitterShape, double lossShare, double reorderShare) {
    /// @throws IllegalArgumentException outside the ranges
    public Impairment {
        if (!(rateMbps > 0 && delayMs >= 0 && jitterMs >= 0 && jitterShape > 0)) {
            throw new IllegalArgumentException(
                    "rateMbps and jitterShape must be above 0, delayMs and jitterMs 0 or more, got %s, %s, %s and %s"
                            .formatted(rateMbps, jitterShape, delayMs, jitterMs));
        }
        if (!(lossShare >= 0 && lossShare <= 1 && reorderShare >= 0 && reorderShare <= 1)) {
            throw new IllegalArgumentException(
                    "lossShare and reorderShare must be in 0..1, got %s and %s".formatted(lossShare, reorderShare));
        }
    }
}
