package app.fluss.core.stream;

/// The packets of a [TrafficShape] from one key frame to the next: worked out once where many packets are
/// asked about.
final class BurstCycle {
    private final int images;
    private final double deltaBytes;
    private final double keyBytes;
    private final int deltaPackets;
    private final int keyPackets;

    BurstCycle(TrafficShape shape) {
        images = shape.keyEvery();
        deltaBytes = shape.deltaBytes();
        keyBytes = deltaBytes * shape.keyFactor();
        deltaPackets = packets(deltaBytes);
        keyPackets = packets(keyBytes);
    }

    private static int packets(double bytes) {
        return (int) Math.max(1, Math.ceil(bytes / TrafficShape.PACKET_BYTES));
    }

    double bytes(long image) {
        return image % images == 0 ? keyBytes : deltaBytes;
    }

    int packets(long image) {
        return image % images == 0 ? keyPackets : deltaPackets;
    }

    /// @param packet of the image, 0-based
    int packetBytes(long image, int packet) {
        double rest = bytes(image) - packet * (double) TrafficShape.PACKET_BYTES;
        return (int) Math.clamp(Math.rint(rest), 1, TrafficShape.PACKET_BYTES);
    }

    long firstPacket(long image) {
        long keys = (image + images - 1) / images;
        return keys * keyPackets + (image - keys) * deltaPackets;
    }

    long image(long packet) {
        long cycle = keyPackets + (images - 1L) * deltaPackets;
        long rest = packet % cycle - keyPackets;
        return packet / cycle * images + (rest < 0 ? 0 : 1 + rest / deltaPackets);
    }
}
