package app.fluss.sim;

import static app.fluss.sim.Benches.analyse;
import static app.fluss.sim.Benches.display;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.withinPercentage;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.gpu.Slot;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.RefreshLedger;
import app.fluss.core.measure.SyncMode;
import app.fluss.sim.scenario.Counter;
import app.fluss.sim.scenario.Display;
import app.fluss.sim.scenario.Game;
import app.fluss.sim.scenario.Generator;
import app.fluss.sim.scenario.Generator.Behaviour;
import app.fluss.sim.scenario.Link;
import app.fluss.sim.scenario.Scenario;
import app.fluss.sim.scenario.SecondGpu;
import app.fluss.sim.scenario.Work;
import app.fluss.sim.truth.Fate;
import app.fluss.sim.truth.Shown;
import java.util.Arrays;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/// The analysis, which sees only what was logged, against what the simulation counted as it happened.
class TruthTest {
    static Stream<Arguments> benches() {
        return Arrays.stream(SyncMode.values())
                .flatMap(sync -> Arrays.stream(Behaviour.values()).map(behaviour -> Arguments.of(sync, behaviour)));
    }

    @ParameterizedTest
    @MethodSource("benches")
    void analysisRecoversTheTruth(SyncMode sync, Behaviour behaviour) {
        SimulatedRun run = Simulation.run(Benches.nativeRun(120, sync)
                .with(Generator.interpolating(2, 1.5).with(behaviour)));
        Analysis analysis = analyse(run);
        RefreshLedger ledger = analysis.ledger().orElseThrow();
        Shown truth = run.truth().shown();
        if (sync != SyncMode.TEARING) {
            assertThat(ledger.shown()).as("shown").isEqualTo(truth.shown());
            assertThat(ledger.lost()).as("lost").isEqualTo(truth.lost());
            assertThat(ledger.distinct()).as("distinct").isEqualTo(truth.distinct());
        }
        if (sync == SyncMode.FIFO || sync == SyncMode.LATEST) {
            assertThat(ledger.holdCounts()).isEqualTo(truth.holds());
        }
        assertThat(analysis.rates().delivered().orNaN())
                .as("delivered")
                .isCloseTo(truth.deliveredFps(), withinPercentage(0.5));
        assertThat(analysis.rates().presented().orNaN())
                .as("presented")
                .isCloseTo(run.truth().presented() / run.truth().seconds(), withinPercentage(0.5));
        assertThat(analysis.rates().rendered().orNaN())
                .as("rendered")
                .isCloseTo(run.truth().fate().rendered() / run.truth().seconds(), withinPercentage(0.5));
        assertThat(analysis.onePercentLow().slowestMean().orNaN())
                .as("1 %% low")
                .isCloseTo(lowOf(run), withinPercentage(2));
    }

    /// The 1 % low from the truth's own times, worked out in the plainest way.
    private static double lowOf(SimulatedRun run) {
        var images = run.truth().images();
        double[] intervals = new double[images.size() - 1];
        for (int i = 0; i < intervals.length; i++) {
            intervals[i] = images.madeMs(i + 1) - images.madeMs(i);
        }
        Arrays.sort(intervals);
        int tail = (int) Math.ceil(intervals.length * 0.01);
        return 1000
                / Arrays.stream(intervals, intervals.length - tail, intervals.length)
                        .average()
                        .orElseThrow();
    }

    @Test
    void withoutDisplayTimesTheInferredLedgerComesCloseToTheTruth() {
        Scenario scenario = Benches.nativeRun(120, SyncMode.LATEST).with(Generator.interpolating(2, 1.5));
        SimulatedRun run = Simulation.run(scenario);
        double[] present = run.log().present().copy(0, run.log().size());
        Analysis inferred = analyse(
                FrameLog.presentedAt(present, present.length).build(),
                scenario.display().mode());
        // The phase of the refresh is not in the log: single images go either way.
        assertThat((double) inferred.ledger().orElseThrow().shown())
                .isCloseTo(run.truth().shown().shown(), withinPercentage(1.0));
    }

    /// Every rendered frame is shown, lost or replaced, once, whatever the bench; and no image is shown before it
    /// was made, nor two in one refresh.
    @Test
    void nothingIsLostFromTheBooks() {
        SplittableRandom random = new SplittableRandom(20261124);
        for (int round = 0; round < 120; round++) {
            Scenario scenario = any(random);
            SimulatedRun run = Simulation.run(scenario);
            Fate fate = run.truth().fate();
            String bench = scenario.toString();
            assertThat(fate.shown() + fate.lost() + fate.replaced()).as(bench).isEqualTo(fate.rendered());
            assertThat(run.gameLog().size()).as(bench).isEqualTo(fate.rendered());
            assertThat(run.truth().shown().shown() + run.truth().shown().lost())
                    .as(bench)
                    .isEqualTo(run.truth().presented());
            if (run.log().size() > 2 && scenario.display().mode().sync() != SyncMode.TEARING) {
                assertThat(shownInOrder(run)).as(bench).isTrue();
            }
            int rendered = 0;
            for (int i = 0; i < run.log().size(); i++) {
                rendered += run.log().kind(i) == FrameKind.RENDERED ? 1 : 0;
            }
            assertThat(rendered).as(bench).isEqualTo(fate.shown() + fate.lost());
        }
    }

