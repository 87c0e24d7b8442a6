package app.fluss.app.probing;

import app.fluss.app.model.JobFailure;
import app.fluss.core.stream.Impairment;
import app.fluss.core.stream.ProbeTrace;
import app.fluss.core.work.Progress;
import app.fluss.core.work.StoppedException;
import app.fluss.devices.probe.LinkStandIn;
import app.fluss.devices.probe.ProbeClient;
import app.fluss.devices.probe.ProbeCode;
import app.fluss.devices.probe.ProbePlan;
import app.fluss.devices.probe.ProbeServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.util.function.Consumer;
import javafx.application.Platform;

/// One probe on a thread of its own, for a host may wait for minutes. What it tells, it tells on the interface thread.
final class ProbeJob implements AutoCloseable {
    /// The stand-in's link: a house network with some radio in it.
    private static final Impairment HOUSE = new Impairment(250, 2, 1.2, 0.8, 0.0005, 0.01);

    private final Listener listener;
    private volatile boolean stopped;

    /// Is told what becomes of a probe.
    interface Listener {
        /// What the client must know.
        void code(String words);

        /// How far it is, 0 to 1.
        void progress(double share);

        /// What the client saw.
        void seen(ProbeTrace trace);

        /// What the host did, or why nothing came of it.
        void ended(String words);
    }

    private ProbeJob(Listener listener) {
        this.listener = listener;
    }

    /// Work that may fail on the network.
    private interface Work {
        void run(ProbeJob job) throws IOException;
    }

    private static ProbeJob start(Listener listener, Work work) {
        ProbeJob job = new ProbeJob(listener);
        Thread.ofPlatform().daemon().name("fluss-probe-window").start(() -> {
            try {
                work.run(job);
            } catch (StoppedException e) {
                job.tell(l -> l.ended(ProbeText.STOPPED));
            } catch (IOException e) {
                job.tell(l -> l.ended(String.valueOf(e.getMessage())));
            } catch (Throwable e) {
                JobFailure failure = JobFailure.of(e);
                job.tell(l -> l.ended(String.valueOf(failure.getMessage())));
            }
        });
        return job;
    }

    private void tell(Consumer<Listener> what) {
        Platform.runLater(() -> what.accept(listener));
    }

    private Progress progress() {
        return share -> {
            tell(l -> l.progress(share));
            return !stopped;
        };
    }

    /// Asks a host.
    static ProbeJob client(InetSocketAddress host, ProbeCode code, ProbePlan plan, Listener listener) {
        return start(listener, job -> {
            ProbeTrace trace = ProbeClient.run(host, code, plan, System::nanoTime, job.progress());
            job.tell(l -> l.seen(trace));
        });
    }

    /// Waits for a client.
    static ProbeJob host(InetSocketAddress at, Listener listener) {
        return start(listener, job -> {
            try (ProbeServer server = ProbeServer.open(at)) {
                job.tell(l -> l.code(ProbeText.HOST_READY.formatted(
                        server.code(), server.address().getPort())));
                ProbeServer.Served served = server.serve(job.progress());
                job.tell(l -> l.ended(ProbeText.IMAGES_SENT.formatted(
                        served.images(), served.client().getAddress().getHostAddress())));
            }
        });
    }

    /// Is host and client, with a stand-in for the link between them.
    static ProbeJob standIn(ProbePlan plan, long seed, Listener listener) {
        return start(listener, job -> {
            InetSocketAddress any = new InetSocketAddress(InetAddress.getLoopbackAddress(), 0);
            try (ProbeServer server = ProbeServer.open(any);
                    LinkStandIn link = new LinkStandIn(any, server.address(), HOUSE, seed)) {
                ProbeJob host = start(listener, other -> server.serve(_ -> !job.stopped));
                ProbeTrace trace =
                        ProbeClient.run(link.address(), server.code(), plan, System::nanoTime, job.progress());
                host.close();
                job.tell(l -> l.seen(trace));
            }
        });
    }

    @Override
    public void close() {
        stopped = true;
    }
}
