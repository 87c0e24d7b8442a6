package app.fluss.devices.probe;

import app.fluss.core.stream.ImpairedLink;
import app.fluss.core.stream.Impairment;
import java.io.IOException;
import java.net.DatagramPacket;
import java.net.DatagramSocket;
import java.net.InetSocketAddress;
import java.util.Arrays;
import java.util.Comparator;
import java.util.PriorityQueue;
import java.util.SplittableRandom;
import java.util.concurrent.locks.LockSupport;
import org.jspecify.annotations.Nullable;

/// Stands in for a link: passes packets on to a host and its answers back, with delay, jitter, loss, reordering and a
/// rate of its own both ways. Marks what it passes on as simulated. Serves one client at a time.
public final class LinkStandIn implements AutoCloseable {
    /// Packets on their way at most; what comes beyond is dropped, as a link does.
    private static final int MOST_ON_THE_WAY = 20_000;

    private static final int BUFFER_BYTES = 4 << 20;
    private static final long IDLE_NANOS = 100_000_000L;
    private static final double NANOS_PER_MS = 1e6;

    private final DatagramSocket near;
    private final DatagramSocket far;
    private final InetSocketAddress host;
    private volatile @Nullable InetSocketAddress client;
    private volatile boolean closed;

    /// Begins to pass packets on.
    ///
    /// @param at where the client is to send to; port 0 for any that is free
    /// @param host where the host's probe listens
    /// @param seed of its chance
    public LinkStandIn(InetSocketAddress at, InetSocketAddress host, Impairment impairment, long seed)
            throws IOException {
        this.host = host;
        near = new DatagramSocket(at);
        far = new DatagramSocket();
        for (DatagramSocket socket : new DatagramSocket[] {near, far}) {
            socket.setReceiveBufferSize(BUFFER_BYTES);
        }
        SplittableRandom random = new SplittableRandom(seed);
        new OneWay(true, new ImpairedLink(impairment, random.split())).start();
        new OneWay(false, new ImpairedLink(impairment, random.split())).start();
    }

    /// Where the client is to send to.
    public InetSocketAddress address() {
        return (InetSocketAddress) near.getLocalSocketAddress();
    }

    @Override
    public void close() {
        closed = true;
        near.close();
        far.close();
    }

    /// A packet on its way.
    private record OnTheWay(long dueNanos, long number, DatagramPacket packet) {}

    /// One direction: one thread takes packets in, one lets them out when they are due.
    private final class OneWay {
        private final boolean toHost;
        private final ImpairedLink link;
        private final PriorityQueue<OnTheWay> onTheWay =
                new PriorityQueue<>(Comparator.comparingLong(OnTheWay::dueNanos).thenComparingLong(OnTheWay::number));
        private @Nullable Thread letsOut;
        private long number;

        OneWay(boolean toHost, ImpairedLink link) {
            this.toHost = toHost;
            this.link = link;
        }

        void start() {
            letsOut = Thread.ofPlatform().daemon().name("fluss-link-out").start(this::letOut);
            Thread.ofPlatform().daemon().name("fluss-link-in").start(this::takeIn);
        }

        private void takeIn() {
            byte[] bytes = new byte[ProbePacket.MOST_BYTES];
            DatagramPacket packet = new DatagramPacket(bytes, bytes.length);
            try {
                while (!closed) {
                    packet.setData(bytes);
                    (toHost ? near : far).receive(packet);
                    if (toHost) {
                        client = (InetSocketAddress) packet.getSocketAddress();
                    }
                    take(bytes, packet.getLength());
                }
            } catch (IOException e) {
                closed = true; // and so are its sockets
            }
        }

        private void take(byte[] bytes, int length) {
            ProbePacket.markSimulated(bytes, length);
            double arrival = link.send(System.nanoTime() / NANOS_PER_MS, length);
            synchronized (onTheWay) {
                if (!Double.isNaN(arrival) && onTheWay.size() < MOST_ON_THE_WAY) {
                    DatagramPacket copy = new DatagramPacket(Arrays.copyOf(bytes, length), length);
                    onTheWay.add(new OnTheWay(Math.round(arrival * NANOS_PER_MS), number++, copy));
                }
            }
            LockSupport.unpark(letsOut);
        }

        private void letOut() {
            while (!closed) {
                OnTheWay next;
                synchronized (onTheWay) {
                    next = onTheWay.peek();
                }
                long wait = next == null ? IDLE_NANOS : next.dueNanos - System.nanoTime();
                if (wait > 0) {
                    LockSupport.parkNanos(wait);
                    continue;
                }
                synchronized (onTheWay) {
                    next = onTheWay.poll();
                }
                InetSocketAddress target = toHost ? host : client;
                if (next != null && target != null) {
                    pass(next.packet, target);
                }
            }
        }

        private void pass(DatagramPacket packet, InetSocketAddress target) {
            try {
                packet.setSocketAddress(target);
                (toHost ? far : near).send(packet);
            } catch (IOException e) {
                closed |= near.isClosed(); // else nobody is there any more, and it is lost as on a real link
            }
        }
    }
}
