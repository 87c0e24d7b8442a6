package app.fluss.sim;

import static app.fluss.sim.Benches.analyse;
import static app.fluss.sim.Benches.display;
import static app.fluss.sim.Benches.steady;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import app.fluss.core.frame.Channel;
import app.fluss.core.gpu.Slot;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.Section;
import app.fluss.core.measure.SyncMode;
import app.fluss.sim.scenario.Game;
import app.fluss.sim.scenario.Generator;
import app.fluss.sim.scenario.Power;
import app.fluss.sim.scenario.Scenario;
import app.fluss.sim.scenario.SceneSection;
import app.fluss.sim.scenario.SecondGpu;
import app.fluss.sim.scenario.Work;
import app.fluss.sim.truth.ImageTruth;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// The simulation against what can be worked out by hand.
class ClosedFormsTest {
    @Test
    void aGpuLimitedGameRunsAtItsMeanGpuWork() {
        SimulatedRun run = Simulation.run(Benches.nativeRun(144, SyncMode.VRR).lasting(600));
        // CPU hitches of 30 ms reach past the queue of two images: each costs what the queue cannot hide, at most 4 ms.
        assertThat(analyse(run).rates().rendered().orNaN())
                .isCloseTo(1000 / Benches.GPU.meanMs(), withinPercentage(0.6));
        assertThat(analyse(run).limits().gpu().orNaN()).isGreaterThan(0.9);
    }

    @Test
    void renderScaleGoesWithItsSquareAndSettingsAsTheyAre() {
        Game game = Game.of(Work.steady(1), Work.steady(10));
        Scenario scaled = Scenario.of(1, 10, game.withRenderScale(1.2), display(240, SyncMode.VRR));
        assertThat(analyse(Simulation.run(scaled)).rates().rendered().orNaN())
                .isCloseTo(1000 / 14.4, withinPercentage(0.1));
    }

    @Test
    void aCapHoldsTheRate() {
        Scenario capped =
                Scenario.of(3, 30, Game.of(Work.steady(4), Work.steady(6)).withCap(60), display(60, SyncMode.LATEST));
        Analysis run = analyse(Simulation.run(capped));
        assertThat(run.rates().rendered().orNaN()).isCloseTo(60, within(1e-6));
        assertThat(run.limits().cap().orNaN())
                .as("nobody stated the cap, and only fifo holds a game back")
                .isZero();
        Analysis stated = Analysis.of(run.slice(), run.settings().withCap(60));
        assertThat(stated.limits().cap().orNaN()).isEqualTo(1);
    }

    @Test
    void fifoHoldsTheGameAtTheRefreshRate() {
        SimulatedRun run = Simulation.run(steady(9, display(60, SyncMode.FIFO)));
        Analysis analysis = analyse(run);
        assertThat(analysis.rates().rendered().orNaN()).isCloseTo(60, withinPercentage(0.1));
        assertThat(analysis.ledger().orElseThrow().lost()).isZero();
        assertThat(run.truth().shown().holds()).containsOnlyKeys(1);
    }

    /// Two places: an image waits for those before it, one refresh each, and for its own.
    @Test
    void aFullQueueAddsItsRefreshesToTheWait() {
        Scenario fast = steady(3, display(60, SyncMode.FIFO));
        ImageTruth images = Simulation.run(fast).truth().images();
        assertThat(meanWaitMs(images)).isCloseTo(2 * 1000.0 / 60, within(0.2));
    }

    /// A game whose frames come at any time of the refresh waits half a refresh for it.
    @ParameterizedTest
    @ValueSource(strings = {"FIFO", "LATEST"})
    void atLightLoadTheWaitForTheRefreshIsHalfOfIt(SyncMode sync) {
        Scenario light = Scenario.of(4, 300, Game.of(Work.steady(2), new Work(21, 0.2, 0, 0, 0)), display(144, sync));
        assertThat(meanWaitMs(Simulation.run(light).truth().images())).isCloseTo(0.5 * 1000 / 144, within(0.08));
    }

    private static double meanWaitMs(ImageTruth images) {
        double sum = 0;
        int n = 0;
        for (int i = 0; i < images.size(); i++) {
            double wait = images.shownMs(i) - images.madeMs(i);
            sum += Double.isNaN(wait) ? 0 : wait;
            n += Double.isNaN(wait) ? 0 : 1;
        }
        return sum / n;
    }

