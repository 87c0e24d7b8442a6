package app.fluss.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// What happens to a log that the memory may not hold.
class LittleMemoryTest {
    @TempDir
    Path folder;

    /// Whatever the memory, in a process of its own: worked out, or refused in one line.
    @ParameterizedTest
    @ValueSource(ints = {12, 16, 20, 24, 28})
    void aLogThatDoesNotFitIntoMemoryIsRefusedInWords(int heapMb) throws Exception {
        StringBuilder text = new StringBuilder("present_ms,cpu_ms,gpu_ms\n");
        for (int i = 0; i < 300_000; i++) {
            text.append(i * 8.25).append(",4.5,7.25\n");
        }
        Path log = Files.writeString(folder.resolve("long.csv"), text);
        Process process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-Xmx%dm".formatted(heapMb),
                        "-XX:+UseSerialGC",
                        "-cp",
                        System.getProperty("java.class.path"),
                        Fluss.class.getName(),
                        "analyze",
                        log.toString(),
                        "--json")
                .redirectErrorStream(true)
                .start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        if (process.waitFor() == 0) {
            assertThat(said).startsWith("{").contains("\"frames\" : 300000");
        } else {
            assertThat(process.exitValue()).as(said).isEqualTo(3);
            assertThat(said).startsWith("fluss: ").contains("memory").hasLineCount(1);
        }
    }
}
