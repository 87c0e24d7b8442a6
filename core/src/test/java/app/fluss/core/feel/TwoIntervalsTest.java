package app.fluss.core.feel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

final class TwoIntervalsTest {
    private static final long FRAME = 16_666_667;

    private final TwoIntervals session = new TwoIntervals(FeelTask.DELAY, ThroughputTest.ticks(60), new Random(2));
    private long now;

    private void pulsesUntil(Phase wanted) {
        for (int i = 0; session.phase() != wanted; i++) {
            assertThat(i).as("pulses until %s", wanted).isLessThan(600);
            now += FRAME;
            session.pulse(now);
        }
    }

    @Test
    void drawnPointerIsLateByTheLevelInOneIntervalOnly() {
        for (Phase phase : List.of(Phase.FIRST, Phase.SECOND)) {
            pulsesUntil(phase);
            long began = now;
            // 1 px each ms from the moment the interval began.
            for (int i = 0; i < 60; i++) {
                now += FRAME;
                session.pointed(now, (now - began) / 1e6, 100);
                session.pulse(now);
            }
            FeelPicture.Disc drawn =
                    (FeelPicture.Disc) session.picture(900, 560).marks().getLast();
            boolean added = session.staircases().addedFirst() == (phase == Phase.FIRST);
            double late = added ? session.staircases().level() : 0;
            assertThat(drawn.x()).isCloseTo(60 * FRAME / 1e6 - late, within(0.1));
        }
    }

    /// A lower rate may only be told by its rate: the scene never steps back where an interval begins.
    @Test
    void lowerRateNeverStepsBack() {
        for (long seed = 0; seed < 12; seed++) {
            TwoIntervals rates = new TwoIntervals(FeelTask.RATE, ThroughputTest.ticks(60), new Random(seed));
            double before = Double.NaN;
            for (int i = 0; rates.phase() != Phase.QUESTION; i++) {
                rates.pulse(i * FRAME);
                double moment = rates.moment();
                assertThat(moment).isGreaterThanOrEqualTo(Double.isNaN(before) ? 0 : before);
                before = moment;
            }
        }
    }

    @Test
    void missedPulseThrowsTheTrialAwayAndIsCounted() {
        pulsesUntil(Phase.SECOND);
        now += 3 * FRAME;
        session.pulse(now);
        assertThat(session.phase()).isEqualTo(Phase.READY);
        assertThat(session.staircases().thrownAway()).isEqualTo(1);
        assertThat(session.staircases().trials()).isEmpty();
    }

    @Test
    void windowThatMissesEveryTrialIsToldOf() {
        for (int i = 0; i < TwoIntervals.HOPELESS; i++) {
            pulsesUntil(Phase.FIRST);
            now += 5 * FRAME;
            session.pulse(now);
        }
        assertThat(session.isHopeless()).isTrue();
        assertThat(session.phase()).isEqualTo(Phase.REST);
        session.goOn();
        assertThat(session.phase()).isEqualTo(Phase.READY);
    }

    @Test
    void answersCountOnlyWhenAsked() {
        session.answer(true);
        assertThat(session.staircases().trials()).isEmpty();
        for (int i = 0; i < TwoIntervals.REST_AFTER; i++) {
            pulsesUntil(Phase.QUESTION);
            session.answer(true);
        }
        assertThat(session.phase()).isEqualTo(Phase.REST);
        assertThat(Preference.of(session.staircases().trials()).isShown()).isTrue();
        assertThat(Preference.of(session.staircases().trials()).words()).contains("first interval");
    }

    @Test
    void fitOfTooFewTrialsIsRefusedWithTheNumber() {
        List<Trial> few = IntStream.range(0, 29)
                .mapToObj(i -> new Trial(10 + i, true, i % 4 != 0))
                .toList();
        assertThat(PsychometricFit.of(few).level().toString()).contains("29 trials; a threshold needs 30");
        List<Trial> allRight = IntStream.range(0, 60)
                .mapToObj(i -> new Trial(10 + i, true, true))
                .toList();
        assertThat(PsychometricFit.of(allRight).level().isKnown()).isFalse();
        assertThatThrownBy(() -> new Trial(0, true, true)).hasMessageContaining("above 0");
    }

    @Test
    void clockOfTheWindowIsToldFromItsPulses() {
        long[] nanos = new long[200];
        Random random = new Random(1);
        long at = 0;
        for (int i = 0; i < nanos.length; i++) {
            at += i == 50 || i == 120 ? 2 * FRAME : FRAME;
            nanos[i] = at + Math.round(2e5 * (random.nextDouble() - 0.5));
        }
        Pulses pulses = Pulses.of(nanos);
        assertThat(pulses.hz()).isCloseTo(60, within(0.2));
        assertThat(pulses.missed()).isEqualTo(2);
        assertThat(pulses.missedShare()).isCloseTo(2 / 201.0, within(1e-3));
        // The difference of two even errors of ±0.1 ms is 0.0667 ms away from 0 in the mean.
        assertThat(pulses.wanderMs()).isCloseTo(0.0667, within(0.02));
        assertThatThrownBy(() -> Pulses.of(new long[10])).hasMessageContaining("10 pulses");
    }

    @Test
    void medianOfSessionsStandsWithHowFarTheyRepeat() {
        List<Threshold> sessions = List.of(
                threshold(20),
                threshold(31),
                Threshold.missing("the answers do not tell where it lies", 70),
                threshold(24));
        Sessions all = Sessions.of(sessions);
        assertThat(all.median().orNaN()).isEqualTo(24);
        assertThat(all.range().orElseThrow().low()).isEqualTo(20);
        assertThat(all.range().orElseThrow().high()).isEqualTo(31);
        assertThat(all.given()).isEqualTo(3);
        assertThat(Sessions.of(List.of()).median().isKnown()).isFalse();
    }

    private static Threshold threshold(double ms) {
        return new Threshold(
                app.fluss.core.measure.Figure.of(ms),
                java.util.Optional.of(new app.fluss.core.compare.Interval(ms / 2, ms * 2)),
                0,
                4,
                90);
    }
}
