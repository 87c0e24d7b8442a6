package app.fluss.sim.truth;

/// When each packet of a stream was sent and came in, microseconds, by its number from 0; one clock.
///
/// @param sentUs when it was sent
/// @param receivedUs when it came in; empty if it never did
@SuppressWarnings("ArrayRecordComponent") // made once, handed out as columns
public record PacketTrace(double[] sentUs, double[] receivedUs) {
    /// Number of packets.
    public int size() {
        return sentUs.length;
    }
}
