package app.fluss.core.latency.chain;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.Values;
import java.util.Arrays;
import java.util.Optional;

/// Stages of a stream that its logs measure, each on one clock.
public final class StreamStages {
    private StreamStages() {}

    /// From hand-over of an image of the host until it or a newer one was encoded, ms.
    ///
    /// @return empty if the log does not know
    public static Optional<double[]> encode(FrameLog host) {
        Optional<Values> encoded = host.channel(Channel.ENCODED);
        if (encoded.isEmpty()) {
            return Optional.empty();
        }
        double[] waits = new double[host.size()];
        int n = 0;
        double next = Double.NaN;
        for (int i = host.size() - 1; i >= 0; i--) {
            double at = encoded.get().at(i);
            next = Double.isNaN(at) ? next : at;
            double wait = next - host.present().at(i);
            if (wait >= 0) {
                waits[n++] = wait;
            }
        }
        return n == 0 ? Optional.empty() : Optional.of(Arrays.copyOf(waits, n));
    }

    /// From all of an image being at the client until the client handed it on, ms: decoder and buffer.
    ///
    /// @return empty if the log does not know
    public static Optional<double[]> decode(FrameLog client) {
        Optional<Values> received = client.channel(Channel.RECEIVED);
        if (received.isEmpty()) {
            return Optional.empty();
        }
        double[] waits = new double[client.size()];
        int n = 0;
        for (int i = 0; i < client.size(); i++) {
            double wait = client.present().at(i) - received.get().at(i);
            if (wait >= 0) {
                waits[n++] = wait;
            }
        }
        return n == 0 ? Optional.empty() : Optional.of(Arrays.copyOf(waits, n));
    }
}
