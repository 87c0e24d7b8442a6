package app.fluss.sim.stage;

import app.fluss.core.stream.PacketLog;
import app.fluss.core.stream.ProbeTrace;
import app.fluss.core.stream.TrafficShape;
import app.fluss.sim.scenario.Stream;
import java.util.ArrayList;
import java.util.SplittableRandom;
import java.util.stream.LongStream;

/// What a link probe would have seen of a stream's link.
public final class ProbedLink {
    private static final double SECONDS = 20;
    private static final double INPUT_MS = 8;
    private static final int INPUT_BYTES = 64;

    private ProbedLink() {}

    /// A probe of twenty seconds.
    public static ProbeTrace probe(Stream stream, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        TrafficShape shape =
                new TrafficShape(stream.fps(), stream.bitRateMbps(), stream.keyEveryS(), stream.keyFactor(), false);
        int images = (int) Math.max(1, SECONDS * stream.fps());
        Wire down = new Wire(stream.link(), random.split(), new ArrayList<>());
        Wire up = new Wire(stream.link(), random.split(), new ArrayList<>());
        int packets = Math.toIntExact(shape.firstPacket(images));
        double[] sent = new double[packets];
        double[] received = new double[packets];
        int n = 0;
        for (int image = 0; image < images; image++) {
            for (int packet = 0; packet < shape.packets(image); packet++) {
                sent[n] = shape.dueMs(image, packet);
                received[n] = down.send(sent[n], shape.packetBytes(image, packet)) + stream.clientClockOffsetMs();
                sent[n] = Double.isNaN(received[n]) ? Double.NaN : sent[n];
                n++;
            }
        }
        return new ProbeTrace(shape, images, log(sent, received), inputs(up, stream), true);
    }

    /// Inputs go up alone, and come back with the link's delay only: small packets seldom meet a large one.
    private static PacketLog inputs(Wire up, Stream stream) {
        int inputs = (int) (SECONDS * 1000 / INPUT_MS);
        double[] sent = new double[inputs];
        double[] back = new double[inputs];
        for (int i = 0; i < inputs; i++) {
            sent[i] = i * INPUT_MS;
            back[i] = up.send(sent[i], INPUT_BYTES) + stream.link().delayMs();
        }
        return log(sent, back);
    }

    private static PacketLog log(double[] sent, double[] received) {
        return new PacketLog(LongStream.range(0, sent.length).toArray(), sent, received);
    }
}
