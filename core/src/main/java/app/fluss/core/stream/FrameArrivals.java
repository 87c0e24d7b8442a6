package app.fluss.core.stream;

import app.fluss.core.measure.Figure;
import java.util.Arrays;

/// When the images of a probe were whole at the receiver. The transit of an image is the time from its first packet
/// going out to its last one coming in, less the shortest delay of a packet, which no clock tells.
///
/// A client that holds images back for a buffer shows an image in time if its transit is at most that of the quickest
/// image and the buffer.
public final class FrameArrivals {
    private final TrafficShape shape;
    private final double[] transitMs;
    private final double[] wholeMs;

    private FrameArrivals(TrafficShape shape, double[] transitMs) {
        this.shape = shape;
        this.transitMs = transitMs;
        this.wholeMs = Arrays.stream(transitMs)
                .filter(ms -> !Double.isNaN(ms))
                .sorted()
                .toArray();
    }

    /// From the packets of a probe.
    ///
    /// @param log numbered as the shape numbers them
    /// @param images that were sent, from image 0; a packet that is not in the log is lost
    public static FrameArrivals of(PacketLog log, TrafficShape shape, int images) {
        return of(log, VaryingDelay.of(log), shape, images);
    }

    static FrameArrivals of(PacketLog log, VaryingDelay delay, TrafficShape shape, int images) {
        double[] firstSent = new double[images];
        double[] last = new double[images];
        int[] packets = new int[images];
        BurstCycle cycle = shape.cycle();
        Arrays.fill(firstSent, Double.POSITIVE_INFINITY);
        Arrays.fill(last, Double.NEGATIVE_INFINITY);
        for (int i = 0; i < log.size(); i++) {
            long image = cycle.image(log.sequence(i));
            if (image < images && log.cameIn(i)) {
                int at = (int) image;
                packets[at]++;
                firstSent[at] = Math.min(firstSent[at], log.sentMs(i));
                last[at] = Math.max(last[at], log.sentMs(i) + delay.ms(i));
            }
        }
        double[] transit = new double[images];
        for (int image = 0; image < images; image++) {
            transit[image] = packets[image] == cycle.packets(image) ? last[image] - firstSent[image] : Double.NaN;
        }
        return new FrameArrivals(shape, transit);
    }

    /// From transits that are known.
    ///
    /// @param transitMs of image 0 and on, ms; NaN for one that never was whole. Is copied
    public static FrameArrivals of(TrafficShape shape, double[] transitMs) {
        return new FrameArrivals(shape, transitMs.clone());
    }

    /// What was sent.
    public TrafficShape shape() {
        return shape;
    }

    /// Images that were sent.
    public int images() {
        return transitMs.length;
    }

    /// Images that never were whole.
    public int incomplete() {
        return transitMs.length - wholeMs.length;
    }

    /// Transit of an image, ms; NaN if it never was whole.
    public double transitMs(int image) {
        return transitMs[image];
    }

    /// Share of the images that a buffer shows in time, 0 to 1.
    ///
    /// @param bufferMs held back, ms, 0 or more
    public Figure inTimeShare(double bufferMs) {
        int inTime = 0;
        int late = wholeMs.length;
        while (inTime < late) {
            int middle = (inTime + late) >>> 1;
            if (wholeMs[middle] <= wholeMs[0] + bufferMs) {
                inTime = middle + 1;
            } else {
                late = middle;
            }
        }
        return Figure.ofFinite((double) inTime / transitMs.length, "no image was sent");
    }

    /// The same for another picture: each transit grows by what the further bits take on the link, and by the
    /// longer wait for images before it that are still being sent. If a share W of the images was whole,
    /// `W^ratio` would be, for packets are lost one by one. Key frames are taken to be as frequent among the
    /// images as in the probe, which at a higher rate is a little too often.
    ///
    /// @param bufferMs held back, ms, 0 or more
    /// @param linkMbps what the link carries, Mbit/s, above 0
    Figure inTimeShare(double bufferMs, double linkMbps, StreamPicture other) {
        double ratio = other.bitsPerImage() / shape.bitsPerImage();
        double quickest = Double.POSITIVE_INFINITY;
        double[] transit = new double[transitMs.length];
        double freeNow = 0;
        double freeThen = 0;
        BurstCycle cycle = shape.cycle();
        for (int image = 0; image < transit.length; image++) {
            double dueNow = image * shape.intervalMs();
            double dueThen = image * 1000 / other.fps();
            double sending = cycle.bytes(image) * Byte.SIZE / (linkMbps * 1000);
            freeNow = Math.max(freeNow, dueNow) + sending;
            freeThen = Math.max(freeThen, dueThen) + ratio * sending;
            transit[image] = transitMs[image] + (freeThen - dueThen) - (freeNow - dueNow);
            quickest = transit[image] < quickest ? transit[image] : quickest;
        }
        int inTime = 0;
        for (double ms : transit) {
            inTime += ms <= quickest + bufferMs ? 1 : 0;
        }
        double stillWhole = Math.pow((double) wholeMs.length / transit.length, ratio - 1);
        return Figure.ofFinite(inTime * stillWhole / transit.length, "no image was sent");
    }

    /// The shortest buffer that shows a share of the images in time, ms.
    ///
    /// @param share above 0, at most 1
    public Figure bufferMs(double share) {
        int needed = (int) Math.ceil(share * transitMs.length - 1e-9);
        if (needed == 0) {
            return Figure.missing("no image was sent");
        } else if (needed > wholeMs.length) {
            return Figure.missing("%d of %d images never arrived whole: no buffer helps, only fewer losses"
                    .formatted(incomplete(), transitMs.length));
        }
        return Figure.of(wholeMs[needed - 1] - wholeMs[0]);
    }
}
