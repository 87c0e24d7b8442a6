package app.fluss.sim;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.frame.FrameLog;
import app.fluss.core.gpu.Slot;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.SyncMode;
import app.fluss.core.tune.CapGrid;
import app.fluss.core.tune.TuneBench;
import app.fluss.core.tune.TuneCell;
import app.fluss.core.verdict.Asked;
import app.fluss.core.verdict.Rule;
import app.fluss.core.verdict.School;
import app.fluss.core.work.Progress;
import app.fluss.sim.scenario.Clicks;
import app.fluss.sim.scenario.Display;
import app.fluss.sim.scenario.Game;
import app.fluss.sim.scenario.Generator;
import app.fluss.sim.scenario.Scenario;
import app.fluss.sim.scenario.SecondGpu;
import app.fluss.sim.scenario.Work;
import app.fluss.sim.truth.Click;
import java.util.List;
import java.util.Optional;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/// What the planner says of its choice, against a simulation of that choice.
class CapGridAgainstTruthTest {
    private static final double COST_MS = 1.2;
    private static final int SEEDS = 10;
    private static final Slot SLOT = new Slot(3, 4);

    private static Scenario nativeRun(double gpuMs, DisplayMode mode) {
        Game game = Game.of(new Work(4.2, 0.08, 0.9, 0.2, 18), new Work(gpuMs, 0.09, 0.95, 0.2, 12));
        return Scenario.of(31, 300, game, Display.of(mode)).with(new Clicks(600, 0, 0, 0, 1000, 0.01, 0));
    }

    static List<Arguments> benches() {
        DisplayMode vrr = new DisplayMode(144, SyncMode.VRR, 48);
        DisplayMode fixed = new DisplayMode(120, SyncMode.LATEST);
        DisplayMode inTurn = new DisplayMode(120, SyncMode.FIFO);
        return List.of(
                Arguments.of(10.0, vrr, School.RESPONSE_FIRST, false),
                Arguments.of(12.0, vrr, School.SMOOTH_FIRST, true),
                Arguments.of(10.0, vrr, School.SMOOTH_FIRST, false),
                Arguments.of(14.0, vrr, School.SMOOTH_FIRST, false),
                Arguments.of(10.0, fixed, School.SMOOTH_FIRST, false),
                Arguments.of(7.0, fixed, School.RATE_FIRST, false),
                Arguments.of(7.0, inTurn, School.SMOOTH_FIRST, false),
                Arguments.of(12.0, inTurn, School.SMOOTH_FIRST, false),
                Arguments.of(12.0, inTurn, School.RESPONSE_FIRST, false));
    }

    @ParameterizedTest
    @MethodSource("benches")
    void theTopChoiceGivesWhatThePlannerSaid(double gpuMs, DisplayMode mode, School school, boolean ownCard) {
        Scenario scenario = nativeRun(gpuMs, mode);
        FrameLog log = Simulation.run(scenario).gameLog();
        TuneBench bench = new TuneBench(
                COST_MS, ownCard, ownCard ? SLOT.copyMs(2560, 1440, 4) : 0, mode, TuneBench.USUAL_WAITING, 2);
        CapGrid grid = CapGrid.of(log.all(), bench, Progress.NONE).orElseThrow();
        CapGrid.Ranked top = grid.ranked(school).getFirst();
        assertThat(top.refused()).isEmpty();
        TuneCell said = top.cell();
        SimulatedRun run = Simulation.run(setSo(scenario, said, ownCard).withSeed(77));
        AnalysisSettings settings = AnalysisSettings.NONE.withDisplay(mode).withMultiplier(said.multiplier());
        Analysis analysis = Analysis.of(run.log().all(), said.multiplier() == 1 ? settings.asNative() : settings);
        for (double[] pair : new double[][] {
            {said.rates().rendered().orNaN(), analysis.rates().rendered().orNaN()},
            {said.rates().presented().orNaN(), analysis.rates().presented().orNaN()},
            {said.deliveredFps(), analysis.rates().delivered().orNaN()}
        }) {
            assertThat(pair[0]).as("%s of %s", school, said).isCloseTo(pair[1], within(0.03 * pair[1]));
        }
        assertThat(said.latencyMs())
                .as("%s of %s", school, said)
                .isCloseTo(
                        mode.sync() == SyncMode.FIFO ? overPhases(setSo(scenario, said, ownCard)) : latency(run),
                        within(1.0));
    }

    /// A cap that keeps step with a display which shows images in turn keeps its phase, too, and the latency
    /// of one run hangs on it: it differs by some ms from seed to seed.
    private static double overPhases(Scenario scenario) {
        return LongStream.range(100, 100 + SEEDS)
                .mapToDouble(seed -> latency(Simulation.run(scenario.withSeed(seed))))
                .average()
                .orElseThrow();
    }

    private static Scenario setSo(Scenario scenario, TuneCell cell, boolean ownCard) {
        Scenario set = scenario.with(scenario.game().withCap(cell.capFps()));
        Generator generator = Generator.interpolating(Math.max(2, cell.multiplier()), COST_MS);
        return cell.multiplier() == 1 ? set : set.with(ownCard ? generator.on(SecondGpu.in(SLOT)) : generator);
    }

    private static double latency(SimulatedRun run) {
        return run.truth().clicks().stream()
                .filter(Click::answered)
                .mapToDouble(click -> click.halfMs() - click.clickMs())
                .filter(Double::isFinite)
                .average()
                .orElseThrow();
    }

    @Test
    void schoolsRefuseWithReasons() {
        DisplayMode mode = new DisplayMode(144, SyncMode.VRR, 48);
        FrameLog log = Simulation.run(nativeRun(22, mode)).gameLog();
        CapGrid grid = CapGrid.of(log.all(), new TuneBench(COST_MS, false, mode, 2), Progress.NONE)
                .orElseThrow();
        List<CapGrid.Ranked> response = grid.ranked(School.RESPONSE_FIRST);
        assertThat(response)
                .filteredOn(ranked -> ranked.cell().multiplier() > 1)
                .as("a base of about 45/s is too low for generation where response counts")
                .allSatisfy(ranked -> assertThat(ranked.refused()).isPresent());
        assertThat(response)
                .filteredOn(ranked -> ranked.cell().capFps() == 60)
                .allSatisfy(ranked -> assertThat(ranked.refused().orElseThrow()).contains("keeps up"));
        assertThat(response.getFirst().cell().multiplier()).isEqualTo(1);
        School patient = School.RESPONSE_FIRST
                .with(new Asked(Rule.ADDED_LATENCY, 100, 100, "mine"))
                .with(new Asked(Rule.BASE_RATE, 30, 30, "mine"));
        assertThat(grid.ranked(patient).getFirst().cell().multiplier())
                .as("who puts up with more gets images")
                .isGreaterThan(1);
        assertThat(grid.cells()).hasSizeGreaterThan(20);
    }

    @Test
    void aLogWithoutWorkGivesNoGrid() {
        FrameLog bare = FrameLog.presentedAt(new double[] {0, 10, 20, 30}, 4).build();
        Optional<CapGrid> grid =
                CapGrid.of(bare.all(), new TuneBench(1, false, new DisplayMode(60, SyncMode.LATEST), 2), Progress.NONE);
        assertThat(grid).isEmpty();
    }
}
