package app.fluss.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;

/// The launcher where that is hard: moved, read only, without a home, with letters outside ASCII, stopped
/// while it builds, started twice at once, on a full disk where one can be made.
@EnabledOnOs(OS.LINUX)
class HardStartsIT {
    @Test
    void eachHolds() throws Exception {
        Process script = new ProcessBuilder(
                        Launched.HOME.resolve("launch/try.sh").toString())
                .redirectErrorStream(true)
                .start();
        String said = new String(script.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(script.waitFor()).as(said).isZero();
        assertThat(said.lines().filter(line -> line.startsWith("holds: ") || line.startsWith("not tried: ")))
                .hasSize(9);
    }
}
