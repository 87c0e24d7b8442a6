package app.fluss.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import tools.jackson.databind.JsonNode;

/// Commands started by the launcher script, as users start them.
final class Launched {
    static final Path HOME = Path.of("").toAbsolutePath().getParent();

    private static final int PATIENCE_S = 120;

    private final Path folder;

    /// @param folder for what the commands print
    Launched(Path folder) {
        this.folder = folder;
    }

    /// What a command gave.
    record Ran(String command, int code, String out, String err) {
        JsonNode json() {
            return Shaped.json(ResultSchema.valueOf(command), out);
        }
    }

    /// A command that runs.
    record Running(List<String> command, Process process, File out, File err) {
        String printed() throws IOException {
            return Files.readString(out.toPath(), StandardCharsets.UTF_8);
        }

        Ran ended() throws IOException, InterruptedException {
            assertThat(process.waitFor(PATIENCE_S, TimeUnit.SECONDS))
                    .as("%s ends", command)
                    .isTrue();
            return new Ran(
                    command.get(1),
                    process.exitValue(),
                    printed(),
                    Files.readString(err.toPath(), StandardCharsets.UTF_8));
        }
    }

    Running start(String... arguments) throws IOException {
        List<String> command = new ArrayList<>(List.of(HOME.resolve("fluss").toString()));
        command.addAll(List.of(arguments));
        File out = Files.createTempFile(folder, "out", ".txt").toFile();
        File err = Files.createTempFile(folder, "err", ".txt").toFile();
        ProcessBuilder builder = new ProcessBuilder(command).redirectOutput(out).redirectError(err);
        builder.environment().put("FLUSS_BUILT", "yes");
        return new Running(command, builder.start(), out, err);
    }

    Ran run(String... arguments) throws IOException, InterruptedException {
        return start(arguments).ended();
    }

    /// Runs a command that must not fail.
    Ran good(String... arguments) throws IOException, InterruptedException {
        Ran ran = run(arguments);
        assertThat(ran.code())
                .as("%s: %s", String.join(" ", arguments), ran.err())
                .isZero();
        return ran;
    }

    /// Simulates twelve seconds of a ready scenario.
    ///
    /// @return the folder with what was written
    Path simulated(String scenario) throws IOException, InterruptedException {
        Path out = folder.resolve(scenario);
        Path shorter = folder.resolve(scenario + ".json");
        String text = Files.readString(HOME.resolve("docs/scenarios").resolve(scenario + ".json"))
                .replaceAll("\"duration_s\" *: *[0-9.]+", "\"duration_s\": 12");
        Files.writeString(shorter, text);
        good("simulate", shorter.toString(), "--out", out.toString());
        return out;
    }
}
