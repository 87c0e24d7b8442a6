package app.fluss.files.simulated;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.FrameSlice;
import app.fluss.core.frame.Values;
import app.fluss.core.gpu.Slot;
import app.fluss.core.latency.chain.ChainEstimate;
import app.fluss.core.latency.chain.ChainModel;
import app.fluss.core.latency.chain.LatencyStage;
import app.fluss.core.latency.chain.StatedPath;
import app.fluss.core.latency.chain.StreamStages;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import app.fluss.sim.SimulatedRun;
import app.fluss.sim.Simulation;
import app.fluss.sim.scenario.Clicks;
import app.fluss.sim.scenario.Scenario;
import app.fluss.sim.truth.Click;
import app.fluss.sim.truth.HeadsetTruth;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/// The chain estimate and the event simulation are two calculations that share no code: one draws stages, the
/// other plays frames. They must give the same mean within 3 % or 0.5 ms for every scenario that ships.
class ChainAgainstTruthTest {
    private static final Clicks CLICKS = new Clicks(700, 1, 1.5, 0, 1000, 0.01, 0.5);
    private static final double LONG_S = 600;

    /// Here a cap, a stream's ticks or a full queue keep step with the display's refresh, so that the wait
    /// for it is not any time but one that hangs on where the two began. Only a log that knows when images
    /// were shown can tell it.
    private static final Set<String> IN_STEP = Set.of(
            "home-stream",
            "stream-into-smoothing",
            "stream-host-hitch",
            "stream-network-hitch",
            "stream-decoder-hitch",
            "locked-30",
            "uneven-cadence",
            "not-engaged");

    static List<String> onDisplays() {
        return ReadyScenario.names().stream()
                .filter(name -> ReadyScenario.named(name).headset().isEmpty())
                .toList();
    }

    static List<String> inHeadsets() {
        return ReadyScenario.names().stream()
                .filter(name -> ReadyScenario.named(name).headset().isPresent())
                .toList();
    }

    @ParameterizedTest
    @MethodSource("onDisplays")
    void stagesAddUpToWhatTheSimulationShows(String name) {
        Scenario scenario = ReadyScenario.named(name).with(CLICKS).lasting(LONG_S);
        SimulatedRun run = Simulation.run(scenario);
        double truth = mean(run, Click::halfMs);
        ChainModel model = model(scenario, run, Map.of());

        ChainEstimate waited = ChainEstimate.of(waited(model, run), 0.5);
        assertThat(waited.missing()).isEmpty();
        assertThat(waited.total().mean().orNaN()).isCloseTo(truth, within(Math.max(0.5, 0.03 * truth)));

        if (!IN_STEP.contains(name)) {
            ChainEstimate stated = ChainEstimate.of(model, 0.5);
            assertThat(stated.total().mean().orNaN()).isCloseTo(truth, within(Math.max(0.5, 0.03 * truth)));
        }
    }

    /// What a stream's two logs measure in place of what is stated.
    @ParameterizedTest
    @ValueSource(strings = {"home-stream", "stream-host-hitch", "stream-network-hitch", "stream-decoder-hitch"})
    void aStreamsOwnStampsAgreeWithTheTruth(String name) {
        Scenario scenario = ReadyScenario.named(name).with(CLICKS).lasting(LONG_S);
        SimulatedRun run = Simulation.run(scenario);
        ChainModel model = waited(model(scenario, run, Map.of()), run)
                .withMeasured(
                        LatencyStage.ENCODE,
                        StreamStages.encode(run.hostLog().orElseThrow()).orElseThrow())
                .withMeasured(
                        LatencyStage.DECODE, StreamStages.decode(run.log()).orElseThrow());
        double truth = mean(run, Click::halfMs);
        assertThat(ChainEstimate.of(model, 0.5).total().mean().orNaN())
                .isCloseTo(truth, within(Math.max(0.5, 0.03 * truth)));
    }

