package app.fluss.devices.sensor;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.function.LongSupplier;
import org.jspecify.annotations.Nullable;

/// Listens to a sensor on a thread of its own, until it is closed. A sensor that goes away is tried again
/// each second.
public final class SensorSession implements AutoCloseable {
    private static final int BLOCK = 8192;
    private static final long AGAIN_MS = 1000;
    private static final byte[] ASK = "hello\n".getBytes(StandardCharsets.US_ASCII);
    private static final double DRIFT_AFTER_MS = 10_000;

    private final SensorLink.Opener opener;
    private final LongSupplier nanos;
    private final Feed feed;
    private final Thread thread;
    private @Nullable SensorLink link;
    private String trouble = "";
    private boolean closed;
    private long heardSinceNanos = -1;

    private SensorSession(SensorLink.Opener opener, Feed feed, LongSupplier nanos) {
        this.opener = opener;
        this.feed = feed;
        this.nanos = nanos;
        this.thread = Thread.ofPlatform().daemon().name("fluss-sensor").start(this::listen);
    }

    /// Begins to listen to a sensor that sends lines, as `docs/sensor-protocol.md` has them.
    ///
    /// @param nanos a clock of this computer, in nanoseconds
    public static SensorSession ofLines(SensorLink.Opener opener, LongSupplier nanos) {
        return new SensorSession(opener, new SensorFeed(), nanos);
    }

    /// Begins to listen to a sound input.
    ///
    /// @param nanos a clock of this computer, in nanoseconds
    public static SensorSession ofSound(SensorLink.Opener opener, SoundFormat format, LongSupplier nanos) {
        return new SensorSession(opener, new SoundFeed(format), nanos);
    }

    /// What is known of the sensor now.
    ///
    /// @param connected whether it is there
    /// @param trouble why not, in words; empty if it is
    /// @param health how well it is heard
    /// @param driftShare what its clock is ahead of this computer's, as a share; NaN in the first ten seconds
    public record State(boolean connected, String trouble, SensorHealth health, double driftShare) {}

    private void listen() {
        byte[] block = new byte[BLOCK];
        while (!isClosed()) {
            try (SensorLink open = opener.open()) {
                connected(open);
                open.output().write(ASK);
                open.output().flush();
                for (int got = open.input().read(block);
                        got >= 0;
                        got = open.input().read(block)) {
                    take(block, got);
                }
                lost("The sensor is gone; it is looked for again.");
            } catch (IOException e) {
                lost(String.valueOf(e.getMessage()));
            }
            pause();
        }
    }

    private synchronized boolean isClosed() {
        return closed;
    }

    private synchronized void connected(SensorLink open) throws IOException {
        if (closed) {
            open.close();
        }
        link = open;
        trouble = "";
        heardSinceNanos = -1;
    }

    private synchronized void take(byte[] block, int got) {
        feed.take(block, got);
        if (heardSinceNanos < 0 && feed.health().clockMs() > 0) {
            heardSinceNanos = nanos.getAsLong() - Math.round(feed.health().clockMs() * 1e6);
        }
    }

    private synchronized void lost(String why) {
        link = null;
        trouble = why;
        feed.gone();
    }

    private void pause() {
        try {
            Thread.sleep(AGAIN_MS);
        } catch (InterruptedException e) {
            synchronized (this) {
                closed = true;
            }
        }
    }

    /// What is known of the sensor now.
    public synchronized State state() {
        SensorHealth health = feed.health();
        double hostMs = (nanos.getAsLong() - heardSinceNanos) / 1e6;
        boolean known = heardSinceNanos >= 0 && hostMs > DRIFT_AFTER_MS && link != null;
        return new State(link != null, trouble, health, known ? health.clockMs() / hostMs - 1 : Double.NaN);
    }

    /// The samples; empty before the sensor said hello.
    public synchronized Optional<LiveTrace> trace() {
        return feed.trace();
    }

    @Override
    public void close() {
        SensorLink open;
        synchronized (this) {
            closed = true;
            open = link;
        }
        thread.interrupt();
        if (open != null) {
            try {
                open.close();
            } catch (IOException e) {
                // It is gone already.
            }
        }
    }
}
