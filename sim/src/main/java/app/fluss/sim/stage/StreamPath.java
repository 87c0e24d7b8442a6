package app.fluss.sim.stage;

import app.fluss.core.frame.FrameKind;
import app.fluss.core.stream.TrafficShape;
import app.fluss.sim.scenario.Stream;
import app.fluss.sim.truth.Hitch;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;

/// A stream: at each tick the newest image of the host is encoded, sent in packets, decoded and, after the
/// buffer, handed on at the client. Encoder, link and decoder each take one image after the other. A packet that
/// is lost is asked for once more; an image that still lacks one is lost.
public final class StreamPath {
    private final Stream stream;
    private final WorkSequence encode;
    private final WorkSequence decode;
    private final Wire wire;
    private final List<Hitch> hitches;
    private final Images client = new Images();
    private final double tickMs;
    private final TrafficShape shape;
    private double[] encodedMs = {};
    private double[] receivedMs = new double[Columns.FIRST];
    private double[] decodedMs = new double[Columns.FIRST];
    private double encoderFree = Double.NEGATIVE_INFINITY;
    private double decoderFree = Double.NEGATIVE_INFINITY;
    private double lastMs = Double.NEGATIVE_INFINITY;

    /// @param hitches is added to
    public StreamPath(Stream stream, SplittableRandom random, List<Hitch> hitches) {
        this.stream = stream;
        this.hitches = hitches;
        encode = new WorkSequence(stream.encode(), random.split());
        decode = new WorkSequence(stream.decode(), random.split());
        wire = new Wire(stream.link(), random.split(), hitches);
        shape = new TrafficShape(stream.fps(), stream.bitRateMbps(), stream.keyEveryS(), stream.keyFactor(), false);
        tickMs = shape.intervalMs();
    }

    /// Sends what a host shows.
    public void play(Images host, double runMs) {
        encodedMs = new double[host.size];
        Arrays.fill(encodedMs, Double.NaN);
        int next = 0;
        int sent = 0;
        for (long tick = 0; tick * tickMs < runMs; tick++) {
            double at = tick * tickMs;
            int newest = -1;
            while (next < host.size && host.present[next] <= at) {
                newest = next++;
            }
            if (newest >= 0) {
                send(host, newest, at, sent++);
            }
        }
    }

    private void send(Images host, int image, double tickMs, int number) {
        double encoded = Math.max(tickMs, encoderFree) + encode.nextMs(1);
        encoderFree = encoded;
        if (encode.hitched()) {
            hitches.add(new Hitch(tickMs, Hitch.Cause.ENCODER, stream.encode().hitchMs()));
        }
        encodedMs[image] = encoded;
        double complete = transfer(encoded, number);
        if (Double.isNaN(complete)) {
            return;
        }
        double decoded = Math.max(complete, decoderFree) + decode.nextMs(1);
        decoderFree = decoded;
        if (decode.hitched()) {
            hitches.add(new Hitch(complete, Hitch.Cause.DECODER, stream.decode().hitchMs()));
        }
        double at = Math.max(lastMs, Math.max(decoded, tickMs + playoutMs()));
        lastMs = at;
        if (client.size == receivedMs.length) {
            receivedMs = Columns.longer(receivedMs);
            decodedMs = Columns.longer(decodedMs);
        }
        receivedMs[client.size] = complete;
        decodedMs[client.size] = decoded;
        client.add(
                host.isRendered(image) ? FrameKind.RENDERED : FrameKind.GENERATED,
                at,
                host.content[image],
                host.before[image],
                host.frame[image],
                host.phase[image]);
    }

    /// @return when the last packet was there, ms; NaN if one is missing for good
    private double transfer(double readyMs, int number) {
        double complete = 0;
        for (int p = 0; p < shape.packets(number); p++) {
            int size = shape.packetBytes(number, p);
            double arrival = wire.send(readyMs, size);
            if (Double.isNaN(arrival)) {
                arrival = wire.send(readyMs + 2 * stream.link().delayMs(), size);
            }
            complete = Math.max(complete, arrival);
        }
        return complete;
    }

    /// From the tick to hand-over at the client where nothing is late, ms: the buffer comes on top of the usual
    /// way.
    private double playoutMs() {
        double serial = shape.deltaBytes() * Byte.SIZE / (stream.link().rateMbps() * 1000);
        return stream.encode().medianMs()
                + serial
                + stream.link().delayMs()
                + stream.decode().medianMs()
                + stream.bufferMs();
    }

    /// The images at the client, on the host's clock.
    public Images client() {
        return client;
    }

    /// When each image of the host was encoded, ms; NaN for one that was not sent.
    public double[] encodedMs() {
        return encodedMs.clone();
    }

    /// When all of each image was at the client, ms on the host's clock.
    public double[] receivedMs() {
        return Arrays.copyOf(receivedMs, client.size);
    }

    /// When the client had decoded each image, ms on the host's clock.
    public double[] decodedMs() {
        return Arrays.copyOf(decodedMs, client.size);
    }

    /// The packets.
    public Packets packets() {
        return wire.packets();
    }
}