    private static boolean shownInOrder(SimulatedRun run) {
        double period = run.scenario().display().mode().periodMs();
        double before = Double.NEGATIVE_INFINITY;
        var images = run.truth().images();
        for (int i = 0; i < images.size(); i++) {
            double at = images.shownMs(i);
            if (!Double.isNaN(at)) {
                if (at < images.madeMs(i) - 1e-6 || at < before + period - 1e-6) {
                    return false;
                }
                before = at;
            }
        }
        return true;
    }

    private static Scenario any(SplittableRandom random) {
        SyncMode sync = SyncMode.values()[random.nextInt(4)];
        double hz = new double[] {60, 90, 120, 144}[random.nextInt(4)];
        Game game = Game.of(
                        new Work(1 + 9 * random.nextDouble(), 0.2, 0.8, 2, 40),
                        new Work(3 + 25 * random.nextDouble(), 0.2, 0.8, 2, 40))
                .withCap(random.nextInt(3) == 0 ? 30 + 60 * random.nextDouble() : Double.NaN);
        Scenario scenario = Scenario.of(random.nextLong(), 8, game, display(hz, sync));
        Generator generator = new Generator(
                random.nextBoolean() ? Generator.Mode.INTERPOLATE : Generator.Mode.EXTRAPOLATE,
                2 + random.nextInt(4),
                3 * random.nextDouble(),
                0,
                1,
                Behaviour.values()[random.nextInt(3)],
                random.nextInt(4) == 0 ? 60 : Double.NaN,
                Optional.empty());
        if (random.nextInt(4) > 0) {
            boolean second = generator.mode() == Generator.Mode.INTERPOLATE && random.nextBoolean();
            scenario = scenario.with(
                    second ? generator.on(new SecondGpu(new Slot(1 + random.nextInt(4), 4), 4, 1, 0, 0)) : generator);
        }
        return random.nextInt(4) == 0
                ? scenario.with(Benches.stream(new Link(60 + 400 * random.nextDouble(), 3, 1, 1, 0.01, 0.02, 20, 60)))
                : scenario;
    }

    @Test
    void sameSeedSameRunOtherSeedOther() {
        Scenario scenario = Benches.nativeRun(120, SyncMode.LATEST).with(Generator.interpolating(2, 1.5));
        FrameLog one = Simulation.run(scenario).log();
        FrameLog two = Simulation.run(scenario).log();
        FrameLog other = Simulation.run(scenario.withSeed(8)).log();
        assertThat(two.present().copy(0, one.size())).isEqualTo(one.present().copy(0, one.size()));
        assertThat(other.channel(Channel.CPU).orElseThrow().at(1))
                .isNotEqualTo(one.channel(Channel.CPU).orElseThrow().at(1));
    }

    @Test
    void countersSayWhatTheyCount() {
        Scenario honest = Benches.nativeRun(240, SyncMode.VRR).with(Generator.interpolating(2, 1));
        double presented = analyse(Simulation.run(honest)).rates().presented().orNaN();
        assertThat(claimed(honest)).isCloseTo(presented, withinPercentage(0.5));
        assertThat(claimed(honest.with(Counter.BLIND))).isCloseTo(presented / 2, withinPercentage(0.5));
        Scenario idle = honest.with(Generator.interpolating(2, 1).with(Behaviour.NOT_ENGAGED));
        double rendered = analyse(Simulation.run(idle)).rates().rendered().orNaN();
        assertThat(claimed(idle.with(Counter.PHANTOM))).isCloseTo(2 * rendered, withinPercentage(0.5));
    }

    private static double claimed(Scenario scenario) {
        return Simulation.run(scenario).readings().stream()
                .mapToDouble(SimulatedRun.Reading::claimedFps)
                .average()
                .orElseThrow();
    }

    /// Below its floor the panel repeats the last image, and a new one that comes in the middle of a repeat waits
    /// until that has been scanned out: it is late, but never lost.
    @Test
    void belowTheFloorOfVariableRefreshImagesWaitForARepeat() {
        Display panel = Display.of(new DisplayMode(144, SyncMode.VRR, 48));
        SimulatedRun run = Simulation.run(Scenario.of(1, 20, Game.of(Work.steady(2), Work.steady(25)), panel));
        var images = run.truth().images();
        assertThat(run.truth().shown().lost()).isZero();
        double longest = 0;
        for (int i = 1; i < images.size(); i++) {
            longest = Math.max(longest, images.shownMs(i) - images.madeMs(i));
        }
        // Repeats begin every 20.8 ms and take 6.9 ms; images come every 25 ms.
        assertThat(longest).isBetween(2.0, 1000.0 / 144);
        assertThat(Analysis.of(run.log().all(), AnalysisSettings.NONE.withDisplay(panel.mode()))
                        .rates()
                        .delivered()
                        .orNaN())
                .isCloseTo(40, withinPercentage(0.5));
    }
}
