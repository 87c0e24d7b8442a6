package app.fluss.sim.stage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import app.fluss.core.gpu.Slot;
import app.fluss.sim.scenario.Game;
import app.fluss.sim.scenario.Link;
import app.fluss.sim.scenario.SecondGpu;
import app.fluss.sim.scenario.Work;
import app.fluss.sim.truth.Hitch;
import java.util.ArrayList;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Things that take one image, or one packet, after the other.
class QueuesTest {
    @Test
    void aFifoGivesEachImageItsRefreshAndRoomWhenOneIsShown() {
        Fifo fifo = new Fifo(10, 2);
        assertThat(fifo.roomMs()).isEqualTo(Double.NEGATIVE_INFINITY);
        assertThat(fifo.show(3)).isEqualTo(10);
        assertThat(fifo.show(4)).isEqualTo(20);
        assertThat(fifo.roomMs()).as("the first has been shown").isEqualTo(10);
        assertThat(fifo.show(10)).isEqualTo(30);
        assertThat(fifo.show(61)).as("late: the next refresh").isEqualTo(70);
        assertThat(fifo.show(80)).as("just in time").isEqualTo(80);
    }

    /// Packets of fixed length that come at random: an M/D/1 queue, whose mean wait is `rho / (2 (1 - rho))` services
    /// (Pollaczek 1930, Khinchine 1932, from memory).
    @ParameterizedTest
    @ValueSource(doubles = {0.3, 0.6, 0.9})
    void theLinkQueuesLikeMD1(double load) {
        double serviceMs = 1200 * 8 / 100_000.0;
        Wire wire = new Wire(new Link(100, 0, 0, 1, 0, 0, 0, 0), new SplittableRandom(1), new ArrayList<>());
        SplittableRandom random = new SplittableRandom(2);
        double at = 0;
        double waits = 0;
        int packets = 400_000;
        for (int i = 0; i < packets; i++) {
            at += -Math.log(1 - random.nextDouble()) * serviceMs / load;
            waits += wire.send(at, 1200) - at - serviceMs;
        }
        assertThat(waits / packets / serviceMs).isCloseTo(load / (2 * (1 - load)), withinPercentage(6));
    }

    @Test
    void aSecondCardCopiesOneFrameAfterTheOtherAndDropsWhatWouldPileUp() {
        Game game = Game.of(Work.steady(1), Work.steady(1));
        double copy = new Slot(1, 1).copyMs(2560, 1440, 4);
        OtherGpu card = new OtherGpu(new SecondGpu(new Slot(1, 1), 4, 2, 0, 0), game, new CardBusy());
        assertThat(card.arrive(0)).isCloseTo(copy + 2, within(1e-9));
        assertThat(card.arrive(1)).as("waits for the slot").isCloseTo(2 * copy + 2, within(1e-9));
        assertThat(card.arrive(2)).as("one is waiting already").isNaN();
        assertThat(card.arrive(2 * copy)).isCloseTo(3 * copy + 2, within(1e-9));
        assertThat(card.gameFreeMs(7)).as("the game's GPU is not held up").isEqualTo(7);
    }

    @Test
    void theGamesOwnGpuGivesTheGameWhatIsLeft() {
        SameGpu gpu = new SameGpu();
        assertThat(gpu.arrive(100)).isEqualTo(100);
        assertThat(gpu.make(2, 0)).isEqualTo(102);
        assertThat(gpu.make(2, 0)).isEqualTo(104);
        assertThat(gpu.gameFreeMs(100)).isEqualTo(104);
        assertThat(gpu.gameFreeMs(120)).as("given back").isEqualTo(120);
    }

    @Test
    void aSpikeHoldsEverythingUpUntilItEnds() {
        var hitches = new ArrayList<Hitch>();
        Wire wire = new Wire(new Link(100, 1, 0, 1, 0, 0, 60, 50), new SplittableRandom(4), hitches);
        double longest = 0;
        for (double at = 0; at < 60_000; at += 5) {
            longest = Math.max(longest, wire.send(at, 1200) - at);
        }
        assertThat(hitches.size()).isBetween(35, 85);
        // One may follow on another.
        assertThat(longest).isBetween(45.0, 112.0);
    }
}
