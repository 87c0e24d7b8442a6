package app.fluss.core.latency.chain;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import org.junit.jupiter.api.Test;

class StreamStagesTest {
    private static final double NEVER = Double.NaN;

    private static FrameLog log(Channel channel, double... values) {
        return FrameLog.presentedAt(new double[] {0, 16, 33, 50}, 4)
                .channel(channel, values)
                .build();
    }

    /// An image that was not sent waits for the one that was; the last one nobody encoded.
    @Test
    void encodingEndsWithTheNextImageThatWasSent() {
        assertThat(StreamStages.encode(log(Channel.ENCODED, 5, NEVER, 39, NEVER))
                        .orElseThrow())
                .containsExactly(6, 23, 5);
        assertThat(StreamStages.encode(log(Channel.ENCODED, NEVER, NEVER, NEVER, NEVER)))
                .isEmpty();
        assertThat(StreamStages.encode(log(Channel.RECEIVED, 1, 2, 3, 4))).isEmpty();
    }

    @Test
    void decodingBeginsWhenAllOfAnImageIsThere() {
        assertThat(StreamStages.decode(log(Channel.RECEIVED, -7, 16, NEVER, 51)).orElseThrow())
                .as("received after it was handed on is a clock that is off")
                .containsExactly(7, 0);
        assertThat(StreamStages.decode(log(Channel.RECEIVED, NEVER, NEVER, NEVER, NEVER)))
                .isEmpty();
        assertThat(StreamStages.decode(log(Channel.ENCODED, 1, 2, 3, 4))).isEmpty();
    }
}
