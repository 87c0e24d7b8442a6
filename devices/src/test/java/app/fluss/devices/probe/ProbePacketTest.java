package app.fluss.devices.probe;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.stream.TrafficShape;
import app.fluss.core.work.Progress;
import java.net.DatagramPacket;
import java.net.DatagramSocket;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.ByteBuffer;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

@Timeout(60)
class ProbePacketTest {
    private static final ProbePlan PLAN = new ProbePlan(new TrafficShape(60, 8, 1, 3, true), 1);

    private static final List<ProbePacket> ALL = List.of(
            new ProbePacket.Hello(-7),
            new ProbePacket.Cookie(3, 9),
            new ProbePacket.Start(1, 2, PLAN, 3),
            new ProbePacket.Refused(4, ProbePacket.Reason.BUSY),
            new ProbePacket.Refused(4, ProbePacket.Reason.WRONG_CODE),
            new ProbePacket.Video(5, true, 6, 7),
            new ProbePacket.Input(8, 9),
            new ProbePacket.Echo(8, 9),
            new ProbePacket.End(10, 11));

    private static byte[] written(ProbePacket packet) {
        boolean asks = packet instanceof ProbePacket.Hello || packet instanceof ProbePacket.Start;
        ByteBuffer buffer = ByteBuffer.allocate(ProbePacket.MOST_BYTES);
        ProbePacket.write(packet, buffer, asks ? ProbePacket.ASKING_BYTES : 0);
        byte[] bytes = new byte[buffer.remaining()];
        buffer.get(bytes);
        return bytes;
    }

    @Test
    void whatIsWrittenIsRead() {
        for (ProbePacket packet : ALL) {
            assertThat(ProbePacket.parse(ByteBuffer.wrap(written(packet)))).contains(packet);
        }
    }

    /// No answer to somebody who has not proven the code is larger than what it answers.
    @Test
    void answersBeforeTheProofAreSmaller() {
        assertThat(written(new ProbePacket.Cookie(1, 2)).length).isLessThanOrEqualTo(ProbePacket.ASKING_BYTES);
        assertThat(written(new ProbePacket.Refused(1, ProbePacket.Reason.BUSY)).length)
                .isLessThanOrEqualTo(ProbePacket.ASKING_BYTES);
        byte[] hello = written(new ProbePacket.Hello(1));
        assertThat(ProbePacket.parse(ByteBuffer.wrap(hello, 0, hello.length - 1)))
                .as("a short question has no answer")
                .isEmpty();
    }

    @Test
    void bytesThatAreNoPacketAreNone() {
        SplittableRandom random = new SplittableRandom(17);
        for (int i = 0; i < 200_000; i++) {
            byte[] bytes = fuzzed(random);
            Optional<ProbePacket> packet = ProbePacket.parse(ByteBuffer.wrap(bytes));
            if (packet.isPresent() && packet.get() instanceof ProbePacket.Start start) {
                assertThat(start.plan().packets()).isLessThan(10_000_000);
            }
        }
    }

    /// Random bytes, or a packet cut short or with a few bytes changed.
    private static byte[] fuzzed(SplittableRandom random) {
        if (random.nextInt(3) == 0) {
            byte[] bytes = new byte[random.nextInt(200)];
            random.nextBytes(bytes);
            return bytes;
        }
        byte[] bytes = written(ALL.get(random.nextInt(ALL.size())));
        for (int change = random.nextInt(4); change > 0; change--) {
            bytes[random.nextInt(bytes.length)] = (byte) random.nextInt();
        }
        return random.nextBoolean() ? bytes : Arrays.copyOf(bytes, random.nextInt(bytes.length));
    }

    /// A host under fire still serves who knows its code, and has counted the rest.
    @Test
    void hostilePacketsAreIgnoredAndCounted() throws Exception {
        InetSocketAddress loopback = new InetSocketAddress(InetAddress.getLoopbackAddress(), 0);
        try (ProbeServer server = ProbeServer.open(loopback);
                DatagramSocket hostile = new DatagramSocket(loopback)) {
            Future<ProbeServer.Served> served = Background.run(() -> server.serve(Progress.NONE));
            Future<Boolean> fire = Background.run(() -> {
                SplittableRandom random = new SplittableRandom(5);
                for (int i = 0; i < 8000; i++) {
                    byte[] bytes = fuzzed(random);
                    hostile.send(new DatagramPacket(bytes, bytes.length, server.address()));
                    Thread.sleep(i % 20 == 0 ? 1 : 0);
                }
                return true;
            });
            assertThat(ProbeClient.run(server.address(), server.code(), PLAN, System::nanoTime, Progress.NONE)
                            .images())
                    .isEqualTo(60);
            assertThat(fire.get()).isTrue();
            assertThat(served.get().ignored()).isPositive();
        }
    }
}
