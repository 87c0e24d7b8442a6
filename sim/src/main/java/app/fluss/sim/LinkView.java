package app.fluss.sim;

import app.fluss.sim.stage.Packets;
import app.fluss.sim.truth.LinkTruth;
import app.fluss.sim.truth.PacketTrace;

/// What happened on a link, from its packets.
final class LinkView {
    private static final double US = 1000;
    private static final double GAIN = 1.0 / 16;

    private LinkView() {}

    /// Jitter after RFC 3550 section 6.4.1: over packets in the order they came in, `J += (|D| - J) / 16`.
    static LinkTruth truth(Packets packets) {
        double jitter = 0;
        double transitBefore = Double.NaN;
        int received = 0;
        for (int p : packets.inOrderOfArrival()) {
            double transit = packets.receivedMs(p) - packets.sentMs(p);
            if (received++ > 0) {
                jitter += GAIN * (Math.abs(transit - transitBefore) - jitter);
            }
            transitBefore = transit;
        }
        return new LinkTruth(packets.size(), packets.size() - received, jitter);
    }

    static PacketTrace trace(Packets packets) {
        int n = packets.size();
        int[] sequence = new int[n];
        double[] sent = new double[n];
        double[] received = new double[n];
        for (int p = 0; p < n; p++) {
            sequence[p] = p;
            sent[p] = packets.sentMs(p) * US;
            received[p] = packets.receivedMs(p) * US;
        }
        return new PacketTrace(sequence, sent, received);
    }
}
