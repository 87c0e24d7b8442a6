package app.fluss.core.stream.blame;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Streams of 60 images a second by plain definition: each stage takes its time with a little spread, images wait for
/// those before them, and the client's display shows the newest at its next refresh. Causes of one to three frame
/// times are put in, one or two at once.
class BlameSmallCausesTest {
    private static final int IMAGES = 3000;
    private static final int EVERY = 60;
    private static final double STEP = 1000.0 / 60;
    private static final double REFRESH = 1000.0 / 240;

    private final SplittableRandom random = new SplittableRandom(17);
    private final double[] handed = new double[IMAGES];
    private final double[] encoded = new double[IMAGES];
    private final double[] received = new double[IMAGES];
    private final double[] decoded = new double[IMAGES];
    private final double[] shown = new double[IMAGES];
    private final double[] frame = new double[IMAGES];

    /// What is put in at every sixtieth image, ms by stage.
    private record Extra(double game, double encoder, double network, double decoder) {}

    private double spread() {
        return 0.3 * random.nextGaussian();
    }

    private List<ClientHitch> stream(Extra extra) {
        double display = 0;
        for (int i = 0; i < IMAGES; i++) {
            boolean late = i % EVERY == EVERY / 2;
            handed[i] = Math.max(i * STEP + (late ? extra.game : 0) + spread(), i == 0 ? 0 : handed[i - 1] + 0.4);
            encoded[i] = Math.max(handed[i], i == 0 ? 0 : encoded[i - 1]) + 4 + (late ? extra.encoder : 0) + spread();
            double wire = encoded[i] + 3 + (late ? extra.network : 0) + Math.abs(spread());
            received[i] = Math.max(wire, i == 0 ? 0 : received[i - 1] + 0.2);
            decoded[i] = Math.max(received[i], i == 0 ? 0 : decoded[i - 1]) + 2 + (late ? extra.decoder : 0) + spread();
            display = Math.max(Math.ceil((decoded[i] + 4) / REFRESH) * REFRESH, display + REFRESH);
            shown[i] = display;
            frame[i] = i;
        }
        // The client's clock is another one.
        FrameLog host = FrameLog.presentedAt(handed.clone(), IMAGES)
                .channel(Channel.FRAME, frame.clone())
                .channel(Channel.ENCODED, encoded.clone())
                .build();
        FrameLog client = FrameLog.presentedAt(moved(decoded), IMAGES)
                .channel(Channel.FRAME, frame.clone())
                .channel(Channel.RECEIVED, moved(received))
                .channel(Channel.DECODED, moved(decoded))
                .channel(Channel.DISPLAYED, moved(shown))
                .build();
        return Blame.of(host, client, Alignment.of(host, client));
    }

    private static double[] moved(double[] ms) {
        return Arrays.stream(ms).map(value -> value + 7e6).toArray();
    }

    private static Extra of(Cause cause, double ms) {
        return new Extra(
                cause == Cause.GAME ? ms : 0,
                cause == Cause.ENCODER ? ms : 0,
                cause == Cause.NETWORK ? ms : 0,
                cause == Cause.DECODER ? ms : 0);
    }

    @ParameterizedTest
    @CsvSource({
        "GAME, 1", "GAME, 2", "GAME, 3", "ENCODER, 1", "ENCODER, 2", "ENCODER, 3",
        "NETWORK, 1", "NETWORK, 2", "NETWORK, 3", "DECODER, 1", "DECODER, 2", "DECODER, 3"
    })
    void aCauseOfOneToThreeFrameTimesIsNamed(Cause cause, int frames) {
        List<ClientHitch> hitches = stream(of(cause, frames * STEP));
        assertThat(hitches).hasSizeGreaterThanOrEqualTo(IMAGES / EVERY * 9 / 10);
        for (ClientHitch hitch : hitches) {
            assertThat(hitch.cause()).as("at image %d", hitch.frame()).isIn(cause, Cause.UNKNOWN);
            assertThat(hitch.frame() % EVERY).isEqualTo(EVERY / 2);
        }
        assertThat(hitches)
                .filteredOn(hitch -> hitch.cause() == cause)
                .hasSizeGreaterThanOrEqualTo(IMAGES / EVERY * 9 / 10);
    }

    /// The larger of two is named, and the confidence is its share of both.
    @Test
    void ofTwoAtOnceTheLargerIsNamedWithItsShare() {
        List<double[]> pairs = List.of(new double[] {40, 20}, new double[] {50, 20}, new double[] {36, 18});
        for (double[] ms : pairs) {
            List<List<ClientHitch>> both = new ArrayList<>();
            both.add(stream(new Extra(ms[0], 0, ms[1], 0)));
            both.add(stream(new Extra(0, 0, ms[1], ms[0])));
            assertThat(both.get(0)).extracting(ClientHitch::cause).containsOnly(Cause.GAME);
            assertThat(both.get(1)).extracting(ClientHitch::cause).containsOnly(Cause.DECODER);
            double share = ms[0] / (ms[0] + ms[1]);
            for (List<ClientHitch> hitches : both) {
                assertThat(hitches).hasSizeGreaterThanOrEqualTo(IMAGES / EVERY * 9 / 10);
                assertThat(hitches)
                        .allSatisfy(hitch -> assertThat(hitch.confidence()).isBetween(share - 0.15, share + 0.15));
            }
        }
    }
}
