package app.fluss.core.stream;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;

/// 1920 × 1080 at 60/s; the encoder takes 5 ms for it and has 16.667.
class StreamOutlooksTest {
    private static final StreamPicture PICTURE = new StreamPicture(1920, 1080, 60, 40);

    private static StreamOutlooks of(double encodeMs, Optional<FrameArrivals> probe) {
        return StreamOutlooks.of(new StreamBudget(PICTURE, 10_000, encodeMs, 2, 4, probe));
    }

    private static Optional<FrameArrivals> even() {
        return Optional.of(FrameArrivals.of(new TrafficShape(60, 40, 0.02, 1, false), new double[] {1, 1, 1, 1}));
    }

    /// 16.667 / 5 allows 3.333 times the pixels, 1.826 times the width, 3505 px: 3504 is the step of 16 below.
    @Test
    void whatOneWouldTry() {
        StreamOutlooks outlooks = of(5, even());
        assertThat(outlooks.usual())
                .extracting(outlook -> outlook.picture().widthPx())
                .containsExactly(1280, 2560, 3440, 3840);
        assertThat(outlooks.usual().getLast().bound()).isEqualTo(StreamBudget.Bound.ENCODER);
        assertThat(outlooks.twice().picture().fps()).isEqualTo(120);
        assertThat(outlooks.twice().picture().bitRateMbps()).isCloseTo(80, within(1e-9));
        assertThat(outlooks.largest().orElseThrow().picture().widthPx()).isEqualTo(3504);
        assertThat(outlooks.unknown()).isEmpty();
    }

    @Test
    void withoutAProbeNobodyCanTell() {
        StreamOutlooks outlooks = of(5, Optional.empty());
        assertThat(outlooks.largest()).isEmpty();
        assertThat(outlooks.unknown()).contains("the link was not probed");
    }

    @Test
    void thatNothingFitsIsKnown() {
        StreamOutlooks outlooks = of(1e9, even());
        assertThat(outlooks.largest()).isEmpty();
        assertThat(outlooks.unknown()).isEmpty();
    }
}
