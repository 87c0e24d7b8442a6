package app.fluss.cli;

import app.fluss.core.work.Progress;
import app.fluss.files.log.InputException;
import app.fluss.files.simulated.ScenarioFile;
import app.fluss.files.simulated.SimulationFolder;
import app.fluss.sim.SimulatedRun;
import app.fluss.sim.Simulation;
import app.fluss.sim.scenario.Scenario;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// Simulates a bench.
@Command(
        name = "simulate",
        description = "Simulates a bench and writes what its loggers, counters and sensors would have written, and the"
                + " truth.",
        mixinStandardHelpOptions = true,
        footer = {
            "",
            "Example: fluss simulate docs/scenarios/second-gpu.json --out out/",
            "Then:    fluss analyze out/frames.csv --refresh 240 --sync vrr --readings out/readings.csv"
        })
final class Simulate implements Callable<Integer> {
    @Spec
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private CommandSpec spec;

    @Parameters(paramLabel = "SCENARIO.json", description = "The bench; docs/scenario.schema.json says how.")
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private Path file;

    @Option(names = "--out", paramLabel = "DIR", required = true, description = "Where to write; made if not there.")
    @SuppressWarnings("NullAway.Init") // set by the command line library
    private Path folder;

    @Option(names = "--seed", paramLabel = "N", description = "Another seed than the scenario's: a repeat.")
    private @Nullable Long seed;

    @Override
    public Integer call() throws IOException, InputException {
        Scenario scenario = ScenarioFile.read(file);
        SimulatedRun run = Simulation.run(seed == null ? scenario : scenario.withSeed(seed));
        PrintWriter out = spec.commandLine().getOut();
        for (Path written : SimulationFolder.write(run, folder, Progress.NONE)) {
            out.println(written);
        }
        out.flush();
        return 0;
    }
}
