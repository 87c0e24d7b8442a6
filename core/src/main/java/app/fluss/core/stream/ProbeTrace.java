package app.fluss.core.stream;

/// What a link probe saw.
///
/// @param shape of the traffic from host to client
/// @param images that were sent, from image 0
/// @param packets of the images, numbered as the shape numbers them: sent by the host's clock, received by the client's
/// @param inputs small packets from the client that the host sent back at once: when each was sent and
///     when it was back, both by the client's clock
/// @param simulated whether a stand-in was between them
public record ProbeTrace(TrafficShape shape, int images, PacketLog packets, PacketLog inputs, boolean simulated) {
    /// @throws IllegalArgumentException unless an image was sent
    public ProbeTrace {
        if (images < 1) {
            throw new IllegalArgumentException("images must be 1 or more, got " + images);
        }
    }
}
