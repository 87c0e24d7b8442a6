package app.fluss.devices.sensor;

import app.fluss.core.latency.edge.Signal;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.atomic.AtomicBoolean;

/// Stands in for a sensor: sends a trace in the sensor's protocol over loopback TCP, again from its start
/// when it is through, and says in its hello line that it is simulated.
public final class SensorStandIn implements AutoCloseable {
    private static final int BLOCKS_A_SECOND = 50;
    private static final long WRAP_US = 1L << 32;

    private final Signal input;
    private final Signal light;
    private final double speed;
    private final ServerSocket server;
    private final AtomicBoolean unplugged = new AtomicBoolean();

    /// Begins to serve one listener at a time.
    ///
    /// @param input the button
    /// @param light the sensor, as many samples
    /// @param speed how much faster than it happened it is sent; 1 for as it happened
    public SensorStandIn(Signal input, Signal light, double speed) throws IOException {
        this.input = input;
        this.light = light;
        this.speed = speed;
        this.server = new ServerSocket(0, 1, InetAddress.getLoopbackAddress());
        Thread.ofPlatform().daemon().name("fluss-stand-in").start(this::serve);
    }

    /// The port that it listens at.
    public int port() {
        return server.getLocalPort();
    }

    /// Ends the line that is open, as if the sensor were unplugged; the next listener is served again.
    public void unplug() {
        unplugged.set(true);
    }

    private void serve() {
        while (!server.isClosed()) {
            try (Socket listener = server.accept();
                    OutputStream out = new BufferedOutputStream(listener.getOutputStream(), 1 << 16)) {
                unplugged.set(false);
                send(out);
            } catch (IOException | InterruptedException e) {
                // The listener left, or the stand-in is closed.
            }
        }
    }

    private void send(OutputStream out) throws IOException, InterruptedException {
        double rate = light.rateHz();
        out.write("hello,1,%s,simulated\n".formatted(Math.round(rate)).getBytes(StandardCharsets.US_ASCII));
        long begun = System.nanoTime();
        int block = (int) Math.max(1, rate * speed / BLOCKS_A_SECOND);
        long sent = 0;
        StringBuilder lines = new StringBuilder();
        while (!unplugged.get() && !server.isClosed()) {
            lines.setLength(0);
            for (int i = 0; i < block; i++, sent++) {
                int at = (int) (sent % light.size());
                long us = Math.round(sent * 1e6 / rate) % WRAP_US;
                lines.append(us)
                        .append(',')
                        .append(input.at(at) > 0.5 ? 1 : 0)
                        .append(',')
                        .append(Math.round(light.at(at) * 1000))
                        .append('\n');
            }
            out.write(lines.toString().getBytes(StandardCharsets.US_ASCII));
            out.flush();
            long due = begun + Math.round(sent * 1e9 / rate / speed);
            long wait = (due - System.nanoTime()) / 1_000_000;
            if (wait > 0) {
                Thread.sleep(wait);
            }
        }
    }

    @Override
    public void close() throws IOException {
        server.close();
    }
}