    @ParameterizedTest
    @MethodSource("inHeadsets")
    void handsFollowTheApplicationAndTheHeadDoesNot(String name) {
        Scenario scenario = ReadyScenario.named(name).lasting(300);
        SimulatedRun run = Simulation.run(scenario);
        HeadsetTruth truth = run.truth().headset().orElseThrow();
        // The truth is about the middle of a refresh and knows neither input device nor panel.
        ChainModel model =
                model(scenario, run, Map.of(FactKey.POLLING_MS, "0", FactKey.DEVICE_MS, "0", FactKey.RESPONSE_MS, "0"));
        double hand =
                untilShown(run.log()) + 500 / scenario.headset().orElseThrow().refreshHz();

        assertThat(ChainEstimate.of(model, 0.5).total().mean().orNaN())
                .isCloseTo(hand, within(Math.max(0.5, 0.03 * hand)));
        assertThat(model.headMs().orNaN()).isCloseTo(truth.headLatencyMs(), within(0.5));
        assertThat(model.headMs().orNaN()).isLessThan(hand);
    }

    /// Wireless: the hand waits for encoder, link, decoder and buffer on top, the head for none of it.
    @Test
    void aWirelessHeadsetAddsTheStreamsStages() {
        Scenario scenario = ReadyScenario.named("vr-full-rate").lasting(60);
        SimulatedRun run = Simulation.run(scenario);
        Map<FactKey, String> link = Map.of(
                FactKey.BITRATE_MBPS, "90",
                FactKey.LINK_MBPS, "600",
                FactKey.LINK_DELAY_MS, "2",
                FactKey.LINK_JITTER_MS, "0.5",
                FactKey.ENCODE_MS, "4",
                FactKey.DECODE_MS, "3",
                FactKey.BUFFER_MS, "5",
                FactKey.STREAM_FPS, "90");
        Setup setup = Setup.EMPTY
                .withNamed(ScenarioFacts.of(scenario), FactSource.TYPED)
                .with(link, FactSource.TYPED);
        ChainModel wired = over(setup, run, scenario, Chain.of(StageKind.VR_REPROJECTION));
        ChainModel wireless =
                over(setup, run, scenario, Chain.of(StageKind.VR_REPROJECTION).with(StageKind.HOME_STREAM));
        ChainEstimate more = ChainEstimate.of(wireless, 0.5);
        assertThat(more.stages())
                .extracting(time -> time.stage().orElseThrow())
                .contains(LatencyStage.UPLINK, LatencyStage.ENCODE, LatencyStage.NETWORK, LatencyStage.DECODE);
        // At least encoding, sending, the way there and back, decoding and the buffer; at most two refreshes more.
        double least = 4 + 90e6 / 90 / 600e6 * 1000 + 2 * 2 + 3 + 5;
        assertThat(more.total().mean().orNaN()
                        - ChainEstimate.of(wired, 0.5).total().mean().orNaN())
                .isBetween(least - 0.5, least + 2 * 1000.0 / 90);
        assertThat(wireless.headMs()).isEqualTo(wired.headMs());
    }

    private static ChainModel over(Setup setup, SimulatedRun run, Scenario scenario, Chain chain) {
        return StatedPath.of(chain, setup, run.log().all(), scenario.display().mode(), Double.NaN)
                .orElseThrow();
    }

    /// Interpolation shows part of a change early: the first sign comes before half, and half before the
    /// whole.
    @Test
    void lowerThresholdsSeeGeneratedImages() {
        Scenario scenario = ReadyScenario.named("second-gpu").with(CLICKS).lasting(LONG_S);
        SimulatedRun run = Simulation.run(scenario);
        ChainModel model = model(scenario, run, Map.of());
        double full = ChainEstimate.of(model, 0.9).total().mean().orNaN();
        double truth = mean(run, Click::fullMs);
        assertThat(full).isCloseTo(truth, within(0.03 * truth));

        double partial = ChainEstimate.of(model, 0.1).total().mean().orNaN();
        double first = mean(run, Click::partialMs);
        // The first sign is when the first image begins to show; a tenth of the step comes a little later.
        assertThat(partial).isBetween(first, first + 2);
    }

