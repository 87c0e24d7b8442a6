package app.fluss.core.feel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

final class ThroughputTest {
    /// log2(D/W + 1), ISO 9241-411, from memory; values derived.
    @Test
    void difficultyIsThatOfTheStandard() {
        assertThat(Throughput.difficulty(256, 16)).isCloseTo(4.0874628, within(1e-7));
        assertThat(Throughput.difficulty(100, 100)).isEqualTo(1);
    }

    /// Ends at -10, 0 and 10 px along a way of 300: sd 8.6603 over nine, effective width 35.79, distance
    /// 300, 3.2294 bit in 0.8 s. Worked by hand with sqrt(2 pi e) = 4.1327.
    @Test
    void throughputIsWorkedByHand() {
        List<Reach> reaches = new ArrayList<>();
        for (int i = 0; i < 9; i++) {
            reaches.add(new Reach(40, 0, 0, 300, 0, 20, 300 + 10 * (i % 3 - 1), 3, 800));
        }
        double sd = Math.sqrt(6 * 100 / 8.0);
        double expected = Math.log(300 / (4.132731 * sd) + 1) / Math.log(2) / 0.8;
        assertThat(Throughput.ofSequence(reaches).orNaN()).isCloseTo(expected, within(1e-5));

        Throughput all = Throughput.byDelay(reaches).getFirst();
        assertThat(all.delayMs()).isEqualTo(40);
        assertThat(all.misses())
                .as("ends 10.4 px away from the middle of a target of 20 px")
                .isCloseTo(6 / 9.0, within(1e-9));
        assertThat(all.bits().interval()).as("one sequence has no spread").isEmpty();
    }

    /// A player by Fitts's law whose every ms of delay costs as much as it is long.
    @Test
    void delayCostsWhatItCosts() {
        Random random = new Random(8);
        Pulses pulses = ticks(60);
        Aim aim = new Aim(pulses, random);
        long now = 0;
        while (!aim.isDone()) {
            FeelPicture.Disc wanted = aim.wanted(1000, 700);
            double delay = aim.delayMs();
            long took = Math.round((400 + 2 * delay + 20 * random.nextGaussian()) * 1e6);
            for (long pulse = now; pulse < now + took; pulse += 16_666_667) {
                aim.pulse(pulse);
            }
            now += took;
            aim.clicked(now, wanted.x() + 5 * random.nextGaussian(), wanted.y() + 5 * random.nextGaussian(), 1000, 700);
        }
        List<Throughput> byDelay = Throughput.byDelay(aim.reaches());
        assertThat(byDelay).extracting(Throughput::delayMs).containsExactly(0.0, 40.0, 80.0, 160.0);
        assertThat(byDelay).allSatisfy(one -> {
            assertThat(one.reaches()).isEqualTo(27);
            assertThat(one.ms()).isCloseTo(400 + 2 * one.delayMs(), within(15.0));
            assertThat(one.bits().interval()).isPresent();
        });
        assertThat(byDelay.getLast().bits().figure().orNaN())
                .isLessThan(0.7 * byDelay.getFirst().bits().figure().orNaN());
        assertThat(aim.thrownAway()).isZero();
    }

    @Test
    void sequenceWithAMissedPulseIsRepeated() {
        Aim aim = new Aim(ticks(60), new Random(3));
        long now = 0;
        int clicks = 0;
        while (!aim.isDone()) {
            long gap = clicks == 4 ? 100_000_000 : 16_666_667;
            aim.pulse(now);
            now += gap;
            aim.pulse(now);
            aim.clicked(now, 500 + clicks % 7, 350, 1000, 700);
            clicks++;
        }
        assertThat(aim.thrownAway()).isEqualTo(1);
        assertThat(aim.reaches()).hasSize(12 * 9);
        assertThat(clicks).isEqualTo(13 * 10);
    }

    static Pulses ticks(double hz) {
        long[] nanos = new long[120];
        for (int i = 0; i < nanos.length; i++) {
            nanos[i] = Math.round(i * 1e9 / hz);
        }
        return Pulses.of(nanos);
    }
}
