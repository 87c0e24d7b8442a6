package app.fluss.sim;

import static app.fluss.sim.Benches.display;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.Values;
import app.fluss.core.measure.SyncMode;
import app.fluss.sim.scenario.Link;
import app.fluss.sim.scenario.Scenario;
import app.fluss.sim.scenario.Stream;
import app.fluss.sim.scenario.Work;
import app.fluss.sim.truth.Hitch;
import app.fluss.sim.truth.PacketTrace;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class StreamTest {
    private static Scenario over(Link link) {
        return Benches.steady(9, display(60, SyncMode.LATEST)).lasting(60).with(Benches.stream(link));
    }

    @Test
    void jitterIsThatOfRfc3550() {
        SimulatedRun run = Simulation.run(over(new Link(200, 2, 1.2, 0.8, 0.01, 0.05, 0, 0)));
        PacketTrace packets = run.packets().orElseThrow();
        double[][] arrived = IntStream.range(0, packets.size())
                .filter(i -> !Double.isNaN(packets.receivedUs()[i]))
                .mapToObj(i -> new double[] {packets.receivedUs()[i], packets.sentUs()[i]})
                .sorted((x, y) -> Double.compare(x[0], y[0]))
                .toArray(double[][]::new);
        double jitter = 0;
        for (int i = 1; i < arrived.length; i++) {
            double d = (arrived[i][0] - arrived[i - 1][0]) - (arrived[i][1] - arrived[i - 1][1]);
            jitter = jitter + (Math.abs(d) - jitter) / 16;
        }
        assertThat(run.truth().link().orElseThrow().jitterMs()).isCloseTo(jitter / 1000, within(1e-9));
        assertThat(jitter).isPositive();
    }

    @Test
    void delayLossAndOrderAreThoseOfTheLink() {
        SimulatedRun run = Simulation.run(over(new Link(300, 3, 0.5, 2, 0.02, 0, 0, 0)));
        PacketTrace packets = run.packets().orElseThrow();
        double serialMs = 1200 * 8 / 300_000.0;
        double fastest = Double.POSITIVE_INFINITY;
        double newest = 0;
        int lost = 0;
        for (int i = 0; i < packets.size(); i++) {
            if (Double.isNaN(packets.receivedUs()[i])) {
                lost++;
                continue;
            }
            fastest = Math.min(fastest, (packets.receivedUs()[i] - packets.sentUs()[i]) / 1000);
            assertThat(packets.receivedUs()[i]).as("in order").isGreaterThanOrEqualTo(newest);
            newest = packets.receivedUs()[i];
        }
        assertThat((double) lost / packets.size()).isCloseTo(0.02, within(0.002));
        assertThat(run.truth().link().orElseThrow().lost()).isEqualTo(lost);
        assertThat(fastest).isBetween(3.0, 3.0 + serialMs + 0.1);
        // 30 Mbit/s for a minute, in packets of 1200 bytes at most; asking again adds the lost ones once more.
        assertThat((double) packets.size()).isCloseTo(30e6 * 60 / 8 / 1200 * 1.02, withinPercentage(2));
    }

    @Test
    void packetsThatMayBeOvertakenAre() {
        PacketTrace packets = Simulation.run(over(new Link(300, 3, 2, 0.5, 0, 0.1, 0, 0)))
                .packets()
                .orElseThrow();
        double newest = 0;
        int overtaken = 0;
        for (int i = 0; i < packets.size(); i++) {
            overtaken += packets.receivedUs()[i] < newest ? 1 : 0;
            newest = Math.max(newest, packets.receivedUs()[i]);
        }
        assertThat(overtaken).isPositive();
    }

    /// Tick, encode, send, decode, buffer: with steady stages and a short queue every image takes the same way.
    @Test
    void theClientGetsEachImageAfterItsWayAndBuffer() {
        Stream steady =
                new Stream(60, 12, 1e2, 1, Work.steady(4), new Link(1000, 2, 0, 1, 0, 0, 0, 0), Work.steady(3), 5, 777);
        SimulatedRun run = Simulation.run(
                Benches.steady(9, display(240, SyncMode.VRR)).lasting(20).with(steady));
        double serial = 12e6 / 60 / 1e6;
        Values present = run.log().present();
        for (int i = 100; i < 200; i++) {
            double tick = Math.round((present.at(i) - 777 - 14 - serial) * 60 / 1000) * 1000.0 / 60;
            assertThat(present.at(i) - 777 - tick).isCloseTo(4 + serial + 2 + 3 + 5, within(0.01));
        }
        assertThat(run.log().channel(Channel.FRAME)).isPresent();
        assertThat(run.hostLog().orElseThrow().channel(Channel.FRAME)).isPresent();
        assertThat(run.hostLog().orElseThrow().has(Channel.DISPLAYED)).isFalse();
    }

    @Test
    void aLinkTooThinForTheVideoFallsBehindAndShowsIt() {
        SimulatedRun thin =
                Simulation.run(over(new Link(20, 2, 0, 1, 0, 0, 0, 0)).lasting(10));
        Values present = thin.log().present();
        double late = present.at(thin.log().size() - 1) - 12_345 - 10_000;
        assertThat(late).as("30 Mbit/s over 20 for 10 s, ms behind").isGreaterThan(3000);
    }

    @Test
    void hitchesAreBookedToWhatHitched() {
        Scenario calm = over(Benches.link());
        assertThat(Simulation.run(calm).truth().hitches()).isEmpty();
        SimulatedRun spikes = Simulation.run(over(new Link(200, 2, 0.6, 1.5, 0, 0, 10, 80)));
        assertThat(spikes.truth().hitches()).isNotEmpty().allMatch(h -> h.cause() == Hitch.Cause.NETWORK);
        Stream base = Benches.stream(Benches.link());
        Stream slowDecoder = new Stream(60, 30, 2, 4, base.encode(), base.link(), new Work(3, 0.1, 0, 5, 80), 8, 0);
        assertThat(Simulation.run(calm.with(slowDecoder)).truth().hitches())
                .isNotEmpty()
                .allMatch(h -> h.cause() == Hitch.Cause.DECODER);
        Stream slowEncoder = new Stream(60, 30, 2, 4, new Work(4, 0.1, 0, 5, 80), base.link(), base.decode(), 8, 0);
        assertThat(Simulation.run(calm.with(slowEncoder)).truth().hitches())
                .isNotEmpty()
                .allMatch(h -> h.cause() == Hitch.Cause.ENCODER);
    }
}