    /// With the display's cable in the first card every image is copied twice.
    @Test
    void aCableInTheWrongCardAddsACopy() {
        Scenario scenario = ReadyScenario.named("second-gpu").lasting(20);
        SimulatedRun run = Simulation.run(scenario);
        double right = ChainEstimate.totalMeanMs(model(scenario, run, Map.of(FactKey.CABLE_IN, "second card")), 0.5);
        double wrong = ChainEstimate.totalMeanMs(model(scenario, run, Map.of(FactKey.CABLE_IN, "first card")), 0.5);
        assertThat(wrong - right).isCloseTo(new Slot(4, 4).copyMs(2560, 1440, 4), within(0.05));
    }

    @Test
    void whatIsNotStatedIsNamedAndLeftOut() {
        Scenario scenario = ReadyScenario.named("engine-generation").lasting(20);
        SimulatedRun run = Simulation.run(scenario);
        ChainModel whole = model(scenario, run, Map.of());
        ChainModel less = StatedPath.of(
                        Chain.NATIVE,
                        Setup.EMPTY,
                        run.log().all(),
                        scenario.display().mode(),
                        Double.NaN)
                .orElseThrow();
        ChainEstimate estimate = ChainEstimate.of(less, 0.5);
        assertThat(ChainEstimate.of(whole, 0.5).isWhole()).isTrue();
        assertThat(estimate.missing())
                .containsExactly(
                        "polling interval",
                        "frames in flight, or what the game waits for",
                        "lag of the picture mode",
                        "panel response");
        assertThat(estimate.stages())
                .filteredOn(time -> time.stage().orElseThrow() == LatencyStage.PANEL)
                .allSatisfy(time -> assertThat(time.mean().isKnown()).isFalse());
    }

    private static double mean(SimulatedRun run, ToDoubleFunction<Click> seenMs) {
        return run.truth().clicks().stream()
                .filter(Click::answered)
                .mapToDouble(click -> seenMs.applyAsDouble(click) - click.clickMs())
                .filter(Double::isFinite)
                .average()
                .orElseThrow();
    }

    private static ChainModel model(Scenario scenario, SimulatedRun run, Map<FactKey, String> more) {
        Chain chain = ScenarioChain.of(scenario, Chain.NATIVE);
        Setup setup = Setup.EMPTY
                .withNamed(ScenarioFacts.of(scenario), FactSource.TYPED)
                .with(chain.settings(), FactSource.TYPED)
                .with(more, FactSource.TYPED);
        FrameSlice frames = run.hostLog().orElse(run.log()).all();
        return StatedPath.of(
                        chain,
                        setup,
                        frames,
                        scenario.display().mode(),
                        scenario.game().capFps())
                .orElseThrow();
    }

    private static ChainModel waited(ChainModel model, SimulatedRun run) {
        return model.withMeasured(
                LatencyStage.SYNC, StatedPath.syncWaits(run.log().all()).orElseThrow());
    }

    /// From any time to the refresh that shows the first image begun after it, on average, ms.
    private static double untilShown(FrameLog log) {
        Values content = log.channel(Channel.CONTENT).orElseThrow();
        Values displayed = log.channel(Channel.DISPLAYED).orElseThrow();
        double sum = 0;
        double all = 0;
        double before = content.at(0);
        for (int i = 1; i < log.size(); i++) {
            if (!Double.isNaN(displayed.at(i))) {
                double length = content.at(i) - before;
                sum += length * (displayed.at(i) - (before + length / 2));
                all += length;
                before = content.at(i);
            }
        }
        return sum / all;
    }
}
