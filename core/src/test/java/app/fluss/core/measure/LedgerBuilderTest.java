package app.fluss.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/// The rules by which a ledger is written, against plain models of a panel that are written here.
class LedgerBuilderTest {
    private static final double NEVER = Double.NaN;

    private static FrameLog displayedAt(double... ms) {
        double[] present = new double[ms.length];
        Arrays.setAll(present, i -> i);
        return FrameLog.presentedAt(present, ms.length)
                .channel(Channel.DISPLAYED, ms.clone())
                .build();
    }

    private static RefreshLedger ledger(FrameLog log, DisplayMode mode) {
        return RefreshLedger.of(log.all(), mode);
    }

    private static int[] images(RefreshLedger ledger) {
        int[] images = new int[ledger.shown()];
        Arrays.setAll(images, ledger::image);
        return images;
    }

    private static int[] refreshes(RefreshLedger ledger) {
        int[] refreshes = new int[ledger.shown()];
        Arrays.setAll(refreshes, ledger::refresh);
        return refreshes;
    }

    private static int[] lost(RefreshLedger ledger) {
        int[] lost = new int[ledger.lost()];
        Arrays.setAll(lost, ledger::lostImage);
        Arrays.sort(lost);
        return lost;
    }

    /// 100 Hz: a scan-out takes 10 ms at least, so an image that another follows within 5 ms was not shown whole.
    @Test
    void variableRefreshReplacesWhatHadLessThanHalfAScanOut() {
        RefreshLedger ledger = ledger(displayedAt(0, 12, 15, 30, NEVER, 44, 54), new DisplayMode(100, SyncMode.VRR));
        assertThat(images(ledger)).containsExactly(0, 2, 3, 5, 6);
        assertThat(lost(ledger)).containsExactly(1, 4);
        assertThat(ledger.shownAtMs(1))
                .as("it stands where the one it replaces began")
                .isEqualTo(12);
        assertThat(refreshes(ledger))
                .as("a scan-out each, for no floor is known")
                .containsExactly(0, 1, 2, 3, 4);
    }

    /// From 50 Hz on the panel repeats by itself: 20 ms are one scan-out, 20.1 ms two, 45 ms three.
    @Test
    void belowTheFloorThePanelRepeatsByItself() {
        double[] at = {0, 20, 40.1, 85.1, 95.1};
        RefreshLedger ledger = ledger(displayedAt(at), new DisplayMode(100, SyncMode.VRR, 50));
        assertThat(refreshes(ledger)).containsExactly(0, 1, 3, 6, 7);
    }

    /// Hand-over times alone: the panel takes an image when it is free, the newest where several wait.
    @ParameterizedTest
    @ValueSource(doubles = {3, 7, 9.5, 14, 30})
    void variableRefreshWithoutDisplayTimesTakesTheNewestThatWaits(double meanStep) {
        double[] present = Logs.randomTimes(400, meanStep, 5);
        double period = 10;
        List<Integer> expected = new ArrayList<>();
        List<Double> when = new ArrayList<>();
        double free = Double.NEGATIVE_INFINITY;
        int waiting = -1;
        for (int i = 0; i <= present.length; i++) {
            double now = i < present.length ? present[i] : Double.POSITIVE_INFINITY;
            if (waiting >= 0 && free < now) { // one that comes as the panel falls free goes before the one that waits
                expected.add(waiting);
                when.add(free);
                free += period;
                waiting = -1;
            }
            if (i == present.length) {
                break;
            }
            if (waiting < 0 && now >= free) {
                expected.add(i);
                when.add(now);
                free = now + period;
            } else {
                waiting = i;
            }
        }
        RefreshLedger ledger = ledger(Logs.presentedAt(present), new DisplayMode(1000 / period, SyncMode.VRR));
        assertThat(Arrays.stream(images(ledger)).boxed().toList()).isEqualTo(expected);
        for (int i = 0; i < when.size(); i++) {
            assertThat(ledger.shownAtMs(i)).isCloseTo(when.get(i), within(1e-9));
        }
        assertThat(ledger.lost()).isEqualTo(present.length - expected.size());
    }

    /// At each refresh the newest image of those handed over since the one before.
    @ParameterizedTest
    @ValueSource(doubles = {2, 8, 17})
    void latestTakesTheNewestAtEachRefresh(double meanStep) {
        double[] present = Logs.randomTimes(500, meanStep, 6);
        List<Integer> expected = new ArrayList<>();
        int newest = -1;
        int next = 0;
        for (int refresh = 0; next < present.length; refresh++) {
            while (next < present.length && present[next] <= refresh * 10.0 + 1e-9) {
                newest = next++;
            }
            if (newest >= 0 && (expected.isEmpty() || expected.getLast() != newest)) {
                expected.add(newest);
            }
        }
        while (next < present.length) {
            newest = next++;
        }
        if (expected.getLast() != newest) {
            expected.add(newest); // the refresh after the end of the log
        }
        RefreshLedger ledger = ledger(Logs.presentedAt(present), new DisplayMode(100, SyncMode.LATEST));
        assertThat(Arrays.stream(images(ledger)).boxed().toList()).isEqualTo(expected);
    }

