package app.fluss.files.study;

import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.measure.Grade;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import app.fluss.core.work.Progress;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.files.simulated.SimulatedEvidence;
import app.fluss.sim.Simulation;
import app.fluss.sim.scenario.Scenario;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/// Makes a study of many games, each with a native path and others that generate images, half a minute a
/// run, to time its report: `bench/report-large.sh`.
final class ManyGames {
    private static final double SECONDS = 30;
    private static final List<StageKind> KINDS =
            List.of(StageKind.ENGINE_GENERATION, StageKind.DRIVER_GENERATION, StageKind.SECOND_GPU);
    private static final List<String> SCENARIOS = List.of("engine-generation", "driver-generation", "second-gpu");

    private ManyGames() {}

    /// @param args the study to make; how many games, paths in each, runs of each
    public static void main(String[] args) throws Exception {
        int games = Integer.parseInt(args[1]);
        int paths = Integer.parseInt(args[2]);
        int repeats = Integer.parseInt(args[3]);
        SimulatedEvidence evidence = new SimulatedEvidence(Files.createTempDirectory("many-games"));
        long seed = 0;
        try (Study study = Study.open(Path.of(args[0]))) {
            for (int game = 1; game <= games; game++) {
                for (int path = 0; path < paths; path++) {
                    int kind = path % KINDS.size();
                    Scenario scenario = ReadyScenario.named(path == 0 ? "native" : SCENARIOS.get(kind))
                            .lasting(SECONDS);
                    for (int repeat = 1; repeat <= repeats; repeat++) {
                        RunDraft said = new RunDraft(
                                "game " + game,
                                "scene",
                                path == 0
                                        ? "native"
                                        : "%s, way %d".formatted(KINDS.get(kind).title(), path),
                                path == 0 ? Chain.NATIVE : Chain.of(KINDS.get(kind)),
                                "run " + repeat,
                                true,
                                Setup.EMPTY.withNamed(Map.of("quality", "high"), FactSource.SIMULATED),
                                Double.NaN,
                                Taking.UNRECORDED);
                        evidence.add(
                                study,
                                SimulatedEvidence.draft(scenario, said),
                                Simulation.run(scenario.withSeed(++seed)),
                                Grade.A,
                                Progress.NONE);
                    }
                }
            }
        }
    }
}
