package app.fluss.devices.probe;

import java.io.IOException;
import java.net.DatagramPacket;
import java.net.DatagramSocket;
import java.net.InetSocketAddress;
import java.net.SocketTimeoutException;
import java.nio.ByteBuffer;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/// A UDP socket that speaks the probe's protocol. One thread may receive while others send.
final class ProbeSocket implements AutoCloseable {
    private static final int WAIT_MS = 50;
    private static final int BUFFER_BYTES = 4 << 20;

    private final DatagramSocket socket;
    private final byte[] incoming = new byte[ProbePacket.MOST_BYTES];
    private final DatagramPacket received = new DatagramPacket(incoming, incoming.length);
    private long ignored;

    private ProbeSocket(DatagramSocket socket) throws IOException {
        this.socket = socket;
        socket.setSoTimeout(WAIT_MS);
        socket.setReceiveBufferSize(BUFFER_BYTES);
        socket.setSendBufferSize(BUFFER_BYTES);
    }

    /// A socket at an address of this machine.
    static ProbeSocket bound(@Nullable InetSocketAddress at) throws IOException {
        DatagramSocket socket = new DatagramSocket(at);
        try {
            return new ProbeSocket(socket);
        } catch (IOException e) {
            socket.close();
            throw e;
        }
    }

    /// A socket that hears one other only.
    static ProbeSocket connected(InetSocketAddress to) throws IOException {
        ProbeSocket made = bound(null);
        try {
            made.socket.connect(to);
            return made;
        } catch (IOException e) {
            made.close();
            throw e;
        }
    }

    /// Where it is.
    InetSocketAddress address() {
        return (InetSocketAddress) socket.getLocalSocketAddress();
    }

    /// Where the packet that was received last came from.
    InetSocketAddress sender() {
        return (InetSocketAddress) received.getSocketAddress();
    }

    /// Waits a little for a packet.
    ///
    /// @return empty if none came, or what came is none
    Optional<ProbePacket> receive() throws IOException {
        try {
            received.setData(incoming);
            socket.receive(received);
        } catch (SocketTimeoutException e) {
            return Optional.empty();
        }
        Optional<ProbePacket> packet = ProbePacket.parse(ByteBuffer.wrap(incoming, 0, received.getLength()));
        ignored += packet.isEmpty() ? 1 : 0;
        return packet;
    }

    /// Counts a packet that is one, but means nothing here.
    void ignore() {
        ignored++;
    }

    /// What came and was ignored.
    long ignored() {
        return ignored;
    }

    /// Sends to the one it is connected with.
    void send(ProbePacket packet, int bytes) throws IOException {
        send(packet, bytes, null);
    }

    /// Sends.
    ///
    /// @param bytes that the packet is filled up to
    void send(ProbePacket packet, int bytes, @Nullable InetSocketAddress to) throws IOException {
        ByteBuffer buffer = ByteBuffer.allocate(Math.max(bytes, ProbePacket.ASKING_BYTES));
        ProbePacket.write(packet, buffer, bytes);
        DatagramPacket out = new DatagramPacket(buffer.array(), buffer.remaining());
        if (to != null) {
            out.setSocketAddress(to);
        }
        socket.send(out);
    }

    @Override
    public void close() {
        socket.close();
    }
}
