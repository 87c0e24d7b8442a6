package app.fluss.devices.probe;

import app.fluss.core.stream.PacketLog;
import app.fluss.core.stream.ProbeTrace;
import app.fluss.core.work.Progress;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.PortUnreachableException;
import java.security.SecureRandom;
import java.util.Arrays;
import java.util.Optional;
import java.util.concurrent.locks.LockSupport;
import java.util.function.LongSupplier;
import java.util.stream.LongStream;

/// The client's side of a probe: asks the host for the traffic of a stream, and times each packet as it comes in. Small
/// packets go the other way as inputs would, and come back at once.
public final class ProbeClient {
    private static final int TRIES = 8;
    private static final long TRY_NANOS = 400_000_000L;
    private static final long SILENT_NANOS = 2_000_000_000L;
    private static final long LINGER_NANOS = 300_000_000L;
    private static final long INPUT_NANOS = 8_000_000L;
    private static final int INPUT_BYTES = 64;
    private static final double NANOS_PER_MS = 1e6;

    private final ProbeSocket socket;
    private final ProbeCode code;
    private final ProbePlan plan;
    private final LongSupplier clock;
    private final long nonce = new SecureRandom().nextLong();
    private final double[] sentMs;
    private final double[] receivedMs;
    private final double[] inputMs;
    private final double[] backMs;
    private volatile boolean through;
    private volatile int inputs;
    private boolean simulated;
    private int ended = -1;
    private int highest = -1;

    private ProbeClient(ProbeSocket socket, ProbeCode code, ProbePlan plan, LongSupplier clock) {
        this.socket = socket;
        this.code = code;
        this.plan = plan;
        this.clock = clock;
        sentMs = missing(plan.packets());
        receivedMs = missing(plan.packets());
        int mostInputs = (int) (plan.seconds() * 1e9 / INPUT_NANOS) + 1;
        inputMs = missing(mostInputs);
        backMs = missing(mostInputs);
    }

    private static double[] missing(int n) {
        double[] column = new double[n];
        Arrays.fill(column, Double.NaN);
        return column;
    }

    /// Probes the link to a host.
    ///
    /// @param host where its probe listens
    /// @param code that the host shows
    /// @param clock of this machine, ns; [System#nanoTime()] but in tests
    /// @throws ProbeException if nobody answers, the code is wrong, or another probe is running
    /// @throws app.fluss.core.work.StoppedException if `progress` stops it
    public static ProbeTrace run(
            InetSocketAddress host, ProbeCode code, ProbePlan plan, LongSupplier clock, Progress progress)
            throws IOException {
        if (host.isUnresolved()) {
            throw new ProbeException("There is no host named %s.".formatted(host.getHostString()));
        }
        try (ProbeSocket socket = ProbeSocket.connected(host)) {
            return new ProbeClient(socket, code, plan, clock).run(progress);
        } catch (PortUnreachableException e) {
            throw new ProbeException(nobody(host));
        }
    }

    private static String nobody(InetSocketAddress host) {
        return "No answer from %s port %d. Start the probe on the host first: fluss probe serve, bound to an address that this machine reaches."
                .formatted(host.getHostString(), host.getPort());
    }

    private ProbeTrace run(Progress progress) throws IOException {
        long cookie = cookie(progress);
        long session = code.session(nonce, cookie);
        begin(cookie, session, progress);
        Thread sender = Thread.ofPlatform().daemon().name("fluss-probe-inputs").start(() -> sendInputs(session));
        try {
            listen(session, progress);
        } catch (PortUnreachableException e) {
            through = true; // the host is through, and hears no more inputs
        } finally {
            through = true;
            LockSupport.unpark(sender);
        }
        return trace();
    }

    private long cookie(Progress progress) throws IOException {
        for (int attempt = 0; attempt < TRIES; attempt++) {
            socket.send(new ProbePacket.Hello(nonce), ProbePacket.ASKING_BYTES);
            long until = System.nanoTime() + TRY_NANOS;
            while (System.nanoTime() < until) {
                progress.check(0);
                Optional<ProbePacket> packet = socket.receive();
                if (packet.isPresent()
                        && packet.get() instanceof ProbePacket.Cookie(long of, long cookie)
                        && of == nonce) {
                    return cookie;
                }
                refuse(packet);
            }
        }
        throw new ProbeException("No answer. Start the probe on the host first, or look at its firewall.");
    }

