package app.fluss.files.simulated;

import static app.fluss.files.simulated.Analysed.analyse;
import static app.fluss.files.simulated.Analysed.settings;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import app.fluss.core.finding.Finding;
import app.fluss.core.finding.FindingCode;
import app.fluss.core.finding.Findings;
import app.fluss.core.finding.KnownOfRun;
import app.fluss.core.finding.Severity;
import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameLog;
import app.fluss.core.frame.Values;
import app.fluss.core.measure.Analysis;
import app.fluss.sim.SimulatedRun;
import app.fluss.sim.Simulation;
import app.fluss.sim.scenario.Scenario;
import app.fluss.sim.truth.Click;
import app.fluss.sim.truth.Hitch;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Every ready scenario shows in its outputs what it is made to show.
class FaultsShowTest {
    private static SimulatedRun run(String name) {
        return Simulation.run(ReadyScenario.named(name));
    }

    private static List<String> codes(Analysis analysis) {
        return Findings.of(KnownOfRun.log(analysis, Optional.empty(), Double.NaN)).stream()
                .map(Finding::code)
                .toList();
    }

    private static double delivered(SimulatedRun run) {
        return analyse(run).rates().delivered().orNaN();
    }

    private static double rendered(SimulatedRun run) {
        return analyse(run).rates().rendered().orNaN();
    }

