package app.fluss.sim;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.SyncMode;
import app.fluss.sim.scenario.Clicks;
import app.fluss.sim.scenario.Display;
import app.fluss.sim.scenario.Game;
import app.fluss.sim.scenario.Generator;
import app.fluss.sim.scenario.Scenario;
import app.fluss.sim.scenario.Smoothing;
import app.fluss.sim.scenario.Work;
import app.fluss.sim.signal.SensorTrace;
import app.fluss.sim.signal.SoundTrack;
import app.fluss.sim.truth.Click;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Clicks, and the light that answers them.
class ClicksTest {
    private static final Clicks CLICKS = new Clicks(500, 0, 0, 0, 4000, 0.01, 0.5);

    private static Display panel(double hz, SyncMode sync, double responseMs, double ripple) {
        return new Display(new DisplayMode(hz, sync), 2, 0.96, 0, responseMs, ripple, 480, 1, Optional.empty());
    }

    private static Scenario bench(double gpuMs, Display display, Clicks clicks) {
        return Scenario.of(3, 300, Game.of(Work.steady(2), Work.steady(gpuMs)), display)
                .with(clicks);
    }

    private static double mean(List<Click> clicks, ToDoubleFunction<Click> end) {
        return clicks.stream()
                .filter(Click::answered)
                .mapToDouble(c -> end.applyAsDouble(c) - c.clickMs())
                .average()
                .orElseThrow();
    }

    /// Sampling wait of half a frame, the frame's own way with two queued, and the scan-out to mid-screen: a panel
    /// without response lights at once.
    @Test
    void nativeLatencyIsTheSumOfItsStages() {
        Display display = panel(500, SyncMode.VRR, 0, 0);
        Game game = Game.of(Work.steady(2), Work.steady(10)).withCap(80);
        SimulatedRun run = Simulation.run(Scenario.of(3, 300, game, display).with(CLICKS));
        double scan = 0.5 * 0.96 * 1000 / 500;
        assertThat(mean(run.truth().clicks(), Click::partialMs)).isCloseTo(12.5 / 2 + 12 + scan, within(0.3));
        assertThat(mean(run.truth().clicks(), Click::halfMs))
                .isEqualTo(mean(run.truth().clicks(), Click::partialMs));
    }

    /// With m images per frame the light passes a share θ with the first image of phase j/m ≥ θ, which comes `cost +
    /// (j - 1) / m · T` after the frame.
    @ParameterizedTest
    @ValueSource(ints = {2, 3, 4})
    void interpolationShowsAPartFirst(int m) {
        Game game = Game.of(Work.steady(2), Work.steady(6)).withCap(50);
        Scenario off =
                Scenario.of(3, 300, game, panel(1000, SyncMode.VRR, 0, 0)).with(CLICKS);
        SimulatedRun on = Simulation.run(off.with(Generator.interpolating(m, 1)));
        double plain = mean(Simulation.run(off).truth().clicks(), Click::partialMs);
        double half = Math.ceil(0.5 * m);
        assertThat(mean(on.truth().clicks(), Click::partialMs) - plain)
                .as("partial")
                .isCloseTo(1, within(0.05));
        assertThat(mean(on.truth().clicks(), Click::halfMs) - plain)
                .as("half")
                .isCloseTo(1 + (half - 1) / m * 20, within(0.05));
        assertThat(mean(on.truth().clicks(), Click::fullMs) - plain)
                .as("full")
                .isCloseTo(1 + (m - 1.0) / m * 20, within(0.05));
    }

    @Test
    void aPanelTakesItsTimeToTheThreshold() {
        Scenario fast = bench(10, panel(500, SyncMode.VRR, 0, 0), CLICKS);
        Scenario slow = bench(10, panel(500, SyncMode.VRR, 6, 0), CLICKS);
        List<Click> a = Simulation.run(fast).truth().clicks();
        List<Click> b = Simulation.run(slow).truth().clicks();
        assertThat(mean(b, Click::halfMs) - mean(a, Click::halfMs)).isCloseTo(6 * Math.log(2), within(0.01));
        assertThat(mean(b, Click::fullMs) - mean(a, Click::fullMs)).isCloseTo(6 * Math.log(10), within(0.05));
    }

    @ParameterizedTest
    @ValueSource(doubles = {22, 135})
    void smoothingAddsItsLag(double lagMs) {
        Scenario off = bench(9, panel(60, SyncMode.FIFO, 0, 0), CLICKS);
        Scenario on = off.with(panel(60, SyncMode.FIFO, 0, 0).with(new Smoothing(120, lagMs)));
        double added = mean(Simulation.run(on).truth().clicks(), Click::fullMs)
                - mean(Simulation.run(off).truth().clicks(), Click::fullMs);
        // The panel refreshes every 8.3 ms; 90 % of a step is passed with the last image of it.
        assertThat(added).isCloseTo(lagMs, within(8.4));
        assertThat(Simulation.run(on).truth().panel().orElseThrow().deliveredFps())
                .isGreaterThan(115);
    }

    @Test
    void smoothingDoesNothingWithVariableRefresh() {
        Scenario left = bench(14, panel(60, SyncMode.VRR, 0, 0).with(new Smoothing(120, 22)), CLICKS);
        assertThat(Simulation.run(left).truth().panel()).isEmpty();
    }

