package app.fluss.devices.probe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import app.fluss.core.stream.Impairment;
import app.fluss.core.stream.ProbeReport;
import app.fluss.core.stream.TrafficShape;
import app.fluss.core.work.Progress;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/// Host and client in network namespaces of their own, a pair of virtual cables between them, and the stand-in as the
/// relay. Takes rights that not every machine gives.
@Timeout(90)
class NetworkNamespacesTest {
    private static final String HOST = "fluss-host";
    private static final String CLIENT = "fluss-client";
    private static final String HOST_ADDRESS = "10.94.7.1";
    private static final TrafficShape SHAPE = new TrafficShape(60, 8, 1, 3, true);

    private static boolean ip(String... words) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of("ip"));
        command.addAll(List.of(words));
        Process process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        return process.waitFor(10, TimeUnit.SECONDS) && process.exitValue() == 0;
    }

    private static boolean connected() {
        try {
            return ip("netns", "add", HOST)
                    && ip("netns", "add", CLIENT)
                    && ip(
                            "link", "add", "flussh", "netns", HOST, "type", "veth", "peer", "name", "flussc", "netns",
                            CLIENT)
                    && ip("-n", HOST, "addr", "add", HOST_ADDRESS + "/24", "dev", "flussh")
                    && ip("-n", CLIENT, "addr", "add", "10.94.7.2/24", "dev", "flussc")
                    && ip("-n", HOST, "link", "set", "flussh", "up")
                    && ip("-n", HOST, "link", "set", "lo", "up")
                    && ip("-n", CLIENT, "link", "set", "flussc", "up");
        } catch (IOException | InterruptedException e) {
            return false;
        }
    }

    @AfterEach
    void remove() throws Exception {
        try {
            ip("netns", "del", HOST);
            ip("netns", "del", CLIENT);
        } catch (IOException e) {
            assumeTrue(false, "there is no ip command on this machine");
        }
    }

    @Test
    void theProbeWorksBetweenTwoMachines() throws Exception {
        assumeTrue(connected(), "this machine gives no network namespaces, so the probe was tried over loopback only");
        Process host = inside(HOST, "host");
        try (BufferedReader said = lines(host)) {
            String code = said.readLine();
            String port = said.readLine();
            Process client = inside(CLIENT, "client", code, port);
            try (BufferedReader found = lines(client)) {
                double[] figures = Stream.of(String.valueOf(found.readLine()).split(" "))
                        .mapToDouble(Double::parseDouble)
                        .toArray();
                assertThat(figures[0]).as("lost share").isCloseTo(0.03, within(0.012));
                assertThat(figures[1]).as("shortest round trip, ms").isBetween(8.0, 14.0);
                assertThat(figures[2]).as("reordered").isPositive();
                assertThat(figures[3]).as("images").isEqualTo(180);
            } finally {
                client.destroy();
            }
        } finally {
            host.destroy();
        }
    }

    private static BufferedReader lines(Process process) {
        return new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.US_ASCII));
    }

    /// Starts [#main] in a namespace.
    private static Process inside(String namespace, String... words) throws IOException {
        String classes = String.join(
                System.getProperty("path.separator"),
                System.getProperty("java.class.path", ""),
                System.getProperty("jdk.module.path", ""),
                Path.of("target", "test-classes").toAbsolutePath().toString());
        List<String> command = new ArrayList<>(List.of(
                "ip",
                "netns",
                "exec",
                namespace,
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-cp",
                classes,
                NetworkNamespacesTest.class.getName()));
        command.addAll(List.of(words));
        return new ProcessBuilder(command)
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
    }

    /// One side of the link.
    public static void main(String... words) throws IOException {
        if (words[0].equals("host")) {
            InetSocketAddress any = new InetSocketAddress(HOST_ADDRESS, 0);
            try (ProbeServer server = ProbeServer.open(any);
                    LinkStandIn link =
                            new LinkStandIn(any, server.address(), new Impairment(300, 4, 1, 1, 0.03, 1), 9)) {
                System.out.println(server.code());
                System.out.println(link.address().getPort());
                server.serve(Progress.NONE);
                Thread.sleep(500);
            } catch (InterruptedException e) {
                return;
            }
        } else {
            ProbeReport report = ProbeReport.of(ProbeClient.run(
                    new InetSocketAddress(HOST_ADDRESS, Integer.parseInt(words[2])),
                    ProbeCode.typed(words[1]),
                    new ProbePlan(SHAPE, 3),
                    System::nanoTime,
                    Progress.NONE));
            System.out.println(report.link().lossShare().orNaN()
                    + " "
                    + report.shortestMs().orNaN()
                    + " "
                    + report.link().reordered()
                    + " "
                    + report.arrivals().images());
        }
    }
}
