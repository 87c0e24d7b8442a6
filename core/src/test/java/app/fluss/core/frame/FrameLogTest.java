package app.fluss.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Locale;
import org.junit.jupiter.api.Test;

class FrameLogTest {
    private static final double[] PRESENT = {0, 10, 20, 30, 40};

    private static FrameLog log() {
        return FrameLog.presentedAt(PRESENT.clone(), 5)
                .channel(Channel.GPU, new double[] {1, 2, Double.NaN, 4, 5})
                .kinds(new byte[] {FrameKind.RENDERED.code(), FrameKind.GENERATED.code(), FrameKind.UNKNOWN.code(), 0, 0
                })
                .build();
    }

    @Test
    void aStretchHasItsStartAndNotItsEnd() {
        FrameSlice slice = log().between(10, 30);
        assertThat(slice.from()).isEqualTo(1);
        assertThat(slice.to()).isEqualTo(3);
        assertThat(slice.size()).isEqualTo(2);
        assertThat(log().between(100, 200).size()).isZero();
        assertThat(log().between(Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY)
                        .size())
                .isEqualTo(5);
    }

    @Test
    void anEmptyOrImpossibleStretchIsRefused() {
        assertThatThrownBy(() -> log().between(30, 10)).hasMessageContaining("fromMs must be below toMs");
        assertThatThrownBy(() -> log().between(Double.NaN, 10)).hasMessageContaining("fromMs must be below toMs");
        assertThatThrownBy(() -> new FrameSlice(log(), 3, 9)).hasMessageContaining("slice must lie in 0..5");
    }

    @Test
    void columnsThatAreTooShortAreRefused() {
        assertThatThrownBy(() -> FrameLog.presentedAt(new double[2], 3)).hasMessageContaining("size must be in 0..2");
        assertThatThrownBy(() -> FrameLog.presentedAt(new double[3], 3).channel(Channel.CPU, new double[2]))
                .hasMessage("cpu_ms must have at least 3 values, got 2");
    }

    @Test
    void kindsAndColumnsAreWhatWasGiven() {
        assertThat(log().kind(1)).isEqualTo(FrameKind.GENERATED);
        assertThat(log().kindsStated()).as("of one image it is not said").isFalse();
        assertThat(FrameLog.presentedAt(new double[2], 2)
                        .kinds(new byte[] {FrameKind.RENDERED.code(), FrameKind.GENERATED.code()})
                        .build()
                        .kindsStated())
                .isTrue();
        assertThat(log().has(Channel.POWER)).isFalse();
        assertThat(log().channel(Channel.GPU).orElseThrow().at(2)).isNaN();
        FrameLog bare = FrameLog.presentedAt(PRESENT.clone(), 5).build();
        assertThat(bare.kind(0)).isEqualTo(FrameKind.UNKNOWN);
        assertThat(bare.kindsStated()).isFalse();
    }

    /// Nobody can change a log through what it hands out.
    @Test
    void whatIsHandedOutIsACopy() {
        FrameLog log = FrameLog.presentedAt(PRESENT.clone(), 5)
                .segmentStarts(new int[] {3})
                .build();
        log.present().copy(0, 5)[0] = 99;
        log.segmentStarts()[0] = 1;
        assertThat(log.present().at(0)).isZero();
        assertThat(log.startsSegment(3)).isTrue();
        assertThat(log.startsSegment(1)).isFalse();
    }

    @Test
    void headersAreUniqueAndKnown() {
        for (Channel channel : Channel.values()) {
            assertThat(Channel.ofHeader(channel.header().toUpperCase(Locale.ROOT)))
                    .contains(channel);
        }
        assertThat(Channel.ofHeader("colour")).isEmpty();
    }
}
