package app.fluss.devices.probe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.stream.Impairment;
import app.fluss.core.stream.ProbeReport;
import app.fluss.core.stream.ProbeTrace;
import app.fluss.core.stream.TrafficShape;
import app.fluss.core.work.Progress;
import app.fluss.core.work.StoppedException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.util.Locale;
import java.util.concurrent.Future;
import java.util.function.LongSupplier;
import org.hipparchus.distribution.continuous.GammaDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/// Real packets over loopback. Tolerances leave room for what a busy machine of two cores adds: a packet is let out of
/// the stand-in within a few tenths of a millisecond of when it is due, so medians are asked for and not means.
@Timeout(120)
class ProbeTest {
    private static final TrafficShape SHAPE = new TrafficShape(60, 8, 1, 3, true);

    private static InetSocketAddress loopback() {
        return new InetSocketAddress(InetAddress.getLoopbackAddress(), 0);
    }

    private static Future<ProbeServer.Served> serving(ProbeServer server) {
        return Background.run(() -> server.serve(Progress.NONE));
    }

    private static ProbeTrace through(Impairment impairment, double seconds, LongSupplier clock) throws Exception {
        try (ProbeServer server = ProbeServer.open(loopback());
                LinkStandIn link = new LinkStandIn(loopback(), server.address(), impairment, 4)) {
            Future<ProbeServer.Served> served = serving(server);
            ProbeTrace trace =
                    ProbeClient.run(link.address(), server.code(), new ProbePlan(SHAPE, seconds), clock, Progress.NONE);
            assertThat(served.get().images()).isEqualTo(trace.images());
            return trace;
        }
    }

    @Test
    void loopbackCarriesEveryImage() throws Exception {
        try (ProbeServer server = ProbeServer.open(loopback())) {
            Future<ProbeServer.Served> served = serving(server);
            ProbeTrace trace = ProbeClient.run(
                    server.address(),
                    ProbeCode.typed(server.code().toString().toUpperCase(Locale.ROOT)),
                    new ProbePlan(SHAPE, 1),
                    System::nanoTime,
                    Progress.NONE);
            assertThat(served.get().ignored()).isZero();
            assertThat(trace.simulated()).isFalse();
            assertThat(trace.images()).isEqualTo(60);
            ProbeReport report = ProbeReport.of(trace);
            assertThat(report.link().lost()).isZero();
            assertThat(report.arrivals().incomplete()).isZero();
            assertThat(report.throughputMbps().orNaN()).isCloseTo(8, within(0.8));
            assertThat(report.shortestMs().orNaN()).isBetween(0.0, 1.0);
        }
    }

    /// Gamma jitter of mean 3 ms and shape 2, lossy and unordered, 5 ms each way. The spread over the quickest packet
    /// must be that of the gamma distribution (quantiles by Hipparchus).
    @Test
    void recoversDelayJitterLossAndReordering() throws Exception {
        QuietMachine.tries(ProbeTest::recovers);
    }

    private static void recovers() throws Exception {
        Impairment impairment = new Impairment(500, 5, 3, 2, 0.02, 1);
        ProbeTrace trace = through(impairment, 6, System::nanoTime);
        ProbeReport report = ProbeReport.of(trace);
        assertThat(trace.simulated()).isTrue();
        GammaDistribution gamma = new GammaDistribution(2, 1.5);
        assertThat(report.link().delaySpread().p50().orNaN())
                .as("a busy machine delays each packet by some tenths of a millisecond more")
                .isCloseTo(gamma.inverseCumulativeProbability(0.5), within(0.7));
        assertThat(report.link().delaySpread().p95().orNaN())
                .isCloseTo(gamma.inverseCumulativeProbability(0.95), within(0.8));
        assertThat(report.jitterMs().orNaN()).isCloseTo(3, within(0.5));
        assertThat(report.link().lossShare().orNaN()).isCloseTo(0.02, within(0.008));
        assertThat(report.link().reordered()).isPositive();
        assertThat(report.oneWayMs().orNaN()).isBetween(5.0, 7.0);
        // Both ways jitter: the median of a sum of two such delays, a gamma of twice the shape.
        double trip = 10 + new GammaDistribution(4, 1.5).inverseCumulativeProbability(0.5);
        assertThat(report.roundTripMs().orNaN()).isCloseTo(trip, within(0.8));
        // An image of n packets is whole if none is lost: a share of 0.98^n, n being 13 but for key frames.
        double whole = Math.pow(0.98, SHAPE.packets(1));
        assertThat(1 - (double) report.arrivals().incomplete() / trace.images()).isCloseTo(whole, within(0.09));
        assertThat(report.arrivals().bufferMs(0.99).isKnown()).isFalse();
    }

