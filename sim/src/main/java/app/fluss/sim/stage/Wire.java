package app.fluss.sim.stage;

import app.fluss.core.stream.ImpairedLink;
import app.fluss.core.stream.Impairment;
import app.fluss.sim.scenario.Link;
import app.fluss.sim.truth.Hitch;
import java.util.List;
import java.util.SplittableRandom;

/// A link at work that sometimes stands still for a while.
final class Wire {
    private static final double MINUTE_MS = 60_000;

    private final Link link;
    private final SplittableRandom random;
    private final ImpairedLink wire;
    private final List<Hitch> hitches;
    private final Packets packets = new Packets();
    private double spikeMs;

    Wire(Link link, SplittableRandom random, List<Hitch> hitches) {
        this.link = link;
        this.random = random;
        this.wire = new ImpairedLink(
                new Impairment(
                        link.rateMbps(),
                        link.delayMs(),
                        link.jitterMs(),
                        link.jitterShape(),
                        link.lossShare(),
                        link.reorderShare()),
                random);
        this.hitches = hitches;
        this.spikeMs = untilSpike();
    }

    private double untilSpike() {
        return link.spikesPerMinute() > 0
                ? -Math.log(1 - random.nextDouble()) * MINUTE_MS / link.spikesPerMinute()
                : Double.POSITIVE_INFINITY;
    }

    /// Sends one packet.
    ///
    /// @return when it came in, ms; NaN if it was lost
    double send(double readyMs, int bytes) {
        double begin = wire.beginMs(readyMs);
        while (begin >= spikeMs + link.spikeMs()) {
            spikeMs += link.spikeMs() + untilSpike();
        }
        if (begin >= spikeMs) {
            hitches.add(new Hitch(spikeMs, Hitch.Cause.NETWORK, link.spikeMs()));
            begin = spikeMs + link.spikeMs();
            spikeMs = begin + untilSpike();
        }
        double arrival = wire.send(begin, bytes);
        packets.add(begin, arrival);
        return arrival;
    }

    Packets packets() {
        return packets;
    }
}
