package app.fluss.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;

class FactKeyTest {
    @Test
    void everyFactIsFoundByItsNameAndHasAPlace() {
        for (FactKey key : FactKey.values()) {
            assertThat(FactKey.of(key.id())).contains(key);
            assertThat(FactKey.of(key.part())).contains(key);
            assertThat(key.title()).isNotBlank();
            assertThat(key.problem("")).as("nothing is no value").isPresent();
        }
        assertThat(FactKey.of("colour_of_the_chair")).isEmpty();
    }

    @Test
    void aValueOutsideItsRangeIsToldWithTheRange() {
        assertThat(FactKey.OUTPUT_HZ.problem("144")).isEmpty();
        assertThat(FactKey.OUTPUT_HZ.problem("14,4")).contains("a number from 10 to 2000 Hz is expected");
        assertThat(FactKey.OUTPUT_HZ.problem("NaN")).isPresent();
        assertThat(FactKey.POWER_SOURCE.problem("sun")).contains("one of these is expected: mains, battery");
        assertThat(FactKey.CPU.problem("x".repeat(201))).isPresent();
    }

    @Test
    void laterFactsOutweighEarlierOnes() {
        Setup setup = Setup.EMPTY
                .with(Map.of(FactKey.CAP_FPS, "0", FactKey.CPU, "Heron"), FactSource.TYPED)
                .with(Map.of(FactKey.CAP_FPS, "45"), FactSource.TYPED)
                .withNamed(Map.of("cpu", "Egret", "note", "not ours"), FactSource.TYPED);
        assertThat(setup.named()).isEqualTo(Map.of("cap_fps", "45", "cpu", "Egret", "note", "not ours"));
        assertThat(setup.number(FactKey.CPU)).isNaN();
        assertThat(setup.number(FactKey.OUTPUT_HZ)).isNaN();
    }
}
