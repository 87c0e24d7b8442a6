package app.fluss.sim.stage;

import java.util.Comparator;
import java.util.stream.IntStream;

/// The packets of a stream in the order they were sent.
public final class Packets {
    private double[] sent = new double[Columns.FIRST];
    private double[] received = new double[Columns.FIRST];
    private int size;

    void add(double sentMs, double receivedMs) {
        if (size == sent.length) {
            sent = Columns.longer(sent);
            received = Columns.longer(received);
        }
        sent[size] = sentMs;
        received[size++] = receivedMs;
    }

    /// Number of packets.
    public int size() {
        return size;
    }

    /// When a packet was sent, ms.
    public double sentMs(int packet) {
        return sent[packet];
    }

    /// When a packet came in, ms; NaN if it never did.
    public double receivedMs(int packet) {
        return received[packet];
    }

    /// The packets that came in, in the order they did.
    public int[] inOrderOfArrival() {
        return IntStream.range(0, size)
                .filter(i -> !Double.isNaN(received[i]))
                .boxed()
                .sorted(Comparator.comparingDouble(i -> received[i]))
                .mapToInt(Integer::intValue)
                .toArray();
    }
}
