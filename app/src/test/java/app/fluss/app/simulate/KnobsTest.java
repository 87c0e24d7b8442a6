package app.fluss.app.simulate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.withinPercentage;

import app.fluss.files.simulated.ReadyScenario;
import app.fluss.sim.Expected;
import app.fluss.sim.Simulation;
import app.fluss.sim.scenario.Answer;
import app.fluss.sim.scenario.Clicks;
import app.fluss.sim.scenario.Scenario;
import app.fluss.sim.truth.Truth;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class KnobsTest {
    static Stream<String> ready() {
        return ReadyScenario.names().stream();
    }

    /// Knobs that were not turned change nothing.
    @ParameterizedTest
    @MethodSource("ready")
    void untouchedKnobsGiveTheScenarioBack(String name) {
        Scenario scenario = ReadyScenario.named(name);
        assertThat(Knobs.of(scenario).in(scenario)).isEqualTo(scenario);
    }

    @Test
    void turnedKnobsTurnTheirSettingOnly() {
        Scenario scenario = ReadyScenario.named("engine-generation");
        Knobs.ClickKnobs flash = new Knobs.ClickKnobs(Answer.Form.FLASH, true, true);
        Scenario turned = new Knobs(12, 5, 20, 40, 1.1, 3, flash).in(scenario);
        Clicks clicks = turned.clicks().orElseThrow();
        assertThat(clicks.answer().form()).isEqualTo(Answer.Form.FLASH);
        assertThat(clicks.pickup().couplingMs()).isEqualTo(40);
        assertThat(clicks.press().heldMs()).isEqualTo(0.6 * clicks.everyMs());
        assertThat(turned.seconds()).isEqualTo(12);
        assertThat(turned.game().cpu().medianMs()).isEqualTo(5);
        assertThat(turned.game().gpu().medianMs()).isEqualTo(20);
        assertThat(turned.game().capFps()).isEqualTo(40);
        assertThat(turned.game().renderScale()).isEqualTo(1.1);
        assertThat(turned.generator().orElseThrow().multiplier()).isEqualTo(3);
        assertThat(turned.game().sections()).isEqualTo(scenario.game().sections());
        assertThat(turned.display()).isEqualTo(scenario.display());
        assertThatThrownBy(() -> new Knobs(12, -5, 20, 40, 1.1, 3, flash).in(scenario))
                .hasMessageContaining("median_ms");
    }

    /// What is expected is what a run of that scenario then gives.
    @Test
    void expectationsComeTrue() {
        Scenario scenario = ReadyScenario.named("capture-generation").lasting(60);
        Expected expected = Expected.of(scenario);
        Truth truth = Simulation.run(scenario.withSeed(99)).truth();
        assertThat(expected.rates().presented().orNaN())
                .isCloseTo(truth.presented() / truth.seconds(), withinPercentage(1.5));
        assertThat(expected.rates().delivered().orNaN()).isCloseTo(truth.shown().deliveredFps(), withinPercentage(1.5));
        assertThat(expected.latencyMs().orNaN()).isBetween(20.0, 80.0);
        assertThat(Expected.of(ReadyScenario.named("phantom-images"))
                        .latencyMs()
                        .isKnown())
                .isFalse();
    }
}
