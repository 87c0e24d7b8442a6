package app.fluss.core.feel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.IntFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

final class StimuliTest {
    private static final double WIDTH = 900;
    private static final double HEIGHT = 560;

    /// Every picture of a whole task, walked at two refresh rates: nothing flashes, nothing changes as a
    /// whole.
    @ParameterizedTest
    @EnumSource(value = FeelTask.class, names = "AIM", mode = EnumSource.Mode.EXCLUDE)
    void nothingFlashes(FeelTask task) {
        for (double hz : new double[] {60, 144}) {
            List<FeelPicture> pictures = played(task, hz, 8);
            FlashLimits seen = FlashLimits.of(pictures::get, pictures.size(), hz, WIDTH, HEIGHT, 10);
            assertThat(seen.areKept()).as("%s at %s: %s", task, hz, seen).isTrue();
            if (task != FeelTask.DELAY) {
                assertThat(seen.perSecond())
                        .as("its greys lie too near for a flash")
                        .isZero();
                assertThat(seen.changingPx2()).isZero();
            }
            assertThat(pictures).allSatisfy(StimuliTest::cannotFlash);
        }
    }

    /// Whatever moves and however: bars differ by too little for a flash, and all discs together cover
    /// too little.
    private static void cannotFlash(FeelPicture picture) {
        double discs = 0;
        for (FeelPicture.Mark mark : picture.marks()) {
            switch (mark) {
                case FeelPicture.Bar bar ->
                    assertThat(bar.luminance() - picture.ground()).isBetween(0.0, 0.0999);
                case FeelPicture.Disc disc -> discs += Math.PI * disc.radius() * disc.radius();
            }
        }
        assertThat(discs).isLessThan(FlashLimits.AREA_PX2);
        assertThat(picture.ground()).isBetween(0.005, 0.05);
    }

    /// What the window itself walks before it shows a task.
    @ParameterizedTest
    @EnumSource(FeelTask.class)
    void rehearsalKeepsTheLimits(FeelTask task) {
        for (double hz : new double[] {30, 60, 240}) {
            FlashLimits seen = Rehearsal.of(task, ThroughputTest.ticks(hz), new Random(4), 1600, 900);
            assertThat(seen.areKept()).as("%s at %s: %s", task, hz, seen).isTrue();
        }
    }

    @Test
    void nothingFlashesWhileAiming() {
        Aim aim = new Aim(ThroughputTest.ticks(60), new Random(4));
        List<FeelPicture> pictures = new ArrayList<>();
        long now = 0;
        for (int i = 0; i < 1200; i++) {
            now += 16_666_667;
            aim.pulse(now);
            aim.pointed(now, 450 + 300 * Math.sin(i / 9.0), 280 + 200 * Math.cos(i / 7.0));
            if (i % 20 == 0) {
                aim.clicked(now, 450, 280, WIDTH, HEIGHT);
            }
            pictures.add(aim.picture(WIDTH, HEIGHT));
        }
        assertThat(FlashLimits.of(pictures::get, pictures.size(), 60, WIDTH, HEIGHT, 10)
                        .areKept())
                .isTrue();
        assertThat(pictures).allSatisfy(StimuliTest::cannotFlash);
    }

    /// The pictures of some trials with a pointer that is swept over the field.
    private static List<FeelPicture> played(FeelTask task, double hz, int trials) {
        TwoIntervals session = new TwoIntervals(task, ThroughputTest.ticks(hz), new Random(11));
        List<FeelPicture> pictures = new ArrayList<>();
        for (int i = 0; session.staircases().trials().size() < trials; i++) {
            long now = Math.round(i * 1e9 / hz);
            session.pointed(now, WIDTH / 2 + 400 * Math.sin(i / 20.0), HEIGHT / 2 + 200 * Math.cos(i / 15.0));
            session.pulse(now);
            pictures.add(session.picture(WIDTH, HEIGHT));
            if (session.phase() == Phase.QUESTION) {
                session.answer(session.staircases().addedFirst());
            }
        }
        return pictures;
    }

    /// What the check itself says of pictures that are known to flash.
    @ParameterizedTest
    @CsvSource({
        // flashes a second, darker, brighter, size, kept
        "10, 0.0, 1.0, 900, false",
        "10, 0.0, 0.12, 900, false",
        "10, 0.0, 0.08, 900, true",
        "10, 0.85, 1.0, 900, true",
        "10, 0.0, 1.0, 100, true",
        "5, 0.1, 0.5, 300, false"
    })
    void flashIsToldByItsChangeItsDarknessAndItsArea(
            double hz, double darker, double brighter, double size, boolean kept) {
        IntFunction<FeelPicture> flashing = i -> new FeelPicture(
                0.02,
                List.of(new FeelPicture.Disc(
                        450,
                        280,
                        size / 2,
                        Math.floorMod((int) Math.floor(i / 60.0 * hz * 2), 2) == 0 ? darker : brighter)));
        FlashLimits seen = FlashLimits.of(flashing, 180, 60, WIDTH, HEIGHT, 10);
        assertThat(seen.flashingPx2() <= FlashLimits.AREA_PX2).as("%s", seen).isEqualTo(kept);
        if (brighter - darker >= 0.1 && darker < 0.8) {
            assertThat((double) seen.perSecond()).isCloseTo(hz, within(1.0));
        }
    }

    @Test
    void slowChangeOverManyPicturesIsAFlashToo() {
        IntFunction<FeelPicture> pulsing =
                i -> new FeelPicture(0.3 + 0.2 * Math.sin(2 * Math.PI * 4 * i / 120.0), List.of());
        FlashLimits seen = FlashLimits.of(pulsing, 360, 120, WIDTH, HEIGHT, 50);
        assertThat(seen.perSecond()).isEqualTo(4);
        assertThat(seen.areKept()).isFalse();
    }

    /// The level of *evenness* is the motion timing error that the analyst's logs tell.
    @Test
    void unevennessIsTheMotionTimingErrorOfALog() {
        double hz = 60;
        int pulses = 20_000;
        double[] present = new double[pulses];
        double[] content = new double[pulses];
        Cadence cadence = new Cadence.Uneven(6, 77);
        for (int i = 0; i < pulses; i++) {
            present[i] = i * 1000 / hz;
            content[i] = cadence.moment(i, hz) * 1000 + 100;
        }
        double error = 0;
        for (int i = 1; i < pulses; i++) {
            error += Math.abs((content[i] - content[i - 1]) - (present[i] - present[i - 1]));
        }
        assertThat(error / (pulses - 1)).isCloseTo(6, within(0.1));
        assertThat(cadence.moment(7, hz)).isEqualTo(cadence.moment(7, hz));
    }

    @Test
    void ratesDivideTheRefreshRate() {
        assertThat(FeelTask.RATE.levels(60).only()).hasSize(4);
        for (double added : FeelTask.RATE.levels(144).only()) {
            double rate = ReachedRates.rate(added, 144);
            assertThat(144 / rate).isCloseTo(Math.rint(144 / rate), within(1e-9));
            assertThat(ReachedRates.refreshes(added, 144)).isEqualTo((int) Math.rint(144 / rate));
            Cadence lower = new Cadence.Lower(ReachedRates.refreshes(added, 144));
            assertThat(lower.moment(0, 144)).isEqualTo(lower.moment(ReachedRates.refreshes(added, 144) - 1, 144));
        }
    }
}