    /// 200 images/s into 100 refreshes/s, each in its turn: when the log ends half of them still wait, which is not
    /// lost.
    @Test
    void whatStillWaitsWhenTheLogEndsIsNeitherShownNorLost() {
        double[] present = new double[201];
        Arrays.setAll(present, i -> i * 5.0);
        RefreshLedger ledger = ledger(Logs.presentedAt(present), new DisplayMode(100, SyncMode.FIFO));
        assertThat(ledger.shown()).isEqualTo(101);
        assertThat(ledger.lost()).isZero();
        assertThat(images(ledger)).startsWith(0, 1, 2).endsWith(99, 100);
        assertThat(ledger.deliveredRate().orNaN()).isCloseTo(100, within(1e-9));
    }

    /// Each scan-out in a thousand slices; its owner is who has most of them, if that is a third.
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6})
    void tearingCreditsAsAThousandSlicesDo(int seed) {
        SplittableRandom random = new SplittableRandom(seed);
        int slices = 1000;
        double[] starts = new double[300];
        for (int i = 1; i < starts.length; i++) {
            // Whole slices, so that the model has no rounding of its own; never two equal shares.
            starts[i] = starts[i - 1] + random.nextInt(60, 300 * seed) * 2 + (i % 2);
        }
        List<Integer> expected = new ArrayList<>();
        int refreshes = (int) (starts[starts.length - 1] / slices);
        int image = 0;
        for (int refresh = 0; refresh < refreshes; refresh++) {
            int[] owned = new int[starts.length];
            for (int slice = 0; slice < slices; slice++) {
                while (image + 1 < starts.length && starts[image + 1] <= refresh * slices + slice) {
                    image++;
                }
                owned[image]++;
            }
            int owner = 0;
            for (int i = 0; i < owned.length; i++) {
                owner = owned[i] > owned[owner] ? i : owner;
            }
            boolean enough = 3 * owned[owner] >= slices;
            if (enough && (expected.isEmpty() || expected.getLast() != owner)) {
                expected.add(owner);
            }
        }
        double[] ms = Arrays.stream(starts).map(start -> start / 100).toArray();
        RefreshLedger ledger = ledger(Logs.presentedAt(ms), new DisplayMode(100, SyncMode.TEARING));
        assertThat(Arrays.stream(images(ledger)).boxed().toList()).isEqualTo(expected);
        assertThat(ledger.lost()).isEqualTo(expected.getLast() + 1 - expected.size());
    }

    /// A clock that starts again: nothing is held from one part into the next, and refreshes go on counting.
    @Test
    void aRestartOfTheClockEndsEveryHold() {
        double[] at = {0, 10, 20, 30, 1000, 1010, 1020};
        for (SyncMode sync : SyncMode.values()) {
            FrameLog log = FrameLog.presentedAt(at.clone(), at.length)
                    .channel(Channel.DISPLAYED, at.clone())
                    .segmentStarts(new int[] {4})
                    .build();
            RefreshLedger ledger = ledger(log, new DisplayMode(100, sync));
            assertThat(ledger.holdCounts().keySet()).as("%s", sync).containsExactly(1);
            assertThat(ledger.deliveredRate().orNaN()).as("%s", sync).isCloseTo(100, within(1e-9));
            assertThat(refreshes(ledger)).as("%s", sync).isSorted().doesNotHaveDuplicates();
        }
    }

    @Test
    void withoutAGridEveryImageWithADisplayTimeIsShown() {
        double[] content = {0, 8, 8, 16, 24};
        FrameLog log = FrameLog.presentedAt(new double[] {0, 8, 9, 16, 24}, 5)
                .channel(Channel.DISPLAYED, new double[] {5, 13, 14, NEVER, 30})
                .channel(Channel.CONTENT, content)
                .build();
        LedgerRows rows = LedgerBuilder.everyDisplayed(
                log.all(), log.channel(Channel.DISPLAYED).orElseThrow());
        assertThat(rows.shown()).isEqualTo(4);
        assertThat(rows.repeats()).as("the third depicts what the second does").isEqualTo(1);
        assertThat(rows.distinctIntervalsMs()).containsExactly(8, 17);
        assertThat(rows.lost())
                .as("what no panel is known to have taken is not called lost")
                .isZero();
    }

    /// What was dropped is lost, and the others are shown as if it had never been handed over.
    @ParameterizedTest
    @EnumSource(SyncMode.class)
    void droppedImagesAreAsIfTheyHadNeverCome(SyncMode sync) {
        double[] present = Logs.randomTimes(300, 8, 12);
        double[] dropped = new double[present.length];
        SplittableRandom random = new SplittableRandom(3);
        Arrays.setAll(dropped, i -> i > 0 && i < 299 && random.nextInt(4) == 0 ? 1 : 0);
        int[] kept =
                IntStream.range(0, present.length).filter(i -> dropped[i] == 0).toArray();
        DisplayMode mode = new DisplayMode(100, sync);
        RefreshLedger whole = ledger(
                FrameLog.presentedAt(present, present.length)
                        .channel(Channel.DROPPED, dropped)
                        .build(),
                mode);
        RefreshLedger without = ledger(
                Logs.presentedAt(
                        Arrays.stream(kept).mapToDouble(i -> present[i]).toArray()),
                mode);
        assertThat(Arrays.stream(images(without)).map(i -> kept[i]).toArray()).isEqualTo(images(whole));
        assertThat(refreshes(whole)).isEqualTo(refreshes(without));
        assertThat(Arrays.stream(lost(whole)).filter(i -> dropped[i] == 0).toArray())
                .isEqualTo(Arrays.stream(lost(without)).map(i -> kept[i]).toArray());
        assertThat(lost(whole))
                .contains(IntStream.range(0, images(whole)[whole.shown() - 1])
                        .filter(i -> dropped[i] == 1)
                        .toArray());
    }
}
