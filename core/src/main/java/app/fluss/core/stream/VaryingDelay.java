package app.fluss.core.stream;

import app.fluss.core.measure.Figure;
import java.util.Arrays;

/// The one-way delay of each packet above the quickest ones, with what the clocks differ by taken out.
final class VaryingDelay {
    private final double[] ms;
    private final Figure drift;

    private VaryingDelay(double[] ms, Figure drift) {
        this.ms = ms;
        this.drift = drift;
    }

    static VaryingDelay of(PacketLog log) {
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
            return new VaryingDelay(ms, Figure.missing("no packet came in"));
        }
        LowerEnvelope line = LowerEnvelope.of(sent, transit, order.length);
        for (int i = 0; i < order.length; i++) {
            ms[order[i]] = Math.max(0, transit[i] - line.at(sent[i]));
        }
        return new VaryingDelay(ms, Figure.of(line.slope()));
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
}
