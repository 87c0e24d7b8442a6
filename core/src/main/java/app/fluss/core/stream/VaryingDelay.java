package app.fluss.core.stream;

import app.fluss.core.measure.Figure;
import java.util.Arrays;

/// The one-way delay of each packet above the quickest ones. What the clocks differ by is taken out where that is
/// beyond doubt; a queue that grows is delay.
final class VaryingDelay {
    private final double[] ms;
    private final Figure drift;
    private final double queueMsPerS;

    private VaryingDelay(double[] ms, Figure drift, double queueMsPerS) {
        this.ms = ms;
        this.drift = drift;
        this.queueMsPerS = queueMsPerS;
    }

    static VaryingDelay of(PacketLog log) {
        return of(log, new PacketLog(new long[0], new double[0], new double[0]));
    }

    /// @param inputs round trips, which run on one clock
    static VaryingDelay of(PacketLog log, PacketLog inputs) {
        double[] keys = new double[log.size()];
        Arrays.setAll(keys, i -> log.cameIn(i) ? log.sentMs(i) : Double.NaN);
        int[] order = Ascending.order(keys);
        double[] sent = new double[order.length];
        double[] transit = new double[order.length];
        for (int i = 0; i < order.length; i++) {
            sent[i] = log.sentMs(order[i]);
            transit[i] = log.receivedMs(order[i]) - sent[i];
        }
        double[] ms = new double[log.size()];
        Arrays.fill(ms, Double.NaN);
        if (order.length == 0) {
            return new VaryingDelay(ms, Figure.missing("no packet came in"), 0);
        }
        ClockDrift clocks = ClockDrift.of(sent, transit, inputs);
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < order.length; i++) {
            transit[i] -= clocks.drift() * (sent[i] - sent[0]);
            least = Math.min(least, transit[i]);
        }
        for (int i = 0; i < order.length; i++) {
            ms[order[i]] = transit[i] - least;
        }
        Figure drift = clocks.isKnown()
                ? Figure.of(clocks.drift())
                : Figure.missing("no drift of the clocks stands out beyond doubt");
        return new VaryingDelay(ms, drift, clocks.queueMsPerS());
    }

    /// Of a packet, ms; NaN if it never came.
    double ms(int packet) {
        return ms[packet];
    }

    /// Of all that came in, ms, by number.
    double[] known() {
        return Arrays.stream(ms).filter(delay -> !Double.isNaN(delay)).toArray();
    }

    /// How much faster the receiver's clock runs.
    Figure drift() {
        return drift;
    }

    /// How much a queue grows, ms a second; 0 where none does beyond doubt.
    double queueMsPerS() {
        return queueMsPerS;
    }
}
