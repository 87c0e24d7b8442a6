package app.fluss.sim.stage;

import app.fluss.sim.scenario.Link;
import app.fluss.sim.truth.Hitch;
import java.util.List;
import java.util.SplittableRandom;

/// A link at work: packets go out one after the other at its rate, and come in after its delay and jitter, in
/// order but for those that may be overtaken. Sometimes it stands still for a while.
final class Wire {
    private static final int BITS = 8;
    private static final double MINUTE_MS = 60_000;

    private final Link link;
    private final SplittableRandom random;
    private final List<Hitch> hitches;
    private final Packets packets = new Packets();
    private double freeMs = Double.NEGATIVE_INFINITY;
    private double newestMs = Double.NEGATIVE_INFINITY;
    private double spikeMs;

    Wire(Link link, SplittableRandom random, List<Hitch> hitches) {
        this.link = link;
        this.random = random;
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
        double begin = Math.max(readyMs, freeMs);
        while (begin >= spikeMs + link.spikeMs()) {
            spikeMs += link.spikeMs() + untilSpike();
        }
        if (begin >= spikeMs) {
            hitches.add(new Hitch(spikeMs, Hitch.Cause.NETWORK, link.spikeMs()));
            begin = spikeMs + link.spikeMs();
            spikeMs = begin + untilSpike();
        }
        freeMs = begin + bytes * BITS / (link.rateMbps() * 1000);
        boolean lost = random.nextDouble() < link.lossShare();
        double jitter =
                link.jitterMs() > 0 ? Gamma.next(random, link.jitterShape()) * link.jitterMs() / link.jitterShape() : 0;
        double arrival = freeMs + link.delayMs() + jitter;
        boolean mayBeOvertaken = random.nextDouble() < link.reorderShare();
        if (!mayBeOvertaken) {
            arrival = Math.max(arrival, newestMs);
            newestMs = arrival;
        }
        packets.add(begin, lost ? Double.NaN : arrival);
        return lost ? Double.NaN : arrival;
    }

    Packets packets() {
        return packets;
    }
}
