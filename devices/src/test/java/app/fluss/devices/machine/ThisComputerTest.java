package app.fluss.devices.machine;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.FactKey;
import java.util.List;
import org.junit.jupiter.api.Test;

class ThisComputerTest {
    /// On any machine: a processor, memory and a system; and nothing that is no value of its fact.
    @Test
    void theMachineSaysWhatItIs() {
        List<Found> found = ThisComputer.read();
        Found rig = found.getFirst();
        assertThat(rig.part()).isEqualTo(BenchPart.RIG);
        assertThat(rig.facts()).containsKeys(FactKey.CPU, FactKey.MEMORY_GB, FactKey.SYSTEM);
        double gigabytes = Double.parseDouble(rig.facts().get(FactKey.MEMORY_GB));
        assertThat(gigabytes * (1 << 30))
                .as("at least what this program may take")
                .isGreaterThan(Runtime.getRuntime().maxMemory() / 2.0);
        for (Found part : found) {
            part.facts().forEach((key, value) -> {
                assertThat(key.part()).isEqualTo(part.part());
                assertThat(key.problem(value)).isEmpty();
            });
        }
    }
}