    @Test
    void aClockThatRuns100PpmFastIsTakenOut() throws Exception {
        QuietMachine.tries(ProbeTest::takesDriftOut);
    }

    private static void takesDriftOut() throws Exception {
        long begun = System.nanoTime();
        LongSupplier fast = () -> {
            long passed = System.nanoTime() - begun;
            return 7_000_000_000_000L + passed + passed / 10_000;
        };
        ProbeReport report = ProbeReport.of(through(new Impairment(500, 2, 0, 1, 0, 0), 8, fast));
        assertThat(report.link().drift().orNaN()).isCloseTo(100e-6, within(15e-6));
        assertThat(report.link().delaySpread().p50().orNaN())
                .as("8 s of drift would be 0.8 ms")
                .isLessThan(0.4);
    }

    @Test
    void aSlowLinkShowsItsRateAndMakesImagesLate() throws Exception {
        QuietMachine.tries(ProbeTest::showsTheRate);
    }

    private static void showsTheRate() throws Exception {
        TrafficShape burst = new TrafficShape(60, 8, 1, 3, false);
        try (ProbeServer server = ProbeServer.open(loopback());
                LinkStandIn link =
                        new LinkStandIn(loopback(), server.address(), new Impairment(20, 1, 0, 1, 0, 0), 1)) {
            Future<ProbeServer.Served> served = serving(server);
            ProbeReport report = ProbeReport.of(ProbeClient.run(
                    link.address(), server.code(), new ProbePlan(burst, 3), System::nanoTime, Progress.NONE));
            served.get();
            assertThat(report.burstMbps().orNaN()).isCloseTo(20, within(2.0));
            // A key frame is three times as large: it takes longer by twice an image's bits over the rate.
            double later = 2 * burst.deltaBytes() * Byte.SIZE / 20_000;
            assertThat(report.arrivals().bufferMs(1).orNaN()).isBetween(later - 0.5, later + 6);
            assertThat(report.arrivals().inTimeShare(later / 2).orNaN()).isBetween(0.9, 0.99);
        }
    }

    @Test
    void aWrongCodeASecondProbeAndNobodyAreToldInWords() throws Exception {
        ProbePlan plan = new ProbePlan(SHAPE, 1);
        try (ProbeServer server = ProbeServer.open(loopback())) {
            Future<ProbeServer.Served> served = serving(server);
            assertThatThrownBy(() -> ProbeClient.run(
                            server.address(), ProbeCode.typed("aaaa-aaaa"), plan, System::nanoTime, Progress.NONE))
                    .isInstanceOf(ProbeException.class)
                    .hasMessageContaining("code");
            assertThatThrownBy(() -> ProbeServer.open(server.address())).hasMessageContaining("another probe");
            Future<ProbeTrace> first = Background.run(() -> ProbeClient.run(
                    server.address(), server.code(), new ProbePlan(SHAPE, 3), System::nanoTime, Progress.NONE));
            Thread.sleep(700);
            assertThatThrownBy(() ->
                            ProbeClient.run(server.address(), server.code(), plan, System::nanoTime, Progress.NONE))
                    .hasMessageContaining("another probe");
            assertThat(first.get().images()).isEqualTo(180);
            served.get();
        }
        assertThatThrownBy(() -> ProbeClient.run(
                        new InetSocketAddress(InetAddress.getLoopbackAddress(), 9),
                        ProbeCode.typed("aaaa-aaaa"),
                        plan,
                        System::nanoTime,
                        Progress.NONE))
                .hasMessageContaining("No answer");
    }

    @Test
    void stopsWhereItIsToldTo() throws Exception {
        try (ProbeServer server = ProbeServer.open(loopback())) {
            assertThatThrownBy(() -> server.serve(_ -> false)).isInstanceOf(StoppedException.class);
        }
        assertThatThrownBy(() -> new ProbePlan(SHAPE, 61)).hasMessageContaining("60");
        assertThatThrownBy(() -> new ProbePlan(new TrafficShape(60, 501, 1, 3, true), 5))
                .hasMessageContaining("500 Mbit/s");
        assertThatThrownBy(() -> ProbeCode.typed("0000-0000")).hasMessageContaining("host's screen");
    }
}
