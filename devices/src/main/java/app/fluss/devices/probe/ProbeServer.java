package app.fluss.devices.probe;

import app.fluss.core.stream.TrafficShape;
import app.fluss.core.work.Progress;
import java.io.IOException;
import java.net.BindException;
import java.net.InetSocketAddress;
import java.nio.ByteBuffer;
import java.security.SecureRandom;
import java.util.Optional;
import java.util.concurrent.locks.LockSupport;
import org.jspecify.annotations.Nullable;

/// The host's side of a probe: waits for one client that knows its code, sends it the traffic of a stream, and is
/// through.
///
/// It sends nothing but small answers before the code is proven, and no answer is larger than what it answers. Who asks
/// must be where it says, for it must send a cookie back. It stops when the client falls silent. The code serves once.
public final class ProbeServer implements AutoCloseable {
    /// Where a probe listens if nothing else is said: {@value}.
    public static final int PORT = 47_810;

    private static final long WAITS_NANOS = 600_000_000_000L;
    private static final long SILENT_NANOS = 2_000_000_000L;
    private static final long PROOF_EVERY_NANOS = 50_000_000L;
    private static final int ENDS = 5;

    private final ProbeSocket socket;
    private final ProbeCode code = ProbeCode.random();
    private final byte[] secret = new byte[32];
    private long nextProof = System.nanoTime();
    private @Nullable Session session;

    private ProbeServer(ProbeSocket socket) {
        this.socket = socket;
        new SecureRandom().nextBytes(secret);
    }

    /// Begins to listen.
    ///
    /// @param at address and port; port 0 for any that is free
    /// @throws ProbeException if another program listens there
    public static ProbeServer open(InetSocketAddress at) throws IOException {
        try {
            return new ProbeServer(ProbeSocket.bound(at));
        } catch (BindException e) {
            throw new ProbeException(
                    "Nothing can listen at %s port %d: another probe may be waiting there, or the address is not this machine's. Stop it, or choose another port."
                            .formatted(at.getHostString(), at.getPort()));
        }
    }

    /// What the client must know.
    public ProbeCode code() {
        return code;
    }

    /// Where it listens.
    public InetSocketAddress address() {
        return socket.address();
    }

    /// What was served.
    ///
    /// @param plan what was sent
    /// @param client who it was sent to
    /// @param images that were sent
    /// @param ignored packets that meant nothing
    public record Served(ProbePlan plan, InetSocketAddress client, int images, long ignored) {}

    /// Serves one probe.
    ///
    /// @param progress share of it; is asked while nobody has come, too
    /// @throws ProbeException if nobody comes within ten minutes, or the client falls silent
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    public Served serve(Progress progress) throws IOException {
        long until = System.nanoTime() + WAITS_NANOS;
        try {
            while (true) {
                Session running = session;
                progress.check(running == null ? 0 : running.share());
                if (running == null && System.nanoTime() > until) {
                    throw new ProbeException(
                            "No client connected within ten minutes. Start the probe again when the client is ready.");
                } else if (running != null && running.isOver()) {
                    return new Served(running.plan, running.client, running.images, socket.ignored());
                } else if (running != null && System.nanoTime() - running.heard > SILENT_NANOS) {
                    throw new ProbeException("The client fell silent, so nothing more is sent to it.");
                }
                Optional<ProbePacket> packet = socket.receive();
                if (packet.isPresent()) {
                    answer(packet.get(), socket.sender());
                }
            }
        } finally {
            if (session != null) {
                session.stop();
            }
        }
    }

    private void answer(ProbePacket packet, InetSocketAddress from) throws IOException {
        switch (packet) {
            case ProbePacket.Hello(long nonce) -> {
                if (session == null) {
                    socket.send(new ProbePacket.Cookie(nonce, cookie(nonce, from)), 0, from);
                } else {
                    socket.send(new ProbePacket.Refused(nonce, ProbePacket.Reason.BUSY), 0, from);
                }
            }
            case ProbePacket.Start start -> start(start, from);
            case ProbePacket.Input(long number, int sequence) -> {
                if (session != null && session.number == number && session.client.equals(from)) {
                    session.heard = System.nanoTime();
                    socket.send(new ProbePacket.Echo(number, sequence), 0, from);
                } else {
                    socket.ignore();
                }
            }
            default -> socket.ignore();
        }
    }

    private void start(ProbePacket.Start start, InetSocketAddress from) throws IOException {
        long now = System.nanoTime();
        if (start.cookie() != cookie(start.nonce(), from) || (session == null && now < nextProof)) {
            socket.ignore(); // not from where it says, or too many tries
        } else if (session != null) {
            if (!session.client.equals(from)) {
                socket.send(new ProbePacket.Refused(start.nonce(), ProbePacket.Reason.BUSY), 0, from);
            }
        } else if (start.proof() != code.proof(ProbePacket.Start.proven(start.nonce(), start.cookie(), start.plan()))) {
            nextProof = now + PROOF_EVERY_NANOS;
            socket.send(new ProbePacket.Refused(start.nonce(), ProbePacket.Reason.WRONG_CODE), 0, from);
        } else {
            session = new Session(start.plan(), from, code.session(start.nonce(), start.cookie()));
            session.thread.start();
        }
    }

    private long cookie(long nonce, InetSocketAddress from) {
        byte[] address = from.getAddress().getAddress();
        ByteBuffer bytes = ByteBuffer.allocate(Long.BYTES + Integer.BYTES + address.length);
        bytes.putLong(nonce).putInt(from.getPort()).put(address).flip();
        return ByteBuffer.wrap(ProbeCode.keyed(secret, bytes)).getLong();
    }

    /// One client that is sent to.
    private final class Session {
        private final ProbePlan plan;
        private final InetSocketAddress client;
        private final long number;
        private final Thread thread =
                Thread.ofPlatform().daemon().name("fluss-probe").unstarted(this::send);
        private volatile long heard = System.nanoTime();
        private volatile int images;
        private volatile boolean stopped;
        private volatile boolean over;

        Session(ProbePlan plan, InetSocketAddress client, long number) {
            this.plan = plan;
            this.client = client;
            this.number = number;
        }

        double share() {
            return (double) images / plan.images();
        }

        boolean isOver() {
            return over;
        }

        void stop() {
            stopped = true;
        }

        private void send() {
            TrafficShape shape = plan.shape();
            long begun = System.nanoTime();
            int sequence = 0;
            try {
                for (int image = 0; image < plan.images(); image++) {
                    for (int packet = 0; packet < shape.packets(image); packet++) {
                        waitUntil(begun + Math.round(shape.dueMs(image, packet) * 1e6));
                        if (stopped) {
                            return;
                        }
                        socket.send(
                                new ProbePacket.Video(number, false, sequence++, System.nanoTime()),
                                shape.packetBytes(image, packet),
                                client);
                    }
                    images = image + 1;
                }
                for (int i = 0; i < ENDS; i++) {
                    socket.send(new ProbePacket.End(number, images), 0, client);
                }
            } catch (IOException e) {
                stopped = true; // the client is told by silence, the user by what was sent
            } finally {
                over = true;
            }
        }
    }

    private static void waitUntil(long nanos) {
        for (long left = nanos - System.nanoTime(); left > 0; left = nanos - System.nanoTime()) {
            LockSupport.parkNanos(left);
        }
    }

    @Override
    public void close() {
        socket.close();
    }
}
