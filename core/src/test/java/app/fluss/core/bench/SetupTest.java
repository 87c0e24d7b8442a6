package app.fluss.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.SyncMode;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// What a run was measured on, frozen with it.
class SetupTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 27);

    private static Setup with(FactKey key, String value, FactSource source) {
        return Setup.EMPTY.with(List.of(new Fact(key, value, source, DAY)));
    }

    @Test
    void nothingThatIsMadeOfASetupChangesIt() {
        Setup setup = with(FactKey.CPU, "Anvil 8", FactSource.READ);
        setup.with(Map.of(FactKey.CPU, "Anvil 6"), FactSource.TYPED);
        setup.without(FactKey.CPU);
        setup.withItem(BenchPart.RIG, "the tall one");
        assertThat(setup).isEqualTo(with(FactKey.CPU, "Anvil 8", FactSource.READ));
        assertThatThrownBy(() -> setup.items().put(BenchPart.RIG, "another"))
                .isInstanceOf(UnsupportedOperationException.class);
        assertThatThrownBy(() -> setup.others().put("a", "b")).isInstanceOf(UnsupportedOperationException.class);
    }

    @Test
    void whatStoodOnTheBenchIsUsedAndNeverCompared() {
        Setup run = with(FactKey.DRIVER, "551.2", FactSource.TYPED);
        Setup bench = with(FactKey.DRIVER, "560.1", FactSource.READ)
                .with(List.of(new Fact(FactKey.CPU, "Anvil 8", FactSource.READ, DAY)))
                .withItem(BenchPart.RIG, "the tall one");
        Setup frozen = run.orBench(bench);
        assertThat(frozen.value(FactKey.DRIVER)).as("the run's own word stands").contains("551.2");
        assertThat(frozen.value(FactKey.CPU)).contains("Anvil 8");
        assertThat(frozen.fact(FactKey.CPU).orElseThrow().source()).isEqualTo(FactSource.BENCH);
        assertThat(frozen.fact(FactKey.CPU).orElseThrow().date()).contains(DAY);
        assertThat(frozen.item(BenchPart.RIG)).contains("the tall one");
        assertThat(frozen.named()).containsOnlyKeys(FactKey.DRIVER.id());
        assertThat(frozen.recorded().value(FactKey.CPU)).isEmpty();
    }

    @Test
    void aDisplayThatMerelyStoodThereIsNoDisplayOfTheRun() {
        DisplayMode mode = new DisplayMode(144, SyncMode.VRR, 48);
        Setup recorded = Setup.EMPTY.withDisplay(mode, FactSource.TYPED);
        assertThat(recorded.display()).contains(mode);
        assertThat(Setup.EMPTY.orBench(recorded).display()).isEmpty();
        Setup fixed = recorded.withDisplay(new DisplayMode(60, SyncMode.FIFO), FactSource.TYPED);
        assertThat(fixed.value(FactKey.VRR_FLOOR_HZ))
                .as("the floor of the mode before is gone")
                .isEmpty();
        assertThat(fixed.display()).contains(new DisplayMode(60, SyncMode.FIFO));
    }

    @Test
    void aCapOfNoneIsNoNumber() {
        assertThat(Setup.EMPTY.capFps()).isNaN();
        assertThat(with(FactKey.CAP_FPS, "72", FactSource.TYPED).capFps()).isEqualTo(72);
        assertThat(Setup.EMPTY
                        .orBench(with(FactKey.CAP_FPS, "72", FactSource.TYPED))
                        .capFps())
                .isNaN();
    }

    @Test
    void valuesThatAreNoneOfTheirFactBecomeTheAnalystsOwnWords() {
        Setup setup = Setup.EMPTY.withNamed(
                Map.of(FactKey.MEMORY_GB.id(), "plenty", "curtains", "drawn", FactKey.CPU.id(), "Anvil 8"),
                FactSource.TYPED);
        assertThat(setup.value(FactKey.MEMORY_GB)).isEmpty();
        assertThat(setup.others())
                .containsEntry(FactKey.MEMORY_GB.id(), "plenty")
                .containsEntry("curtains", "drawn");
        assertThat(setup.value(FactKey.CPU)).contains("Anvil 8");
        assertThatThrownBy(() -> new Fact(FactKey.MEMORY_GB, "plenty", FactSource.TYPED, DAY))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(FactKey.MEMORY_GB.id());
    }

    @Test
    void whatIsLaidOverOutweighs() {
        Setup under = with(FactKey.DRIVER, "1", FactSource.READ).withItem(BenchPart.RIG, "old");
        Setup over = with(FactKey.DRIVER, "2", FactSource.TYPED).withNamed(Map.of("note", "b"), FactSource.TYPED);
        Setup both = under.overlaid(over);
        assertThat(both.value(FactKey.DRIVER)).contains("2");
        assertThat(both.item(BenchPart.RIG)).contains("old");
        assertThat(both.others()).containsEntry("note", "b");
        assertThat(both.withoutItems().items()).isEmpty();
    }

    @Test
    void choicesAreWordsOfTheirListAndNothingElse() {
        Setup on = with(FactKey.RECORDER, Switched.ON.word(), FactSource.TYPED);
        assertThat(on.choice(FactKey.RECORDER, Switched.class)).contains(Switched.ON);
        assertThat(on.is(FactKey.RECORDER, Switched.ON)).isTrue();
        assertThat(on.is(FactKey.RECORDER, Switched.OFF)).isFalse();
        assertThat(Setup.EMPTY.choice(FactKey.RECORDER, Switched.class)).isEmpty();
        assertThat(on.missing(FactKey.RECORDER, FactKey.CPU)).containsExactly(FactKey.CPU);
        assertThat(on.number(FactKey.RECORDER)).as("a word is no number").isNaN();
    }

    /// Whatever a setting of the path says is part of the path, so it is none of what was recorded of the run itself.
    @Test
    void settingsOfThePathAreNoFactsOfTheRun() {
        EnumMap<FactKey, String> set = new EnumMap<>(Map.of(FactKey.DRIVER, "3"));
        Setup setup = with(FactKey.CPU, "Anvil 8", FactSource.READ).with(set, FactSource.SET);
        assertThat(setup.recorded().facts()).extracting(Fact::key).containsExactly(FactKey.CPU);
        assertThat(setup.named()).containsOnlyKeys(FactKey.CPU.id(), FactKey.DRIVER.id());
        assertThat(setup.fact(FactKey.DRIVER).map(Fact::date)).contains(Optional.empty());
    }
}
