package app.fluss.core.stream.blame;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import java.util.Arrays;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Two logs of one stream without frame numbers, on clocks that have nothing in common.
class ByBestOffsetTest {
    private static final double STEP = 1000 / 60.0;

    /// An uneven host: one image in 40 comes one to four images late, and stays so.
    private static double[] host(int images, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        double[] at = new double[images];
        double late = 0;
        for (int i = 0; i < images; i++) {
            late += random.nextInt(40) == 0 ? STEP * (1 + 3 * random.nextDouble()) : 0;
            at[i] = i * STEP + late;
        }
        return at;
    }

    private static FrameLog log(double[] at) {
        return FrameLog.presentedAt(at.clone(), at.length).build();
    }

    private static double rightShare(Alignment alignment, int[] truth) {
        int right = 0;
        for (int i = 0; i < truth.length; i++) {
            right += alignment.hostOf(i) == truth[i] ? 1 : 0;
        }
        return (double) right / truth.length;
    }

    /// The client joins late and leaves early, loses one image in 50, and its clock is hours away.
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void imagesThatWereLostShiftNothing(long seed) {
        double[] host = host(3000, seed);
        SplittableRandom random = new SplittableRandom(100 + seed);
        int[] truth = new int[host.length];
        double[] client = new double[host.length];
        int n = 0;
        for (int i = 300; i < host.length - 200; i++) {
            if (random.nextInt(50) > 0) {
                truth[n] = i;
                client[n++] = host[i] + 12_345_678.9 + 3 * random.nextDouble();
            }
        }
        Alignment alignment = ByBestOffset.align(log(host), log(Arrays.copyOf(client, n)));
        assertThat(rightShare(alignment, Arrays.copyOf(truth, n))).isGreaterThan(0.98);
        assertThat(alignment.confidence()).isGreaterThan(0.25);
        assertThat(alignment.came(299)).isFalse();
        assertThat(alignment.came(truth[n - 1])).isTrue();
    }

    /// Nothing but steps: every whole number of images fits as well, and it says so.
    @Test
    void aSteadyStreamSpeaksForNoOffset() {
        double[] host = new double[2000];
        Arrays.setAll(host, i -> i * STEP);
        double[] client = Arrays.stream(host).map(at -> at + 7).toArray();
        assertThat(ByBestOffset.align(log(host), log(client)).confidence()).isZero();
    }

    @Test
    void logsThatShareNoHitchHaveLittleConfidence() {
        Alignment alignment = ByBestOffset.align(log(host(3000, 7)), log(host(3000, 8)));
        assertThat(alignment.confidence()).isLessThan(0.25);
    }

    /// What the host never encoded was never sent, so no image of the client can show it.
    @Test
    void onlyImagesThatWereEncodedAreTaken() {
        double[] host = host(2000, 3);
        double[] encoded = new double[host.length];
        Arrays.setAll(encoded, i -> i % 2 == 0 ? host[i] + 4 : Double.NaN);
        FrameLog hostLog = FrameLog.presentedAt(host.clone(), host.length)
                .channel(Channel.ENCODED, encoded)
                .build();
        double[] client = Arrays.stream(encoded)
                .filter(at -> !Double.isNaN(at))
                .map(at -> at + 5000)
                .toArray();
        Alignment alignment = ByBestOffset.align(hostLog, log(client));
        int[] truth = new int[client.length];
        Arrays.setAll(truth, i -> 2 * i);
        assertThat(rightShare(alignment, truth)).isGreaterThan(0.99);
    }

    @Test
    void logsTooShortToStepHaveNoPartners() {
        Alignment one = ByBestOffset.align(log(new double[] {0}), log(new double[] {5}));
        assertThat(one.hostOf(0)).isEqualTo(-1);
        assertThat(one.confidence()).isZero();
        Alignment stuck = ByBestOffset.align(log(new double[] {0, 1, 2}), log(new double[] {4, 4, 4}));
        assertThat(stuck.hostOf(2)).as("time does not pass at the client").isEqualTo(-1);
    }
}
