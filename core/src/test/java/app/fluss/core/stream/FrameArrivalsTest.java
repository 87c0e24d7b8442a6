package app.fluss.core.stream;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

class FrameArrivalsTest {
    /// Two packets for each image: 2400 bytes, 50 images/s, all key frames.
    private static final TrafficShape SHAPE = new TrafficShape(50, 0.96, 0.02, 1, false);

    @Test
    void anImageIsWholeWithItsLastPacket() {
        double[] sent = {0, 0, 20, 20, 40, 40, 60, 60};
        double[] received = {105, 106, 125, 129, 145, Double.NaN, 165.5, 166};
        PacketLog log = new PacketLog(LongStream.range(0, 8).toArray(), sent, received);
        FrameArrivals arrivals = FrameArrivals.of(log, SHAPE, 4);
        assertThat(arrivals.transitMs(0)).isCloseTo(1, within(1e-9));
        assertThat(arrivals.transitMs(1)).isCloseTo(4, within(1e-9));
        assertThat(arrivals.transitMs(2)).isNaN();
        assertThat(arrivals.incomplete()).isEqualTo(1);
        assertThat(arrivals.inTimeShare(0).orNaN()).isEqualTo(0.5);
        assertThat(arrivals.inTimeShare(3).orNaN()).isEqualTo(0.75);
        assertThat(arrivals.bufferMs(0.5).orNaN()).isCloseTo(0, within(1e-9));
        assertThat(arrivals.bufferMs(0.75).orNaN()).isCloseTo(3, within(1e-9));
        assertThat(arrivals.bufferMs(0.99).toString()).contains("1 of 4 images never arrived whole");
    }

    @Test
    void aPacketThatIsNotInTheLogIsLost() {
        PacketLog log = new PacketLog(new long[] {0, 1, 3}, new double[] {0, 0, 20}, new double[] {5, 5, 25});
        assertThat(FrameArrivals.of(log, SHAPE, 2).incomplete()).isEqualTo(1);
        assertThat(FrameArrivals.of(log, SHAPE, 0).bufferMs(0.99).isKnown()).isFalse();
    }

    /// 1920 × 1080 at 60/s and 40 Mbit/s: 40e6 / (2 073 600 · 60) = 0.321502 bits a pixel, 666 667 bits an
    /// image, 0.740741 ms on 900 Mbit/s. Derived.
    @Test
    void bitsOfAPicture() {
        StreamPicture picture = new StreamPicture(1920, 1080, 60, 40);
        assertThat(picture.bitsPerPixel()).isCloseTo(0.32150206, within(1e-8));
        assertThat(picture.bitsPerImage()).isCloseTo(666_666.667, within(1e-3));
        assertThat(picture.serialisationMs(900)).isCloseTo(0.74074074, within(1e-8));
        StreamPicture four = picture.alike(3840, 2160, 60);
        assertThat(four.bitRateMbps()).isCloseTo(160, within(1e-9));
    }

    private static StreamBudget budget(double linkMbps, double encodeMs, double bufferMs, double... transitMs) {
        return new StreamBudget(
                new StreamPicture(1920, 1080, 50, 40),
                linkMbps,
                encodeMs,
                2,
                bufferMs,
                Optional.of(FrameArrivals.of(new TrafficShape(50, 40, 0.02, 1, false), transitMs)));
    }

    @Test
    void theLargestPictureIsBoundByWhatFailsFirst() {
        // Nothing varies: the encoder, which has 20 ms and takes 5 for this picture, allows four times the pixels.
        StreamBudget.Outlook encoder = budget(10_000, 5, 4, 1, 1, 1).largest(50).orElseThrow();
        assertThat(encoder.picture().widthPx()).isEqualTo(3840);
        assertThat(encoder.encodeMs().orNaN()).isCloseTo(20, within(1e-9));
        StreamBudget tooSlow = budget(10_000, 5, 4, 1, 1, 1);
        assertThat(tooSlow.outlook(tooSlow.picture().alike(3856, 2169, 50)).bound())
                .isEqualTo(StreamBudget.Bound.ENCODER);
        // The link: 40 Mbit/s of a link that may be filled with 68 of 80 allow 1.7 times the pixels.
        StreamBudget.Outlook link = budget(80, 1, 4, 1, 1, 1).largest(50).orElseThrow();
        assertThat(link.picture().bitRateMbps()).isBetween(66.0, 68.0);
        // One image in three is late by more than the buffer, whatever its size.
        assertThat(budget(10_000, 5, 4, 1, 1, 9).largest(50)).isEmpty();
    }

    @Test
    void whatIsNotStatedIsNamed() {
        StreamBudget open =
                new StreamBudget(new StreamPicture(1920, 1080, 50, 40), Double.NaN, Double.NaN, 2, 4, Optional.empty());
        StreamBudget.Outlook now = open.outlook(open.picture());
        assertThat(now.inTime().toString()).contains("not probed");
        assertThat(now.addedMs().toString()).contains("encode an image").contains("link's rate");
        assertThat(open.largest(50)).isEmpty();
    }
}
