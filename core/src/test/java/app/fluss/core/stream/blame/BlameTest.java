package app.fluss.core.stream.blame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Streams made by hand, so that every answer is known beforehand.
class BlameTest {
    private static final int IMAGES = 400;
    private static final double STEP = 1000.0 / 60;

    private final double[] handed = new double[IMAGES];
    private final double[] encoded = new double[IMAGES];
    private final double[] received = new double[IMAGES];
    private final double[] decoded = new double[IMAGES];
    private final double[] shown = new double[IMAGES];
    private final double[] frame = new double[IMAGES];

    private void steady() {
        for (int i = 0; i < IMAGES; i++) {
            handed[i] = i * STEP;
            encoded[i] = handed[i] + 4;
            received[i] = encoded[i] + 3 + 5e6;
            decoded[i] = received[i] + 2;
            shown[i] = decoded[i] + 6;
            frame[i] = 1000 + i;
        }
    }

    /// Delays an image and what follows of it, at a stage and all behind it.
    private static void delay(int image, double ms, double[]... from) {
        for (double[] stage : from) {
            stage[image] += ms;
        }
    }

    private FrameLog host(boolean stamps) {
        FrameLog.Builder log = FrameLog.presentedAt(handed.clone(), IMAGES).channel(Channel.FRAME, frame.clone());
        return (stamps ? log.channel(Channel.ENCODED, encoded.clone()) : log).build();
    }

    private FrameLog client() {
        return FrameLog.presentedAt(decoded.clone(), IMAGES)
                .channel(Channel.FRAME, frame.clone())
                .channel(Channel.RECEIVED, received.clone())
                .channel(Channel.DECODED, decoded.clone())
                .channel(Channel.DISPLAYED, shown.clone())
                .build();
    }

    private static List<ClientHitch> blame(FrameLog host, FrameLog client) {
        return Blame.of(host, client, Alignment.of(host, client));
    }

    @ParameterizedTest
    @CsvSource({"GAME", "ENCODER", "NETWORK", "DECODER", "CLIENT_DISPLAY"})
    void oneDelayedImageIsPutDownToItsStage(Cause cause) {
        steady();
        int late = 200;
        double ms = 40;
        switch (cause) {
            case GAME -> delay(late, ms, handed, encoded, received, decoded, shown);
            case ENCODER -> delay(late, ms, encoded, received, decoded, shown);
            case NETWORK -> delay(late, ms, received, decoded, shown);
            case DECODER -> delay(late, ms, decoded, shown);
            case CLIENT_DISPLAY, UNKNOWN -> delay(late, ms, shown);
        }
        // Images behind it cannot overtake: they wait for it, as in a real queue.
        for (double[] stage : new double[][] {handed, encoded, received, decoded, shown}) {
            for (int i = late + 1; i < late + 4; i++) {
                stage[i] = Math.max(stage[i], stage[i - 1] + 0.5);
            }
        }
        List<ClientHitch> hitches = blame(host(true), client());
        assertThat(hitches).hasSize(1);
        ClientHitch hitch = hitches.getFirst();
        assertThat(hitch.cause()).isEqualTo(cause);
        assertThat(hitch.frame()).isEqualTo(1200);
        assertThat(hitch.excessMs()).isCloseTo(ms, within(0.01));
        assertThat(hitch.confidence()).isGreaterThan(0.95);
        assertThat(hitch.endMs() - hitch.startMs()).isCloseTo(STEP + ms, within(0.01));
    }

    @Test
    void aStageWithoutAStampIsNotGuessed() {
        steady();
        delay(200, 40, encoded, received, decoded, shown);
        assertThat(blame(host(false), client()))
                .as("encoder or network")
                .singleElement()
                .satisfies(hitch -> {
                    assertThat(hitch.cause()).isEqualTo(Cause.UNKNOWN);
                    assertThat(hitch.confidence()).isZero();
                });
    }

