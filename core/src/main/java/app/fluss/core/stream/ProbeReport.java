package app.fluss.core.stream;

import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Ordered;
import java.util.Arrays;

/// The figures of a link probe.
///
/// @param link loss, order, jitter and varying delay of the packets from host to client
/// @param arrivals when the images were whole
/// @param roundTripMs median time for a small packet to the host and back, ms
/// @param roundTripP95Ms 95 % are below, ms
/// @param shortestMs the shortest, ms
/// @param inputsLost small packets that never came back
/// @param throughputMbps payload that came in by the time it took, Mbit/s
/// @param burstMbps median rate within the images that went out in one burst, Mbit/s: the narrowest part of
///     the link carries this or more, for jitter stretches bursts
/// @param queueMsPerS how much a queue on the way grows, ms a second; 0 where none does beyond doubt
/// @param jitterMs mean delay that varies, of the first packet of each image, which waits for none of its own, ms
public record ProbeReport(
        LinkQuality link,
        FrameArrivals arrivals,
        Figure roundTripMs,
        Figure roundTripP95Ms,
        Figure shortestMs,
        long inputsLost,
        Figure throughputMbps,
        Figure burstMbps,
        double queueMsPerS,
        Figure jitterMs) {
    private static final int FEWEST_IN_BURST = 4;

    /// From what a probe saw.
    public static ProbeReport of(ProbeTrace trace) {
        PacketLog packets = trace.packets();
        VaryingDelay delay = VaryingDelay.of(packets, trace.inputs());
        Ordered trips = roundTrips(trace.inputs());
        BurstCycle cycle = trace.shape().cycle();
        String none = "no small packet came back";
        return new ProbeReport(
                LinkQuality.of(packets, delay),
                FrameArrivals.of(packets, delay, trace.shape(), trace.images()),
                Figure.ofFinite(trips.median(), none),
                Figure.ofFinite(trips.quantile(0.95), none),
                Figure.ofFinite(trips.quantile(0), none),
                trace.inputs().sent() - trips.size(),
                throughput(packets, cycle),
                trace.shape().paced() ? Figure.missing("the packets were paced") : burst(packets, cycle),
                delay.queueMsPerS(),
                firstJitter(packets, delay, cycle));
    }

    private static Ordered roundTrips(PacketLog inputs) {
        double[] trips = new double[inputs.size()];
        int n = 0;
        for (int i = 0; i < trips.length; i++) {
            if (inputs.cameIn(i)) {
                trips[n++] = inputs.receivedMs(i) - inputs.sentMs(i);
            }
        }
        return Ordered.of(Arrays.copyOf(trips, n));
    }

    private static Figure throughput(PacketLog packets, BurstCycle cycle) {
        double first = Double.POSITIVE_INFINITY;
        double last = Double.NEGATIVE_INFINITY;
        double bits = 0;
        for (int i = 0; i < packets.size(); i++) {
            if (packets.cameIn(i)) {
                first = Math.min(first, packets.receivedMs(i));
                last = Math.max(last, packets.receivedMs(i));
                bits += bits(packets.sequence(i), cycle);
            }
        }
        return last > first
                ? Figure.of(bits / (last - first) / 1000)
                : Figure.missing("fewer than two packets came in");
    }

    private static double bits(long packet, BurstCycle cycle) {
        long image = cycle.image(packet);
        return Byte.SIZE * (double) cycle.packetBytes(image, (int) (packet - cycle.firstPacket(image)));
    }

    private static Figure burst(PacketLog packets, BurstCycle cycle) {
        double[] rates = new double[packets.size()];
        int n = 0;
        int from = 0;
        while (from < packets.size()) {
            long image = cycle.image(packets.sequence(from));
            int to = from;
            int came = 0;
            double bits = 0;
            double first = Double.NaN;
            double last = Double.NaN;
            while (to < packets.size() && cycle.image(packets.sequence(to)) == image) {
                if (packets.cameIn(to)) {
                    came++;
                    bits += came > 1 ? bits(packets.sequence(to), cycle) : 0;
                    first = came > 1 ? Math.min(first, packets.receivedMs(to)) : packets.receivedMs(to);
                    last = came > 1 ? Math.max(last, packets.receivedMs(to)) : packets.receivedMs(to);
                }
                to++;
            }
            if (came >= FEWEST_IN_BURST && last > first) {
                rates[n++] = bits / (last - first) / 1000;
            }
            from = to;
        }
        return Figure.ofFinite(
                Ordered.of(Arrays.copyOf(rates, n)).median(),
                "no image came in %d packets or more".formatted(FEWEST_IN_BURST));
    }

    private static Figure firstJitter(PacketLog packets, VaryingDelay delay, BurstCycle cycle) {
        double sum = 0;
        int n = 0;
        for (int i = 0; i < packets.size(); i++) {
            long packet = packets.sequence(i);
            if (packets.cameIn(i) && cycle.firstPacket(cycle.image(packet)) == packet) {
                sum += delay.ms(i);
                n++;
            }
        }
        return Figure.ofFinite(sum / n, "no first packet of an image came in");
    }

    /// Half of the shortest round trip, ms: the one-way delay if both ways are alike, which no clock of one side can
    /// tell.
    public Figure oneWayMs() {
        return shortestMs.map(ms -> ms / 2);
    }
}