    @Test
    void missedClicksAreNotAnswered() {
        Clicks lossy = new Clicks(500, 1, 2, 0.2, 4000, 0.01, 0.5);
        List<Click> clicks = Simulation.run(bench(10, panel(144, SyncMode.VRR, 2, 0), lossy))
                .truth()
                .clicks();
        long missed = clicks.stream().filter(c -> !c.answered()).count();
        assertThat((double) missed / clicks.size()).isCloseTo(0.2, within(0.06));
        assertThat(clicks).filteredOn(c -> !c.answered()).allMatch(c -> Double.isNaN(c.halfMs()));
        assertThat(clicks)
                .filteredOn(Click::answered)
                .allMatch(c -> c.partialMs() <= c.halfMs() && c.halfMs() <= c.fullMs());
    }

    /// A detector of the plainest kind: the mean over one ripple period, its half swing between settled levels,
    /// and half a period taken off for the mean.
    @Test
    void theTraceGivesEachLatencyBackWithinAMillisecond() {
        SimulatedRun run = Simulation.run(
                bench(11, panel(144, SyncMode.VRR, 2, 0.1), CLICKS).lasting(60).with(Generator.interpolating(3, 1)));
        SensorTrace trace = run.sensor().orElseThrow();
        int period = (int) Math.round(4000.0 / 480);
        int found = 0;
        for (Click click : run.truth().clicks()) {
            int from = (int) Math.ceil(click.clickMs() * 4);
            assertThat(trace.input(from)).as("the button's edge").isEqualTo(1);
            assertThat(trace.input(from - 1)).isZero();
            double before = mean(trace, from - 200, from);
            double after = mean(trace, from + 500, from + 700);
            for (int i = from; i < from + 600; i++) {
                double now = mean(trace, i, i + period);
                if (Math.abs(now - before) >= Math.abs(after - before) / 2) {
                    double at = (i + period / 2.0) / 4;
                    assertThat(at).isCloseTo(click.halfMs(), within(1.0));
                    found++;
                    break;
                }
            }
        }
        assertThat(found).isEqualTo(run.truth().clicks().size()).isGreaterThan(100);
    }

    private static double mean(SensorTrace trace, int from, int to) {
        double sum = 0;
        for (int i = from; i < to; i++) {
            sum += trace.light(i);
        }
        return sum / (to - from);
    }

    @Test
    void theSoundHasTheClickAtItsSampleAndTheLightBeside() {
        SimulatedRun run =
                Simulation.run(bench(11, panel(144, SyncMode.VRR, 2, 0), CLICKS).lasting(10));
        byte[] pcm = run.sound(SoundTrack.RATE_HZ).orElseThrow();
        Click click = run.truth().clicks().get(2);
        int at = (int) Math.ceil(click.clickMs() * 48);
        int quiet = peak(pcm, 0, at - 480, at);
        assertThat(peak(pcm, 0, at, at + 48)).isGreaterThan(20 * quiet);
        double half = click.halfMs() * 48;
        assertThat(Math.abs(sample(pcm, 1, (int) half + 960) - sample(pcm, 1, (int) half - 960)))
                .isGreaterThan(20_000);
    }

    private static int peak(byte[] pcm, int channel, int from, int to) {
        int peak = 0;
        for (int i = from; i < to; i++) {
            peak = Math.max(peak, Math.abs(sample(pcm, channel, i)));
        }
        return peak;
    }

    private static int sample(byte[] pcm, int channel, int at) {
        int low = 4 * at + 2 * channel;
        return (pcm[low] & 0xff) | pcm[low + 1] << 8;
    }

    /// Two pictures are the same if they differ by no more than the noise.
    @Test
    void theClipHasItsDistinctImages() {
        SimulatedRun run = Simulation.run(bench(11, panel(120, SyncMode.LATEST, 2, 0), CLICKS)
                .lasting(10)
                .with(Generator.interpolating(2, 1).with(Generator.Behaviour.PHANTOM)));
        var clip = run.clip().get();
        assertThat(clip.frames()).isEqualTo(480);
        int distinct = 1;
        byte[] before = clip.luma(0);
        for (int i = 1; i < clip.frames(); i++) {
            byte[] now = clip.luma(i);
            distinct += difference(before, now) > 1.2 ? 1 : 0;
            before = now;
        }
        assertThat(distinct).isEqualTo(clip.distinct());
        double inClip = run.truth().shown().distinct() * 4.0 / 10;
        assertThat((double) distinct).isCloseTo(inClip, within(3.0));
    }

    private static double difference(byte[] a, byte[] b) {
        double sum = 0;
        for (int i = 0; i < a.length; i++) {
            sum += Math.abs((a[i] & 0xff) - (b[i] & 0xff));
        }
        return sum / a.length;
    }

    @Test
    void sameSeedSameSignals() {
        Scenario scenario =
                bench(11, panel(120, SyncMode.LATEST, 2, 0.1), CLICKS).lasting(5);
        SimulatedRun one = Simulation.run(scenario);
        SimulatedRun two = Simulation.run(scenario);
        assertThat(Arrays.equals(one.clip().get().luma(7), two.clip().get().luma(7)))
                .isTrue();
        SensorTrace a = one.sensor().orElseThrow();
        SensorTrace b = two.sensor().orElseThrow();
        for (int i = 0; i < a.size(); i++) {
            assertThat(a.light(i)).isEqualTo(b.light(i));
        }
    }
}
