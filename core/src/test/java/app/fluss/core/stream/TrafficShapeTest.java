package app.fluss.core.stream;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TrafficShapeTest {
    @ParameterizedTest
    @CsvSource({"60, 40, 2, 6", "120, 5, 0.001, 3", "30, 0.1, 1, 50", "60, 80, 600, 1"})
    void packetsAndImagesAddUp(double fps, double mbps, double keyEveryS, double keyFactor) {
        TrafficShape shape = new TrafficShape(fps, mbps, keyEveryS, keyFactor, true);
        int cycle = shape.keyEvery();
        double bytes = 0;
        long packet = 0;
        for (long image = 0; image < cycle + 3L; image++) {
            bytes += image < cycle ? shape.bytes(image) : 0;
            assertThat(shape.firstPacket(image)).isEqualTo(packet);
            int payload = 0;
            for (int p = 0; p < shape.packets(image); p++) {
                assertThat(shape.image(packet++)).isEqualTo(image);
                payload += shape.packetBytes(image, p);
                assertThat(shape.dueMs(image, p)).isLessThan(shape.dueMs(image + 1, 0));
            }
            assertThat((double) payload).isCloseTo(Math.max(1, shape.bytes(image)), within(1.0));
        }
        assertThat(bytes * Byte.SIZE / (cycle / fps) / 1e6).as("Mbit/s").isCloseTo(mbps, within(mbps * 1e-9));
    }

    @Test
    void anUnpacedImageGoesOutAtOnce() {
        TrafficShape burst = new TrafficShape(60, 40, 2, 6, false);
        assertThat(burst.dueMs(3, burst.packets(3) - 1)).isEqualTo(burst.dueMs(3, 0));
        assertThatThrownBy(() -> new TrafficShape(0, 40, 2, 6, false)).hasMessageContaining("fps");
        assertThatThrownBy(() -> new TrafficShape(60, 40, 2, 51, false)).hasMessageContaining("keyFactor");
    }
}
