package app.fluss.devices.sensor;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;

/// A sensor, or its stand-in, at a TCP port of this computer.
public final class TcpLink implements SensorLink {
    private static final int CONNECT_MS = 2000;

    private final Socket socket;
    private final InputStream in;
    private final OutputStream out;

    private TcpLink(Socket socket) throws IOException {
        this.socket = socket;
        this.in = socket.getInputStream();
        this.out = socket.getOutputStream();
    }

    /// Connects over loopback.
    ///
    /// @throws IOException if nothing listens there
    public static TcpLink open(int port) throws IOException {
        Socket socket = new Socket();
        try {
            socket.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), CONNECT_MS);
            socket.setTcpNoDelay(true);
            return new TcpLink(socket);
        } catch (IOException e) {
            socket.close();
            throw new IOException("Nothing answers at port %d of this computer.".formatted(port), e);
        }
    }

    @Override
    public InputStream input() {
        return in;
    }

    @Override
    public OutputStream output() {
        return out;
    }

    @Override
    public void close() throws IOException {
        socket.close();
    }
}