    private void refuse(Optional<ProbePacket> packet) throws ProbeException {
        if (packet.isPresent()
                && packet.get() instanceof ProbePacket.Refused(long of, ProbePacket.Reason reason)
                && of == nonce) {
            throw new ProbeException(
                    switch (reason) {
                        case BUSY ->
                            "The host is serving another probe. Two at once would measure each other: wait for it.";
                        case WRONG_CODE -> "The code is not the one that the host shows.";
                    });
        }
    }

    /// Proves the code, and waits for the first packet of the first image.
    private void begin(long cookie, long session, Progress progress) throws IOException {
        long proof = code.proof(ProbePacket.Start.proven(nonce, cookie, plan));
        for (int attempt = 0; attempt < TRIES; attempt++) {
            socket.send(new ProbePacket.Start(nonce, cookie, plan, proof), ProbePacket.ASKING_BYTES);
            long until = System.nanoTime() + TRY_NANOS;
            while (System.nanoTime() < until) {
                progress.check(0);
                Optional<ProbePacket> packet = socket.receive();
                if (packet.isPresent() && take(packet.get(), session)) {
                    return;
                }
                refuse(packet);
            }
        }
        throw new ProbeException("The host answered, but sends nothing: what it sends may be blocked on the way.");
    }

    private void listen(long session, Progress progress) throws IOException {
        long begun = System.nanoTime();
        long latest = begun + Math.round(plan.seconds() * 1e9) + SILENT_NANOS;
        long heard = begun;
        long endedAt = Long.MAX_VALUE;
        while (true) {
            long now = System.nanoTime();
            if (now > latest || now - heard > SILENT_NANOS || (ended >= 0 && now - endedAt > LINGER_NANOS)) {
                return;
            }
            progress.check(Math.min(1, (now - begun) / 1e9 / plan.seconds()));
            Optional<ProbePacket> packet = socket.receive();
            if (packet.isPresent() && take(packet.get(), session)) {
                heard = System.nanoTime();
            }
            if (ended >= 0 && endedAt == Long.MAX_VALUE) {
                endedAt = System.nanoTime();
            }
        }
    }

    /// @return whether the packet belongs to the session
    private boolean take(ProbePacket packet, long session) {
        double now = clock.getAsLong() / NANOS_PER_MS;
        switch (packet) {
            case ProbePacket.Video(long of, boolean marked, int sequence, long nanos)
            when of == session && sequence >= 0 && sequence < receivedMs.length -> {
                if (Double.isNaN(receivedMs[sequence])) {
                    sentMs[sequence] = nanos / NANOS_PER_MS;
                    receivedMs[sequence] = now;
                    highest = Math.max(highest, sequence);
                    simulated |= marked;
                }
            }
            case ProbePacket.Echo(long of, int sequence)
            when of == session && sequence >= 0 && sequence < inputs -> {
                if (Double.isNaN(backMs[sequence])) {
                    backMs[sequence] = now;
                }
            }
            case ProbePacket.End(long of, int images)
            when of == session && images >= 0 && images <= plan.images() -> ended = images;
            default -> {
                return false;
            }
        }
        return true;
    }

    private void sendInputs(long session) {
        long begun = System.nanoTime();
        try {
            for (int i = 0; i < inputMs.length && !through; i++) {
                long due = begun + i * INPUT_NANOS;
                for (long left = due - System.nanoTime(); left > 0 && !through; left = due - System.nanoTime()) {
                    LockSupport.parkNanos(left);
                }
                inputMs[i] = clock.getAsLong() / NANOS_PER_MS;
                inputs = i + 1;
                socket.send(new ProbePacket.Input(session, i), INPUT_BYTES);
            }
        } catch (IOException e) {
            through = true; // the socket was closed: the probe is over
        }
    }

    private ProbeTrace trace() throws ProbeException {
        int images = ended >= 0 ? ended : (int) plan.shape().image(highest) + 1;
        if (images == 0) {
            throw new ProbeException("The host stopped before the first image.");
        }
        int packets = Math.toIntExact(plan.shape().firstPacket(images));
        int sent = inputs;
        return new ProbeTrace(
                plan.shape(),
                images,
                new PacketLog(
                        LongStream.range(0, packets).toArray(),
                        Arrays.copyOf(sentMs, packets),
                        Arrays.copyOf(receivedMs, packets)),
                new PacketLog(
                        LongStream.range(0, sent).toArray(), Arrays.copyOf(inputMs, sent), Arrays.copyOf(backMs, sent)),
                simulated);
    }
}