    /// Single stamps that are missing cost their hitch its cause, and nothing else.
    @Test
    void stampsThatAreMissingHereAndThere() {
        steady();
        delay(200, 40, received, decoded, shown);
        delay(300, 40, shown);
        double[] present = decoded.clone();
        received[200] = Double.NaN;
        decoded[300] = Double.NaN;
        FrameLog host = host(true);
        frame[150] = Double.NaN;
        FrameLog client = FrameLog.presentedAt(present, IMAGES)
                .channel(Channel.FRAME, frame.clone())
                .channel(Channel.RECEIVED, received.clone())
                .channel(Channel.DECODED, decoded.clone())
                .channel(Channel.DISPLAYED, shown.clone())
                .build();
        List<ClientHitch> hitches = Blame.of(host, client, Alignment.of(host, client));
        assertThat(hitches).extracting(ClientHitch::cause).containsExactly(Cause.UNKNOWN, Cause.CLIENT_DISPLAY);
        assertThat(hitches).allSatisfy(hitch -> assertThat(hitch.confidence()).isBetween(0.0, 1.0));
    }

    @Test
    void noHitchReachesAcrossARestartOfTheClock() {
        steady();
        FrameLog host = host(true);
        for (double[] stamps : new double[][] {received, decoded, shown}) {
            for (int i = 200; i < IMAGES; i++) {
                stamps[i] -= 5e6;
            }
        }
        FrameLog client = FrameLog.presentedAt(decoded.clone(), IMAGES)
                .channel(Channel.FRAME, frame.clone())
                .channel(Channel.DISPLAYED, shown.clone())
                .segmentStarts(new int[] {200})
                .build();
        assertThat(blame(host, client)).isEmpty();
    }

    @Test
    void logsThatShareNothingGiveNoCause() {
        steady();
        delay(200, 40, received, decoded, shown);
        FrameLog other = FrameLog.presentedAt(new double[0], 0)
                .channel(Channel.FRAME, new double[0])
                .build();
        assertThat(blame(other, client()))
                .singleElement()
                .satisfies(hitch -> assertThat(hitch.cause()).isEqualTo(Cause.UNKNOWN));
        assertThat(blame(host(true), other)).isEmpty();
        Arrays.fill(frame, Double.NaN);
        FrameLog unnumbered = client();
        assertThat(Alignment.of(other, unnumbered).confidence()).isZero();
    }

    /// Two images of the host for one frame, a rendered and a generated one: kinds tell them apart.
    @Test
    void generatedImagesOfTheHostAreToldByTheirKind() {
        double[] present = {0, 8, 16, 24};
        FrameLog host = FrameLog.presentedAt(present.clone(), 4)
                .channel(Channel.FRAME, new double[] {1, 1, 2, 2})
                .kinds(kinds(FrameKind.GENERATED, FrameKind.RENDERED, FrameKind.GENERATED, FrameKind.RENDERED))
                .build();
        FrameLog client = FrameLog.presentedAt(new double[] {100, 116}, 2)
                .channel(Channel.FRAME, new double[] {1, 2})
                .kinds(kinds(FrameKind.RENDERED, FrameKind.RENDERED))
                .build();
        Alignment alignment = Alignment.of(host, client);
        assertThat(alignment.byNumber()).isTrue();
        assertThat(alignment.hostOf(0)).isEqualTo(1);
        assertThat(alignment.hostOf(1)).isEqualTo(3);
    }

    private static byte[] kinds(FrameKind... kinds) {
        byte[] codes = new byte[kinds.length];
        for (int i = 0; i < kinds.length; i++) {
            codes[i] = kinds[i].code();
        }
        return codes;
    }

