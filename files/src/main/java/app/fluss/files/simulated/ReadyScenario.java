package app.fluss.files.simulated;

import app.fluss.files.log.InputException;
import app.fluss.sim.scenario.Scenario;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;

/// The scenarios that come with Fluss: one for each path and each classic fault. The files stand in
/// `docs/scenarios`.
public final class ReadyScenario {
    private ReadyScenario() {}

    /// Their names, in the order in which they are best shown.
    public static List<String> names() {
        return text("ready.txt").lines().filter(line -> !line.isBlank()).toList();
    }

    /// All of them, in that order.
    public static List<Scenario> all() {
        return names().stream().map(ReadyScenario::named).toList();
    }

    /// One of them.
    ///
    /// @throws IllegalArgumentException if there is none of that name
    public static Scenario named(String name) {
        String file = name + ".json";
        try {
            return ScenarioFile.parse(Path.of(file), text(file));
        } catch (InputException e) {
            throw new IllegalStateException("our own scenario cannot be read", e);
        }
    }

    private static String text(String file) {
        try (InputStream in = ReadyScenario.class.getResourceAsStream(file)) {
            if (in == null) {
                throw new IllegalArgumentException("there is no ready scenario " + file);
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
