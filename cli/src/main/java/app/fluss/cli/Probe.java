package app.fluss.cli;

import app.fluss.core.measure.Figure;
import app.fluss.core.stream.Impairment;
import app.fluss.core.stream.LinkQuality;
import app.fluss.core.stream.ProbeReport;
import app.fluss.core.stream.ProbeTrace;
import app.fluss.core.stream.TrafficShape;
import app.fluss.core.work.Progress;
import app.fluss.devices.probe.LinkStandIn;
import app.fluss.devices.probe.ProbeClient;
import app.fluss.devices.probe.ProbeCode;
import app.fluss.devices.probe.ProbePlan;
import app.fluss.devices.probe.ProbeServer;
import app.fluss.files.link.PacketFile;
import app.fluss.files.link.ProbeFile;
import app.fluss.files.log.InputException;
import app.fluss.files.report.Json;
import app.fluss.files.report.LinkJson;
import app.fluss.files.work.WholeFiles;
import java.io.IOException;
import java.io.PrintWriter;
import java.net.InetSocketAddress;
import java.nio.file.Path;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// A link, probed with the traffic of a stream.
@Command(
        name = "probe",
        description = "Probes a link with the traffic of the stream that is planned for it.",
        mixinStandardHelpOptions = true,
        footer = {
            "",
            "On the host:    fluss probe serve --bind 192.0.2.10",
            "On the client:  fluss probe run 192.0.2.10 --code abcd-2345 --mbps 40 --fps 60",
            "On one machine: leave --bind out, and run 127.0.0.1"
        })
final class Probe {
    private static final String LOOPBACK = "127.0.0.1";

    @Spec
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private CommandSpec spec;

    private PrintWriter out() {
        return spec.commandLine().getOut();
    }

    private InetSocketAddress address(String host, int port) {
        InetSocketAddress address = new InetSocketAddress(host, port);
        if (address.isUnresolved()) {
            throw new ParameterException(spec.commandLine(), "There is no host named " + host + ".");
        }
        return address;
    }

    /// The host's side.
    @Command(
            name = "serve",
            description = "Waits on the host for one client that knows the code shown, serves it, and ends.",
            mixinStandardHelpOptions = true)
    int serve(
            @Option(
                            names = "--bind",
                            paramLabel = "ADDRESS",
                            defaultValue = LOOPBACK,
                            description =
                                    "Address of this machine to listen at (default: ${DEFAULT-VALUE}, this machine only).")
                    String bind,
            @Option(
                            names = "--port",
                            paramLabel = "PORT",
                            defaultValue = "47810",
                            description = "UDP port (default: ${DEFAULT-VALUE}; 0 for any that is free).")
                    int port)
            throws IOException {
        try (ProbeServer server = ProbeServer.open(address(bind, port))) {
            out().println("listening at %s port %d for ten minutes"
                    .formatted(
                            server.address().getAddress().getHostAddress(),
                            server.address().getPort()));
            out().println("code %s".formatted(server.code()));
            out().flush();
            ProbeServer.Served served = server.serve(Progress.NONE);
            out().println("served %d images to %s; %d packets meant nothing and were ignored"
                    .formatted(served.images(), served.client().getAddress().getHostAddress(), served.ignored()));
            out().flush();
        }
        return 0;
    }

    /// The client's side.
    @Command(
            name = "run",
            description = "Asks the host for the stream's traffic, and times each packet.",
            mixinStandardHelpOptions = true)
    int run(
            @Parameters(paramLabel = "HOST", description = "Where the host's probe listens.") String host,
            @Option(
                            names = "--code",
                            paramLabel = "CODE",
                            required = true,
                            description = "The code that the host shows.")
                    String code,
            @Option(
                            names = "--port",
                            paramLabel = "PORT",
                            defaultValue = "47810",
                            description = "UDP port (default: ${DEFAULT-VALUE}).")
                    int port,
            @Option(
                            names = "--fps",
                            paramLabel = "FPS",
                            defaultValue = "60",
                            description = "Images per second (default: ${DEFAULT-VALUE}).")
                    double fps,
            @Option(
                            names = "--mbps",
                            paramLabel = "MBPS",
                            defaultValue = "40",
                            description = "Bit rate, Mbit/s (default: ${DEFAULT-VALUE}, at most 500).")
                    double mbps,
            @Option(
                            names = "--key-every",
                            paramLabel = "S",
                            defaultValue = "2",
                            description = "Time between key frames, s (default: ${DEFAULT-VALUE}).")
                    double keyEveryS,
            @Option(
                            names = "--key-factor",
                            paramLabel = "F",
                            defaultValue = "4",
                            description = "Size of a key frame over that of another (default: ${DEFAULT-VALUE}).")
                    double keyFactor,
            @Option(names = "--paced", description = "Spread the packets of an image over the time to the next.")
                    boolean paced,
            @Option(
                            names = "--seconds",
                            paramLabel = "S",
                            defaultValue = "10",
                            description = "How long, s (default: ${DEFAULT-VALUE}, at most 60).")
                    double seconds,
            @Option(names = "--out", paramLabel = "PROBE.json", description = "Keep what was seen.") @Nullable
                    Path keep,
            @Option(names = "--json", description = "Print JSON.") boolean json)
            throws IOException {
        ProbeTrace trace = ProbeClient.run(
                address(host, port),
                checked(() -> ProbeCode.typed(code)),
                checked(() -> new ProbePlan(new TrafficShape(fps, mbps, keyEveryS, keyFactor, paced), seconds)),
                System::nanoTime,
                Progress.NONE);
        if (keep != null) {
            WholeFiles.file(keep, to -> ProbeFile.write(trace, to));
        }
        print(trace, json);
        return 0;
    }

