package app.fluss.sim;

import app.fluss.core.stream.InterarrivalJitter;
import app.fluss.sim.stage.Packets;
import app.fluss.sim.truth.LinkTruth;
import app.fluss.sim.truth.PacketTrace;

/// What happened on a link, from its packets.
final class LinkView {
    private static final double US = 1000;

    private LinkView() {}

    static LinkTruth truth(Packets packets) {
        InterarrivalJitter jitter = new InterarrivalJitter();
        int[] arrived = packets.inOrderOfArrival();
        for (int p : arrived) {
            jitter.add(packets.sentMs(p), packets.receivedMs(p));
        }
        return new LinkTruth(packets.size(), packets.size() - arrived.length, jitter.value());
    }

    static PacketTrace trace(Packets packets) {
        int n = packets.size();
        double[] sent = new double[n];
        double[] received = new double[n];
        for (int p = 0; p < n; p++) {
            sent[p] = packets.sentMs(p) * US;
            received[p] = packets.receivedMs(p) * US;
        }
        return new PacketTrace(sent, received);
    }
}