    /// Without numbers, over twenty minutes with a client's clock that runs 100 ppm fast: 120 ms in the end, seven
    /// images.
    @Test
    void theOffsetFollowsClocksThatDrift() {
        int n = 72_000;
        SplittableRandom random = new SplittableRandom(9);
        double[] host = new double[n];
        double[] client = new double[n];
        double gaps = 0;
        for (int i = 0; i < n; i++) {
            gaps += random.nextInt(600) == 0 ? 50 + 40 * random.nextDouble() : 0;
            host[i] = i * STEP + gaps;
            client[i] = (host[i] + 9 + 2 * random.nextDouble()) * (1 + 100e-6) + 3e7;
        }
        FrameLog hostLog = FrameLog.presentedAt(host, n).build();
        FrameLog clientLog = FrameLog.presentedAt(client, n).build();
        Alignment alignment = Alignment.of(hostLog, clientLog);
        assertThat(alignment.byNumber()).isFalse();
        assertThat(alignment.confidence()).isGreaterThan(0.2);
        int right = 0;
        for (int i = 0; i < n; i++) {
            right += alignment.hostOf(i) == i ? 1 : 0;
        }
        assertThat(right).isGreaterThan((int) (0.99 * n));
        assertThat(Blame.of(hostLog, clientLog, alignment))
                .isNotEmpty()
                .allSatisfy(hitch -> assertThat(hitch.cause()).isEqualTo(Cause.GAME));
    }

    @Test
    void twoLanesStandOnOneClock() {
        steady();
        delay(200, 40, received, decoded, shown);
        FrameLog host = host(true);
        FrameLog client = client();
        TwoLanes lanes = TwoLanes.of(host, client, Alignment.of(host, client));
        assertThat(lanes.clientMs(100) - lanes.hostMs(100))
                .as("the quickest take no time")
                .isCloseTo(0, within(1e-6));
        assertThat(lanes.clientMs(200) - lanes.hostMs(200)).isCloseTo(40, within(1e-6));
        assertThat(lanes.isLate(200)).isTrue();
        assertThat(lanes.isLate(100)).isFalse();
        assertThat(lanes.firstHostAt(lanes.hostMs(50))).isEqualTo(50);
        assertThat(lanes.firstHostAt(1e12)).isEqualTo(lanes.hostImages());
        assertThat(lanes.hostOf(7)).isEqualTo(7);
        assertThat(lanes.clientImages()).isEqualTo(IMAGES);
    }

    /// 60/s on a display of 90 Hz: long and short stays by turns are all there is; a stay of three refreshes more is a
    /// hitch.
    @ParameterizedTest
    @CsvSource({"90", "144", "60", "75"})
    void theCadenceOfARateIsNoHitch(double hz) {
        steady();
        double refresh = 1000 / hz;
        int late = 250;
        delay(late, 50, shown);
        for (int i = 0; i < IMAGES; i++) {
            shown[i] = Math.ceil(shown[i] / refresh + 0.3) * refresh;
        }
        for (int i = late + 1; i < IMAGES; i++) {
            shown[i] = Math.max(shown[i], shown[i - 1]);
        }
        List<ClientHitch> hitches = blame(host(true), client());
        assertThat(hitches).hasSize(1);
        assertThat(hitches.getFirst().cause()).isEqualTo(Cause.CLIENT_DISPLAY);
    }

    /// Numbers that count the rows of each log by itself: the client came 37 images later. The game's hitches say so.
    @Test
    void numbersThatCountEachLogsOwnRowsAreNotBelieved() {
        steady();
        SplittableRandom random = new SplittableRandom(8);
        double late = 0;
        for (int i = 0; i < IMAGES; i++) {
            late += random.nextInt(30) == 0 ? 25 + 20 * random.nextDouble() : 0;
            for (double[] stage : new double[][] {handed, encoded, received, decoded, shown}) {
                stage[i] += late;
            }
        }
        FrameLog host = host(true);
        int joined = 37;
        int size = IMAGES - joined;
        FrameLog client = FrameLog.presentedAt(Arrays.copyOfRange(decoded, joined, IMAGES), size)
                .channel(Channel.FRAME, frame.clone())
                .channel(Channel.RECEIVED, Arrays.copyOfRange(received, joined, IMAGES))
                .channel(Channel.DISPLAYED, Arrays.copyOfRange(shown, joined, IMAGES))
                .build();
        Alignment alignment = Alignment.of(host, client);
        assertThat(alignment.byNumber()).isFalse();
        assertThat(alignment.hostOf(100)).isEqualTo(100 + joined);
        assertThat(blame(host, client)).isNotEmpty().allMatch(hitch -> hitch.cause() == Cause.GAME);
    }
}