    private static double latency(SimulatedRun run) {
        return run.truth().clicks().stream()
                .filter(Click::answered)
                .mapToDouble(click -> click.halfMs() - click.clickMs())
                .average()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "base-low, base-low",
        "counter-blind, counter-blind",
        "base-collapse, counter-blind",
        "phantom-images, phantom-images",
        "not-engaged, generation-off",
        "above-refresh, above-refresh",
        "second-gpu-full, multiplier-short",
        "cpu-crowd, cpu-limit",
        "base-creep, base-creep"
    })
    void theFindingIsMade(String scenario, String code) {
        assertThat(codes(analyse(run(scenario)))).contains(code);
    }

    @Test
    void aCaptureLockedAtSixtyShowsBesideWhatTheGameSaw() {
        SimulatedRun run = run("capture-locked-60");
        Analysis game = Analysis.of(run.gameLog().all(), settings(run));
        assertThat(codes(game)).contains("base-mismatch");
        assertThat(rendered(run)).isCloseTo(60, within(1.0));
    }

    @ParameterizedTest
    @CsvSource({"native", "engine-generation", "second-gpu", "capture-generation", "display-smoothing-game"})
    void anHonestPathHasNoFault(String scenario) {
        assertThat(Findings.of(KnownOfRun.log(analyse(run(scenario)), Optional.empty(), Double.NaN)))
                .noneMatch(finding -> finding.severity() == Severity.FAULT);
    }

    /// Codes that say something of the path; notes on tails and bases belong to any run.
    private static final Set<String> COUNTER_CHECKS = Set.of(
            "counter-blind",
            "phantom-images",
            "above-refresh",
            "base-mismatch",
            "multiplier-short",
            "generation-off",
            "base-creep",
            "kinds-disagree",
            "pictures-disagree",
            "memory-full",
            "clock-drop",
            "cpu-limit");

    @ParameterizedTest
    @ValueSource(
            strings = {
                "native",
                "engine-generation",
                "driver-generation",
                "capture-generation",
                "second-gpu",
                "display-smoothing-game",
                "display-smoothing-full",
                "locked-30"
            })
    void counterChecksAreSilentOnHonestPaths(String scenario) {
        Analysis analysis = analyse(run(scenario));
        List<Finding> all = new ArrayList<>(Findings.of(KnownOfRun.log(analysis, Optional.empty(), 8192)));
        assertThat(all).extracting(Finding::code).doesNotContainAnyElementsOf(COUNTER_CHECKS);
    }

    @Test
    void aCapKeepsTheBaseFromCreeping() {
        Scenario creeps = ReadyScenario.named("base-creep");
        Scenario capped = creeps.with(creeps.game().withCap(70));
        assertThat(codes(analyse(Simulation.run(capped)))).doesNotContain("base-creep", "multiplier-short");
    }

    @Test
    void generationPathsDeliverMore() {
        double off = delivered(run("native"));
        assertThat(delivered(run("engine-generation")) / off).isBetween(1.5, 2.0);
        assertThat(delivered(run("driver-generation")) / off).isBetween(1.5, 2.0);
        // In the light section three images for each frame come closer than the panel's shortest refresh.
        assertThat(delivered(run("second-gpu")) / off).isBetween(2.8, 3.0);
        assertThat(delivered(run("capture-generation"))).isCloseTo(140, withinPercentage(2));
    }

    @Test
    void theGeneratorThatTakesTooMuchTakesAThird() {
        SimulatedRun on = run("base-collapse");
        double off = rendered(Simulation.run(on.scenario().asNative()));
        assertThat(1 - rendered(on) / off).isBetween(0.28, 0.45);
    }

    @Test
    void aNarrowSlotDropsFramesOnTheWay() {
        SimulatedRun run = run("slot-narrow");
        assertThat(run.truth().fate().replaced())
                .isGreaterThan(run.truth().fate().rendered() / 4);
        assertThat(rendered(run))
                .isLessThan(0.7
                        * Analysis.of(run.gameLog().all(), settings(run))
                                .rates()
                                .rendered()
                                .orNaN());
    }

    @Test
    void cadences() {
        Analysis uneven = analyse(run("uneven-cadence"));
        assertThat(uneven.ledger().orElseThrow().holdCounts()).containsOnlyKeys(1, 2);
        assertThat(uneven.ledger().orElseThrow().evenShare().orNaN()).isCloseTo(2.0 / 3, within(0.02));
        Analysis locked = analyse(run("locked-30"));
        assertThat(locked.ledger().orElseThrow().evenShare().orNaN()).isGreaterThan(0.97);
        assertThat(locked.rates().delivered().orNaN()).isCloseTo(30, within(0.1));
    }

    @Test
    void televisionModesDifferInLagAndActOnFixedRefreshOnly() {
        SimulatedRun game = run("display-smoothing-game");
        SimulatedRun full = run("display-smoothing-full");
        SimulatedRun off = Simulation.run(game.scenario().asNative());
        assertThat(latency(full) - latency(game)).isCloseTo(113, within(5.0));
        // Half of the step is shown half an input picture before the whole, at the next refresh of the panel; and a
        // panel of 120 Hz is 4 ms quicker to the middle of its scan-out.
        double panelMs = 1000.0 / 120;
        double half = Math.ceil((22 - 0.5 * 1000 / 60) / panelMs) * panelMs - 0.5 * 0.96 * panelMs;
        assertThat(latency(game) - latency(off)).isCloseTo(half, within(2.0));
        assertThat(game.truth().panel().orElseThrow().deliveredFps()).isGreaterThan(110);
        assertThat(run("vr-full-rate").truth().panel()).isEmpty();
        assertThat(run("vrr-left-on").truth().panel()).isEmpty();
        assertThat(run("stream-into-smoothing").truth().panel().orElseThrow().deliveredFps())
                .isGreaterThan(100);
    }

    @Test
    void aGoodCableStreamAddsAFewFrames() {
        SimulatedRun run = run("home-stream");
        double added = latency(run) - latency(Simulation.run(run.scenario().asNative()));
        assertThat(added).isBetween(8.0, 45.0);
        assertThat(delivered(run)).isCloseTo(60, withinPercentage(2));
        assertThat(run.log().present().at(0)).as("on the client's clock").isGreaterThan(8.6e7);
    }

    /// Each cause is booked, and only it; and hitches of the host are in its log, those of link and
    /// decoder are not.
    @ParameterizedTest
    @CsvSource({"stream-host-hitch, CPU", "stream-network-hitch, NETWORK", "stream-decoder-hitch, DECODER"})
    void hitchesOfAStream(String scenario, Hitch.Cause cause) {
        SimulatedRun run = run(scenario);
        Map<Hitch.Cause, Integer> causes = new HashMap<>();
        run.truth().hitches().forEach(hitch -> causes.merge(hitch.cause(), 1, Integer::sum));
        assertThat(causes).containsOnlyKeys(cause);
        assertThat(causes.get(cause)).isGreaterThan(3);
        int client = over(run.log(), 60);
        int host = over(run.hostLog().orElseThrow(), 60);
        assertThat(client).as("long gaps at the client").isGreaterThan(2);
        assertThat(host > 2).as("long gaps at the host").isEqualTo(cause == Hitch.Cause.CPU);
    }

    private static int over(FrameLog log, double ms) {
        Values present = log.present();
        int count = 0;
        for (int i = 1; i < log.size(); i++) {
            count += present.at(i) - present.at(i - 1) > ms ? 1 : 0;
        }
        return count;
    }

    @Test
    void headsets() {
        assertThat(freshShare("vr-full-rate")).isGreaterThan(0.98);
        assertThat(freshShare("vr-half-rate")).isCloseTo(0.5, within(0.02));
        assertThat(freshShare("vr-below-half-rate")).isLessThan(0.5);
        assertThat(freshShare("vr-uneven-scale")).isCloseTo(72.0 / 90, within(0.015));
    }

    private static double freshShare(String scenario) {
        var headset = run(scenario).truth().headset().orElseThrow();
        return (double) headset.withNewImage() / headset.refreshes();
    }

    @Test
    void aFullCardHitchesTowardsTheEnd() {
        SimulatedRun run = run("memory-full");
        Values used = run.log().channel(Channel.VRAM).orElseThrow();
        assertThat(used.at(run.log().size() - 1)).isEqualTo(8192);
        double firstHalf = run.log().between(0, 20_000).size();
        assertThat(run.truth().hitches())
                .filteredOn(h -> h.cause() == Hitch.Cause.MEMORY)
                .isNotEmpty()
                .allMatch(h -> h.atMs() > 20_000);
        assertThat(firstHalf).isGreaterThan(run.log().between(20_000, 40_000).size());
    }

    @Test
    void sensorsTellAFullCardAndAFallingClockAndNothingElse() {
        assertThat(sensorCodes("memory-full", 8192)).containsExactly("memory-full");
        assertThat(sensorCodes("memory-full", 12_288)).as("a card with room").isEmpty();
        assertThat(sensorCodes("memory-full", Double.NaN))
                .as("nothing is stated")
                .isEmpty();
        assertThat(sensorCodes("battery-limit", 8192)).containsExactly("clock-drop");
        for (String honest : List.of("native", "engine-generation", "cpu-crowd", "second-gpu-full")) {
            assertThat(sensorCodes(honest, 8192)).isEmpty();
        }
    }

    private static List<String> sensorCodes(String scenario, double cardMemoryMb) {
        return Findings.of(KnownOfRun.log(analyse(run(scenario)), Optional.empty(), cardMemoryMb)).stream()
                .filter(found -> EnumSet.of(FindingCode.MEMORY_FULL, FindingCode.CLOCK_DROP)
                        .contains(found.kind()))
                .map(Finding::code)
                .toList();
    }

    @Test
    void aPowerLimitTakesClockAndRateDown() {
        SimulatedRun run = run("battery-limit");
        Values clock = run.log().channel(Channel.GPU_CLOCK).orElseThrow();
        assertThat(clock.at(0)).isCloseTo(2300, within(30.0));
        assertThat(clock.at(run.log().size() - 1)).isCloseTo(2300 * 0.62, within(5.0));
        double early = Analysis.of(run.log().between(0, 5_000), settings(run))
                .rates()
                .presented()
                .orNaN();
        double late = Analysis.of(run.log().between(80_000, 90_000), settings(run))
                .rates()
                .presented()
                .orNaN();
        assertThat(late / early).isCloseTo(0.62 / 0.93, within(0.05));
    }
}
