package app.fluss.sim.stage;

import java.util.Arrays;

/// The packets of a stream in the order they were sent.
public final class Packets {
    private static final double TENTHS_OF_US = 1e4;

    /// Enough for the packets that a scenario may have, and for the retries on top.
    private static final int INDEX_BITS = 24;

    private static final long INDEX_MASK = (1L << INDEX_BITS) - 1;

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

    /// The packets that came in, in the order they did, to a tenth of a microsecond; ties by their number.
    public int[] inOrderOfArrival() {
        long[] keys = new long[size];
        int n = 0;
        for (int i = 0; i < size; i++) {
            if (!Double.isNaN(received[i])) {
                keys[n++] = (long) Math.rint(received[i] * TENTHS_OF_US) << INDEX_BITS | i;
            }
        }
        Arrays.sort(keys, 0, n);
        int[] order = new int[n];
        for (int i = 0; i < n; i++) {
            order[i] = (int) (keys[i] & INDEX_MASK);
        }
        return order;
    }
}