    /// Makes something of what was typed.
    private interface Typed<T> {
        T make();
    }

    private <T> T checked(Typed<T> typed) {
        try {
            return typed.make();
        } catch (IllegalArgumentException e) {
            throw new ParameterException(spec.commandLine(), String.valueOf(e.getMessage()));
        }
    }

    /// A stand-in for a link.
    @Command(
            name = "stand-in",
            description = {
                "Stands in for a link: passes packets on to the host's probe with delay, jitter, loss, reordering and a",
                "rate of its own, both ways. What passes it is labelled as simulated. Runs until it is stopped."
            },
            mixinStandardHelpOptions = true)
    int standIn(
            @Option(
                            names = "--host-port",
                            paramLabel = "PORT",
                            defaultValue = "47810",
                            description = "Where the host's probe listens on this machine (default: ${DEFAULT-VALUE}).")
                    int hostPort,
            @Option(
                            names = "--port",
                            paramLabel = "PORT",
                            defaultValue = "47811",
                            description = "Where the client is to go (default: ${DEFAULT-VALUE}).")
                    int port,
            @Option(names = "--rate-mbps", paramLabel = "MBPS", defaultValue = "300") double rateMbps,
            @Option(names = "--delay-ms", paramLabel = "MS", defaultValue = "2") double delayMs,
            @Option(names = "--jitter-ms", paramLabel = "MS", defaultValue = "1") double jitterMs,
            @Option(names = "--jitter-shape", paramLabel = "SHAPE", defaultValue = "0.8") double jitterShape,
            @Option(names = "--loss", paramLabel = "SHARE", defaultValue = "0.001") double loss,
            @Option(names = "--reorder", paramLabel = "SHARE", defaultValue = "0.01") double reorder,
            @Option(names = "--seed", paramLabel = "SEED", defaultValue = "1") long seed)
            throws IOException, InterruptedException {
        Impairment impairment = checked(() -> new Impairment(rateMbps, delayMs, jitterMs, jitterShape, loss, reorder));
        try (LinkStandIn link =
                new LinkStandIn(address(LOOPBACK, port), address(LOOPBACK, hostPort), impairment, seed)) {
            out().println("standing in for a link at %s port %d; end it with Ctrl+C"
                    .formatted(LOOPBACK, link.address().getPort()));
            out().flush();
            Thread.currentThread().join();
        }
        return 0;
    }

    /// What was kept.
    @Command(
            name = "analyze",
            description =
                    "Figures of packets that were kept: a table with sequence,send_us,receive_us, or a probe's JSON.",
            mixinStandardHelpOptions = true)
    int analyze(
            @Parameters(paramLabel = "TRACE.csv", description = "The packets; an empty receive_us is a lost one.")
                    Path file,
            @Option(names = "--json", description = "Print JSON.") boolean json)
            throws IOException, InputException {
        if (file.toString().endsWith(".json")) {
            print(ProbeFile.read(file), json);
            return 0;
        }
        LinkQuality link = LinkQuality.of(PacketFile.read(file));
        if (json) {
            out().print(Json.text(LinkJson.of(link)));
        } else {
            print(link);
        }
        out().flush();
        return 0;
    }

    private void print(ProbeTrace trace, boolean json) {
        ProbeReport report = ProbeReport.of(trace);
        if (json) {
            out().print(Json.text(LinkJson.of(report, trace.simulated())));
        } else {
            if (trace.simulated()) {
                out().println("SIMULATED: a stand-in for a link was between host and client");
            }
            print(report.link());
            line("round trip, median", report.roundTripMs(), "ms");
            line("throughput", report.throughputMbps(), "Mbit/s");
            line("rate within bursts", report.burstMbps(), "Mbit/s");
            line("images never whole", Figure.of(report.arrivals().incomplete()), "");
            line("buffer for 99 %", report.arrivals().bufferMs(0.99), "ms");
            line("buffer for 99.9 %", report.arrivals().bufferMs(0.999), "ms");
        }
        out().flush();
    }

    private void print(LinkQuality link) {
        out().println("%d packets sent, %d lost (%d in a row at most), %d out of order"
                .formatted(link.sent(), link.lost(), link.longestLossRun(), link.reordered()));
        line("jitter, RFC 3550", link.jitterMs(), "ms");
        line("varying delay, median", link.delaySpread().p50(), "ms");
        line("varying delay, p99", link.delaySpread().p99(), "ms");
    }

    private void line(String name, Figure figure, String unit) {
        out().println(
                        switch (figure) {
                            case Figure.Known(double value) ->
                                String.format(Locale.ROOT, "  %-24s %10.3f %s", name, value, unit);
                            case Figure.Missing(String reason) ->
                                String.format(Locale.ROOT, "  %-24s %10s (%s)", name, "-", reason);
                        });
    }
}
