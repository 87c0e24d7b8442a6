package app.fluss.core.stream;

import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Ordered;

/// How well a link carried the packets of a test.
///
/// @param sent packets sent
/// @param received of those, that came in
/// @param longestLossRun most packets in a row that never came
/// @param reordered that came in after a packet with a higher number (RFC 4737, section 3, from memory)
/// @param jitterMs interarrival jitter at the end (RFC 3550), ms
/// @param drift how much faster the receiver's clock runs, 1e-6 for 1 ppm; missing where none is beyond doubt
/// @param delaySpread one-way delay above the quickest packets, ms, with the drift of the clocks taken out where one is
///     known: the delay that varies
public record LinkQuality(
        long sent,
        long received,
        long longestLossRun,
        long reordered,
        Figure jitterMs,
        Figure drift,
        Spread delaySpread) {
    /// The delay that varies, ms above the quickest packets.
    ///
    /// @param p50 median
    /// @param p95 95 % are below
    /// @param p99 99 % are below
    /// @param p999 99.9 % are below
    /// @param max of all
    public record Spread(Figure p50, Figure p95, Figure p99, Figure p999, Figure max) {
        static Spread of(double[] delays) {
            Ordered ordered = Ordered.of(delays);
            return new Spread(
                    quantile(ordered, 0.5),
                    quantile(ordered, 0.95),
                    quantile(ordered, 0.99),
                    quantile(ordered, 0.999),
                    quantile(ordered, 1));
        }

        private static Figure quantile(Ordered delays, double share) {
            return Figure.ofFinite(delays.quantile(share), "no packet came in");
        }
    }

    /// From a log of packets.
    public static LinkQuality of(PacketLog log) {
        return of(log, VaryingDelay.of(log));
    }

    static LinkQuality of(PacketLog log, VaryingDelay delay) {
        int[] arrived = Ascending.order(log.receivedColumn());
        InterarrivalJitter jitter = new InterarrivalJitter();
        long highest = Long.MIN_VALUE;
        long reordered = 0;
        for (int packet : arrived) {
            jitter.add(log.sentMs(packet), log.receivedMs(packet));
            reordered += log.sequence(packet) < highest ? 1 : 0;
            highest = Math.max(highest, log.sequence(packet));
        }
        return new LinkQuality(
                log.sent(),
                arrived.length,
                longestLossRun(log),
                reordered,
                arrived.length >= 2
                        ? Figure.of(jitter.value())
                        : Figure.missing("jitter takes two packets that came in"),
                delay.drift(),
                Spread.of(delay.known()));
    }

    private static long longestLossRun(PacketLog log) {
        long longest = 0;
        long running = 0;
        for (int i = 0; i < log.size(); i++) {
            long skipped = i == 0 ? 0 : log.sequence(i) - log.sequence(i - 1) - 1;
            running += skipped + (log.cameIn(i) ? 0 : 1);
            longest = Math.max(longest, running);
            running = log.cameIn(i) ? 0 : running;
        }
        return longest;
    }

    /// Packets that never came.
    public long lost() {
        return sent - received;
    }

    /// Share of the packets that never came, 0 to 1.
    public Figure lossShare() {
        return Figure.ofFinite((double) lost() / sent, "no packet was sent");
    }
}