    @Test
    void variableRefreshDeliversWhatIsPresentedInsideItsWindow() {
        SimulatedRun run = Simulation.run(Benches.nativeRun(240, SyncMode.VRR));
        Analysis analysis = analyse(run);
        assertThat(analysis.rates().delivered().orNaN())
                .isCloseTo(analysis.rates().presented().orNaN(), withinPercentage(0.01));
        assertThat(run.truth().shown().lost()).isZero();
    }

    @ParameterizedTest
    @CsvSource({"2, 1.5", "3, 1.0", "4, 0.5", "20, 0.1"})
    void generationOnTheSameGpuCostsItsShareOfTheBase(int multiplier, double costMs) {
        Scenario on = steady(12, display(500, SyncMode.VRR)).with(Generator.interpolating(multiplier, costMs));
        Analysis run = analyse(Simulation.run(on));
        double base = 1000 / (12 + (multiplier - 1) * costMs);
        assertThat(run.rates().rendered().orNaN()).isCloseTo(base, withinPercentage(0.1));
        assertThat(run.rates().presented().orNaN()).isCloseTo(multiplier * base, withinPercentage(0.2));
    }

    /// The image j of m is due `cost + (j - 1) / m · T` after the frame came in; so the frame itself waits
    /// `cost + (m - 1) / m · T`.
    @ParameterizedTest
    @ValueSource(ints = {2, 3, 4})
    void interpolationHoldsTheFrameBack(int multiplier) {
        Scenario on = steady(12, display(500, SyncMode.VRR)).with(Generator.interpolating(multiplier, 1));
        SimulatedRun run = Simulation.run(on);
        double interval = 12 + multiplier - 1;
        ImageTruth images = run.truth().images();
        double held = 0;
        int frames = 0;
        for (int i = 0; i < images.size(); i++) {
            if (images.isRendered(i) && images.frame(i) > 300) {
                held += images.madeMs(i) - run.gameLog().present().at(images.frame(i) - firstFrame(run));
                frames++;
            }
        }
        assertThat(held / frames).isCloseTo(1 + (multiplier - 1.0) / multiplier * interval, within(0.01));
    }

    private static int firstFrame(SimulatedRun run) {
        return run.truth().images().frame(0);
    }

    @Test
    void extrapolationHoldsNothingBackAndGuessesMotion() {
        Generator ahead = new Generator(
                Generator.Mode.EXTRAPOLATE, 2, 1, 0, 1, Generator.Behaviour.HONEST, Double.NaN, Optional.empty());
        Scenario rough =
                Scenario.of(6, 60, Game.of(Work.steady(2), new Work(14, 0.15, 0.2, 0, 0)), display(240, SyncMode.VRR));
        SimulatedRun run = Simulation.run(rough.with(ahead));
        SimulatedRun between = Simulation.run(rough.with(Generator.interpolating(2, 1)));
        ImageTruth images = run.truth().images();
        for (int i = 0; i < images.size(); i++) {
            if (images.isRendered(i)) {
                double done = run.gameLog().present().at(images.frame(i) - firstFrame(run));
                assertThat(images.madeMs(i)).isEqualTo(done);
            }
        }
        assertThat(analyse(run).motion().meanAbs().orNaN())
                .isGreaterThan(analyse(between).motion().meanAbs().orNaN());
    }

    @Test
    void aSecondCardLeavesTheBaseAloneUntilItIsFull() {
        SecondGpu card = SecondGpu.in(new Slot(4, 4));
        Scenario off = steady(12, display(500, SyncMode.VRR));
        for (double costMs : new double[] {1, 4, 8}) {
            Analysis run = analyse(
                    Simulation.run(off.with(Generator.interpolating(2, costMs).on(card))));
            assertThat(run.rates().rendered().orNaN()).isCloseTo(1000.0 / 12, withinPercentage(0.2));
            assertThat(run.rates().presented().orNaN()).isCloseTo(2000.0 / 12, withinPercentage(0.2));
        }
    }

    /// A card that needs 30 ms for what comes every 12 ms: its queue stays short, and it makes what it can.
    @Test
    void aFullSecondCardSkipsImagesAndItsQueueStaysFinite() {
        SecondGpu card = SecondGpu.in(new Slot(4, 4));
        Scenario full = steady(12, display(500, SyncMode.VRR))
                .with(Generator.interpolating(4, 10).on(card));
        SimulatedRun run = Simulation.run(full);
        Analysis analysis = analyse(run);
        double generated = analysis.rates().presented().orNaN()
                - analysis.rates().rendered().orNaN();
        assertThat(generated).as("one image every 10 ms").isCloseTo(100, withinPercentage(1));
        ImageTruth images = run.truth().images();
        double longest = 0;
        for (int i = 0; i < images.size(); i++) {
            double done = run.gameLog().present().at(Math.max(0, images.frame(i) - firstFrame(run)));
            longest = Math.max(longest, images.madeMs(i) - done);
        }
        assertThat(longest).as("longest wait, ms").isLessThan(60);
    }

