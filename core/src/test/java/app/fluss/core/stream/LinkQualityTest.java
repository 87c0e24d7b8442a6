package app.fluss.core.stream;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

class LinkQualityTest {
    private static final double LOST = Double.NaN;

    private static PacketLog log(double[] sent, double[] received) {
        return new PacketLog(LongStream.range(0, sent.length).toArray(), sent, received);
    }

    /// RFC 3550 section 6.4.1 for the jitter, RFC 4737 for what is reordered (both from memory); values derived.
    @Test
    void jitterGoesByArrivalAndAPacketThatWasOvertakenIsReordered() {
        LinkQuality link =
                LinkQuality.of(log(new double[] {0, 10, 20, 30, 40, 50}, new double[] {50, 60, 71, 95, 90, 101}));
        assertThat(link.jitterMs().orNaN()).isCloseTo(1.860336304, within(1e-9));
        assertThat(link.reordered()).isEqualTo(1);
        assertThat(link.lost()).isZero();
        assertThat(link.lossShare().orNaN()).isZero();
    }

    @Test
    void lossesAreCountedWithGapsInTheNumbers() {
        PacketLog log =
                new PacketLog(new long[] {10, 11, 12, 15, 16, 17}, new double[] {0, 1, 2, 5, 6, 7}, new double[] {
                    3, LOST, LOST, LOST, 9, 10
                });
        LinkQuality link = LinkQuality.of(log);
        assertThat(link.sent()).isEqualTo(8);
        assertThat(link.received()).isEqualTo(3);
        assertThat(link.lost()).isEqualTo(5);
        assertThat(link.longestLossRun()).as("11 to 15").isEqualTo(5);
        assertThat(link.delaySpread().max().orNaN()).isCloseTo(0, within(1e-12));
    }

    @Test
    void offsetAndDriftOfTheClocksAreNotDelay() {
        int n = 3000;
        double[] sent = new double[n];
        double[] received = new double[n];
        for (int i = 0; i < n; i++) {
            sent[i] = i * 10.0;
            double delay = i % 10 == 0 ? 4 : i % 100 == 1 ? 30 : 5;
            received[i] = (sent[i] + delay) * (1 + 100e-6) - 7e6;
        }
        LinkQuality link = LinkQuality.of(log(sent, received));
        assertThat(link.drift().orNaN()).isCloseTo(100e-6, within(1e-7));
        assertThat(link.delaySpread().p50().orNaN()).isCloseTo(1, within(0.01));
        assertThat(link.delaySpread().max().orNaN()).isCloseTo(26, within(0.01));
    }

    @Test
    void whatCannotBeHadIsMissing() {
        LinkQuality none = LinkQuality.of(log(new double[] {0, 1}, new double[] {LOST, LOST}));
        assertThat(none.jitterMs().isKnown()).isFalse();
        assertThat(none.delaySpread().p99().isKnown()).isFalse();
        assertThat(none.drift().isKnown()).isFalse();
        assertThat(none.longestLossRun()).isEqualTo(2);
        assertThat(LinkQuality.of(log(new double[0], new double[0])).lossShare().isKnown())
                .isFalse();
        assertThatThrownBy(() -> new PacketLog(new long[] {2, 2}, new double[2], new double[2]))
                .hasMessageContaining("2 after 2");
    }
}
