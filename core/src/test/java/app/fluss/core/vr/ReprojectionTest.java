package app.fluss.core.vr;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.compare.Interval;
import app.fluss.core.compare.Wilson;
import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.RefreshLedger;
import app.fluss.core.measure.SyncMode;
import java.util.Arrays;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReprojectionTest {
    private static final DisplayMode NINETY = new DisplayMode(90, SyncMode.FIFO);

    /// Wilson 1927, z = 1.959963985, no continuity correction; computed independently.
    @ParameterizedTest
    @CsvSource({
        "9, 90, 0.05350675, 0.17924175",
        "0, 100, 0, 0.03699350",
        "7, 20, 0.18119182, 0.56714572",
        "90, 90, 0.95906437, 1"
    })
    void wilsonsInterval(long hits, long trials, double low, double high) {
        Interval interval = Wilson.of(hits, trials);
        assertThat(interval.low()).isCloseTo(low, within(1e-8));
        assertThat(interval.high()).isCloseTo(high, within(1e-8));
    }

    @Test
    void noTrialsHaveNoShare() {
        assertThatThrownBy(() -> Wilson.of(0, 0)).hasMessageContaining("0 of 0");
        assertThatThrownBy(() -> Wilson.of(3, 2)).hasMessageContaining("3 of 2");
    }

    /// New images after these numbers of refreshes, over and over.
    private static Reprojection after(int images, int... steps) {
        double[] at = new double[images];
        double[] content = new double[images];
        int refresh = 0;
        for (int i = 0; i < images; i++) {
            at[i] = refresh * 1000.0 / 90;
            content[i] = i * 11.0;
            refresh += steps[i % steps.length];
        }
        FrameLog log = FrameLog.presentedAt(at.clone(), images)
                .channel(Channel.DISPLAYED, at)
                .channel(Channel.CONTENT, content)
                .build();
        return Reprojection.of(log, RefreshLedger.of(log.all(), NINETY));
    }

    @Test
    void fullHalfAndBelowHalf() {
        Reprojection full = after(91, 1);
        assertThat(full.refreshes()).isEqualTo(90);
        assertThat(full.withoutNewImage()).isZero();
        assertThat(full.fullTime().orNaN()).isEqualTo(1);
        assertThat(full.appFps().orNaN()).isCloseTo(90, within(1e-9));

        Reprojection half = after(91, 2);
        assertThat(half.share().orNaN()).isEqualTo(0.5);
        assertThat(half.halfTime().orNaN()).isEqualTo(1);
        assertThat(half.appFps().orNaN()).isCloseTo(45, within(1e-9));

        // Steps of 1, 2 and 4: of seven refreshes three are new; 1/7, 2/7 and 4/7 of the time.
        Reprojection mixed = after(91, 1, 2, 4);
        assertThat(mixed.refreshes()).isEqualTo(210);
        assertThat(mixed.share().orNaN()).isCloseTo(4.0 / 7, within(1e-12));
        assertThat(mixed.fullTime().orNaN()).isCloseTo(1.0 / 7, within(1e-12));
        assertThat(mixed.halfTime().orNaN()).isCloseTo(2.0 / 7, within(1e-12));
        assertThat(mixed.belowHalfTime().orNaN()).isCloseTo(4.0 / 7, within(1e-12));
        assertThat(mixed.longestSpell()).isEqualTo(3);
        assertThat(mixed.interval().orElseThrow().contains(4.0 / 7)).isTrue();
    }

    /// Misses in spells of 15 on average: refreshes are no independent draws, and the interval knows. Wilson's
    /// own covers about a third.
    @Test
    void spellsOfMissesAreNoIndependentDraws() {
        SplittableRandom random = new SplittableRandom(6);
        double truth = 15.0 / (15 + 285);
        int held = 0;
        int naive = 0;
        for (int round = 0; round < 600; round++) {
            Reprojection.Counter counter = new Reprojection.Counter();
            long without = 0;
            long all = 0;
            while (all < 5400) {
                // An image after a spell that lasts 1/15 likely to end at each refresh; else one at every refresh.
                long step = 1;
                if (random.nextDouble() < 1 / 285.0) {
                    do {
                        step++;
                    } while (random.nextDouble() > 1 / 15.0);
                }
                counter.step(step);
                without += step - 1;
                all += step;
            }
            Reprojection seen = counter.counted(90, false);
            held += seen.interval().orElseThrow().contains(truth) ? 1 : 0;
            naive += Wilson.of(without, all).contains(truth) ? 1 : 0;
            assertThat(seen.effectiveRefreshes().orNaN()).isLessThan(all / 5.0);
        }
        assertThat(held / 600.0).isBetween(0.92, 0.98);
        assertThat(naive / 600.0).isLessThan(0.5);
    }

    @Test
    void theCompositorsOwnImagesAreNotNew() {
        double[] at = new double[180];
        Arrays.setAll(at, i -> i * 1000.0 / 90);
        byte[] kinds = new byte[at.length];
        for (int i = 0; i < kinds.length; i++) {
            kinds[i] = (i % 2 == 0 ? FrameKind.RENDERED : FrameKind.GENERATED).code();
        }
        FrameLog log = FrameLog.presentedAt(at.clone(), at.length)
                .channel(Channel.DISPLAYED, at)
                .kinds(kinds)
                .build();
        Reprojection seen = Reprojection.of(log, RefreshLedger.of(log.all(), NINETY));
        assertThat(seen.share().orNaN()).isEqualTo(0.5);
    }

    @Test
    void oneImageTellsNothing() {
        Reprojection none = after(1, 1);
        assertThat(none.refreshes()).isZero();
        assertThat(none.share().isKnown()).isFalse();
        assertThat(none.interval()).isEmpty();
        assertThat(none.appFps().isKnown()).isFalse();
    }

    /// A row at each refresh may be a refresh as well as an image. Work that is done in time says that the application
    /// keeps up; work that is not says nothing.
    @ParameterizedTest
    @CsvSource({"1, NaN, true", "1, 13, true", "1, 8, false", "2, NaN, false"})
    void rowsThatMayBeRefreshesAreDoubted(int step, double gpuMs, boolean doubted) {
        double[] at = new double[300];
        Arrays.setAll(at, i -> i * step * 1000.0 / 90);
        double[] work = new double[at.length];
        Arrays.fill(work, gpuMs);
        FrameLog log =
                FrameLog.presentedAt(at, at.length).channel(Channel.GPU, work).build();
        assertThat(Reprojection.of(log, RefreshLedger.of(log.all(), NINETY)).rowsAlike())
                .isEqualTo(doubted);
        assertThat(after(91, 1).rowsAlike()).as("game times tell").isFalse();
    }
}
