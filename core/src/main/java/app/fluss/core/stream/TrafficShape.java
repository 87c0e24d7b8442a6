package app.fluss.core.stream;

/// The traffic of a video stream: a burst of packets for each image, larger for a key frame.
///
/// @param fps images a second, above 0, at most 1000
/// @param bitRateMbps of the video, Mbit/s, above 0, at most 10000
/// @param keyEveryS time between key frames, s, above 0, at most 600
/// @param keyFactor size of a key frame over that of another, 1 to 50
/// @param paced whether the packets of an image are spread over most of the time to the next one
public record TrafficShape(double fps, double bitRateMbps, double keyEveryS, double keyFactor, boolean paced) {
    /// Payload of a packet, bytes: what fits into an Ethernet frame with some tunnelling. Common practice, no source.
    public static final int PACKET_BYTES = 1200;

    private static final double BYTES_PER_MEGABIT = 1e6 / 8;
    private static final double PACED_SHARE = 0.8;

    /// @throws IllegalArgumentException outside the ranges
    public TrafficShape {
        require("fps", fps, 0, 1000);
        require("bitRateMbps", bitRateMbps, 0, 10_000);
        require("keyEveryS", keyEveryS, 0, 600);
        if (!(keyFactor >= 1 && keyFactor <= 50)) {
            throw new IllegalArgumentException("keyFactor must be in 1..50, got " + keyFactor);
        }
    }

    private static void require(String name, double value, double above, double most) {
        if (!(value > above && value <= most)) {
            throw new IllegalArgumentException(
                    "%s must be above %s and at most %s, got %s".formatted(name, above, most, value));
        }
    }

    /// Time between images, ms.
    public double intervalMs() {
        return 1000 / fps;
    }

    /// Mean size of an image, bits.
    public double bitsPerImage() {
        return bitRateMbps * BYTES_PER_MEGABIT * Byte.SIZE / fps;
    }

    /// Images from one key frame to the next.
    public int keyEvery() {
        return (int) Math.max(1, Math.rint(keyEveryS * fps));
    }

    /// Size of an image, bytes: over a whole cycle they add up to the bit rate. Image 0 is a key frame.
    public double bytes(long image) {
        return cycle().bytes(image);
    }

    /// Size of an image that is no key frame, bytes.
    public double deltaBytes() {
        double mean = bitRateMbps * BYTES_PER_MEGABIT / fps;
        return mean / (1 + (keyFactor - 1) / keyEvery());
    }

    /// Packets that an image takes.
    public int packets(long image) {
        return cycle().packets(image);
    }

    /// Payload of a packet of an image, bytes; the last one holds the rest.
    ///
    /// @param packet 0-based, below [#packets]
    public int packetBytes(long image, int packet) {
        return cycle().packetBytes(image, packet);
    }

    /// Number of the first packet of an image, from 0.
    public long firstPacket(long image) {
        return cycle().firstPacket(image);
    }

    /// The image that a packet belongs to.
    public long image(long packet) {
        return cycle().image(packet);
    }

    BurstCycle cycle() {
        return new BurstCycle(this);
    }

    /// When a packet of an image is due, ms after image 0.
    public double dueMs(long image, int packet) {
        double spread = paced ? PACED_SHARE * intervalMs() * packet / packets(image) : 0;
        return image * intervalMs() + spread;
    }
}
