package app.fluss.cli;

import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.SyncMode;
import app.fluss.files.log.FrameLogWriter;
import app.fluss.sim.Simulation;
import app.fluss.sim.scenario.Display;
import app.fluss.sim.scenario.Game;
import app.fluss.sim.scenario.Scenario;
import app.fluss.sim.scenario.Work;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Path;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;
import tools.jackson.databind.JsonNode;

/// Runs the command line within the test and reads what it prints.
abstract class CommandTest {
    /// A game at about 75/s on a display that waits for it.
    static final Scenario BENCH = Scenario.of(
            4,
            20,
            Game.of(new Work(4, 0.1, 0.9, 1, 20), new Work(12, 0.1, 0.9, 1, 20)),
            Display.of(new DisplayMode(144, SyncMode.VRR)));

    @TempDir
    Path folder;

    final StringWriter out = new StringWriter();
    final StringWriter err = new StringWriter();

    /// The log of a scenario.
    String write(String name, Scenario scenario) throws Exception {
        Path file = folder.resolve(name);
        FrameLogWriter.write(Simulation.run(scenario).log(), file);
        return file.toString();
    }

    private String command = "";

    int fluss(String... args) {
        command = args[0];
        CommandLine line = Fluss.commandLine();
        line.setOut(new PrintWriter(out));
        line.setErr(new PrintWriter(err));
        return line.execute(args);
    }

    /// What the last command printed.
    JsonNode json() {
        return Shaped.json(ResultSchema.valueOf(command), out.toString());
    }
}
