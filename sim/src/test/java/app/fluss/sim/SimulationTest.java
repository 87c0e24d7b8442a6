package app.fluss.sim;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import app.fluss.core.frame.Channel;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.RefreshLedger;
import app.fluss.core.measure.SyncMode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class SimulationTest {
    private static final Work CPU = new Work(5, 0.1, 0.9, 1, 30);
    private static final Work GPU = new Work(13, 0.12, 0.9, 0.5, 20);

    private static Scenario scenario(Generation generation, SyncMode sync) {
        return new Scenario(7, 60, CPU, GPU, Double.NaN, 2, generation, new DisplayMode(120, sync), Counter.PRESENTED);
    }

    private static Generation.Interpolation doubling(Generation.Behaviour behaviour) {
        return new Generation.Interpolation(2, 1.5, behaviour);
    }

    private static Analysis analyse(Scenario scenario, SimulatedRun run) {
        return Analysis.of(run.log().all(), AnalysisSettings.NONE.withDisplay(scenario.display()));
    }

    /// The analysis, which sees only the log, against what the simulation counted as it happened.
    @ParameterizedTest
    @EnumSource(Generation.Behaviour.class)
    void analysisRecoversTheTruth(Generation.Behaviour behaviour) {
        for (SyncMode sync : new SyncMode[] {SyncMode.LATEST, SyncMode.FIFO, SyncMode.VRR}) {
            Scenario scenario = scenario(doubling(behaviour), sync);
            SimulatedRun run = Simulation.run(scenario);
            RefreshLedger ledger = analyse(scenario, run).ledger().orElseThrow();
            Truth truth = run.truth();
            assertThat(ledger.shown()).isEqualTo(truth.shown());
            assertThat(ledger.lost()).isEqualTo(truth.lost());
            assertThat(ledger.distinct()).isEqualTo(truth.distinct());
            if (sync != SyncMode.VRR) {
                assertThat(ledger.holdCounts()).isEqualTo(truth.holds());
            }
        }
    }

    @Test
    void withoutDisplayTimesTheInferredLedgerComesCloseToTheTruth() {
        Scenario scenario = scenario(doubling(Generation.Behaviour.HONEST), SyncMode.LATEST);
        SimulatedRun run = Simulation.run(scenario);
        double[] present = run.log().present().copy(0, run.log().size());
        Analysis inferred = Analysis.of(
                app.fluss.core.frame.FrameLog.presentedAt(present, present.length)
                        .build()
                        .all(),
                AnalysisSettings.NONE.withDisplay(scenario.display()));
        // The phase of the refresh is not in the log: single images go either way.
        assertThat((double) inferred.ledger().orElseThrow().shown())
                .isCloseTo(run.truth().shown(), withinPercentage(1.0));
    }

    @Test
    void aGpuLimitedGameRunsAtItsMeanGpuWork() {
        Scenario scenario = scenario(new Generation.Off(), SyncMode.LATEST);
        Analysis run = analyse(scenario, Simulation.run(scenario));
        // Mean of a lognormal is median x exp(sigma^2 / 2); hitches add 0.0005 x 20 ms (CPU hitches hide in the queue).
        double meanMs = 13 * Math.exp(0.12 * 0.12 / 2) + 0.0005 * 20;
        assertThat(run.rates().rendered().orNaN()).isCloseTo(1000 / meanMs, withinPercentage(1.5));
        assertThat(run.limits().gpu().orNaN()).isGreaterThan(0.9);
    }

    @Test
    void aCapHoldsTheRate() {
        Scenario capped = new Scenario(
                3,
                30,
                Work.steady(4),
                Work.steady(6),
                60,
                2,
                new Generation.Off(),
                new DisplayMode(60, SyncMode.LATEST),
                Counter.PRESENTED);
        Analysis run = analyse(capped, Simulation.run(capped));
        assertThat(run.rates().rendered().orNaN()).isCloseTo(60, within(1e-6));
        assertThat(run.limits().cap().orNaN()).isEqualTo(1);
    }

    @Test
    void generationTakesFromTheBaseAndDoublesWhatIsLeft() {
        Scenario off = scenario(new Generation.Off(), SyncMode.VRR);
        Scenario on = scenario(doubling(Generation.Behaviour.HONEST), SyncMode.VRR);
        Analysis a = analyse(off, Simulation.run(off));
        Analysis b = analyse(on, Simulation.run(on));
        assertThat(b.rates().rendered().orNaN()).isLessThan(a.rates().rendered().orNaN() * 0.93);
        assertThat(b.rates().presented().orNaN())
                .isCloseTo(2 * b.rates().rendered().orNaN(), withinPercentage(0.5));
    }

    @Test
    void sameSeedSameLogOtherSeedOther() {
        Scenario scenario = scenario(doubling(Generation.Behaviour.HONEST), SyncMode.LATEST);
        SimulatedRun one = Simulation.run(scenario);
        SimulatedRun two = Simulation.run(scenario);
        SimulatedRun other = Simulation.run(scenario.withSeed(8));
        int n = one.log().size();
        assertThat(two.log().present().copy(0, n)).isEqualTo(one.log().present().copy(0, n));
        assertThat(other.log().channel(Channel.CPU).orElseThrow().at(0))
                .isNotEqualTo(one.log().channel(Channel.CPU).orElseThrow().at(0));
    }

    @Test
    void countersSayWhatTheyCount() {
        Scenario off = scenario(doubling(Generation.Behaviour.NOT_ENGAGED), SyncMode.LATEST);
        Scenario nominal =
                new Scenario(7, 60, CPU, GPU, Double.NaN, 2, off.generation(), off.display(), Counter.NOMINAL);
        double claimed = Simulation.run(nominal).readings().stream()
                .mapToDouble(Double::doubleValue)
                .average()
                .orElseThrow();
        double rendered = analyse(off, Simulation.run(off)).rates().rendered().orNaN();
        assertThat(claimed).isCloseTo(2 * rendered, withinPercentage(1.0));
    }
}