    /// 4K over an old slot: 33 MB over 0.85 × 1 GB/s take 39 ms, so 25.6 copies a second get through.
    @Test
    void aNarrowSlotLimitsTheBaseOfTheGenerator() {
        SecondGpu card = SecondGpu.in(new Slot(1, 4));
        Game game = new Game(
                Work.steady(2),
                Work.steady(12),
                Double.NaN,
                2,
                3840,
                2160,
                1,
                1,
                List.of(),
                Optional.empty(),
                Optional.empty());
        SimulatedRun run = Simulation.run(Scenario.of(1, 30, game, display(500, SyncMode.VRR))
                .with(Generator.interpolating(2, 1).on(card)));
        double copies = 1000 / new Slot(1, 4).copyMs(3840, 2160, 4);
        assertThat(analyse(run).rates().rendered().orNaN()).isCloseTo(copies, withinPercentage(1));
        assertThat(run.truth().fate().replaced())
                .isGreaterThan(run.truth().fate().shown());
        assertThat(analyse(run.gameLog(), run.scenario().display().mode())
                        .rates()
                        .rendered()
                        .orNaN())
                .isCloseTo(1000.0 / 12, withinPercentage(0.2));
    }

    @Test
    void captureAtSixtyMakesSixtyTheBase() {
        Generator capture =
                new Generator(Generator.Mode.INTERPOLATE, 2, 1, 0, 1, Generator.Behaviour.HONEST, 60, Optional.empty());
        SimulatedRun run = Simulation.run(steady(9, display(240, SyncMode.VRR)).with(capture));
        assertThat(analyse(run).rates().rendered().orNaN()).isCloseTo(60, withinPercentage(0.5));
        assertThat(analyse(run).rates().presented().orNaN()).isCloseTo(120, withinPercentage(0.5));
        assertThat(analyse(run.gameLog(), run.scenario().display().mode())
                        .rates()
                        .rendered()
                        .orNaN())
                .isGreaterThan(90);
    }

    @Test
    void heatSlowsTheGpuTowardsItsSettledClock() {
        Game hot = new Game(
                Work.steady(1),
                Work.steady(10),
                Double.NaN,
                2,
                2560,
                1440,
                1,
                1,
                List.of(),
                Optional.of(new Power(0.7, 20, 200, 2000, 40, 80)),
                Optional.empty());
        SimulatedRun run = Simulation.run(Scenario.of(1, 120, hot, display(240, SyncMode.VRR)));
        var log = run.log();
        assertThat(analyse(run.log(), run.scenario().display().mode()).times().at(10))
                .isCloseTo(10, within(0.1));
        assertThat(log.channel(Channel.GPU).orElseThrow().at(log.size() - 1)).isCloseTo(10 / 0.7, within(0.05));
        assertThat(log.channel(Channel.GPU_CLOCK).orElseThrow().at(log.size() - 1))
                .isCloseTo(1400, within(3.0));
    }

    @Test
    void sectionsMakeTheirPartOfTheRunHeavier() {
        Game uneven = new Game(
                Work.steady(1),
                Work.steady(10),
                Double.NaN,
                2,
                2560,
                1440,
                1,
                1,
                List.of(
                        new SceneSection("yard", Section.Weight.LIGHT, 0.5, 1, 0.8),
                        new SceneSection("crowd", Section.Weight.WORST, 0.5, 1, 1.6)),
                Optional.empty(),
                Optional.empty());
        SimulatedRun run = Simulation.run(Scenario.of(1, 40, uneven, display(240, SyncMode.VRR)));
        assertThat(Analysis.of(run.log().between(0, 19_900), AnalysisSettings.NONE)
                        .rates()
                        .presented()
                        .orNaN())
                .isCloseTo(125, withinPercentage(0.2));
        assertThat(Analysis.of(run.log().between(20_200, 40_000), AnalysisSettings.NONE)
                        .rates()
                        .presented()
                        .orNaN())
                .isCloseTo(62.5, withinPercentage(0.2));
    }
}
