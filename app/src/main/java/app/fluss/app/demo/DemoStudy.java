package app.fluss.app.demo;

import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.measure.Section;
import app.fluss.core.work.Progress;
import app.fluss.files.log.InputException;
import app.fluss.files.simulated.SimulatedEvidence;
import app.fluss.files.study.Bench;
import app.fluss.files.study.Run;
import app.fluss.files.study.RunDraft;
import app.fluss.files.study.Scene;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import app.fluss.files.study.Taking;
import app.fluss.sim.SimulatedRun;
import app.fluss.sim.Simulation;
import app.fluss.sim.scenario.Scenario;
import app.fluss.sim.scenario.SceneSection;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;

/// A bench with invented games, made by the simulation and by the same import that a user has. Every run
/// is labelled as simulated.
public final class DemoStudy {
    private static final Map<String, String> FACTS = Map.of(
            "quality", "high", "render_scale", "100 %", "upscaler", "own", "cards_in", "both", "first_slot_lanes", "8");

    /// Paths whose first run has a clip.
    private static final Set<String> FILMED = Set.of("engine generation 2×", "driver generation 2×");

    /// Nobody measured on that day: like all of the demo it is made up.
    private static final Instant FIRST_DAY = Instant.parse("2026-03-02T10:00:00Z");

    private static final long MINUTES_PER_RUN = 4;
    private static final long MINUTES_PER_ROUND = 60;
    private static final long MS_PER_MINUTE = 60_000;

    private final Study study;
    private final SimulatedEvidence evidence;
    private final Map<String, Integer> placed = new HashMap<>();

    private DemoStudy(Study study, SimulatedEvidence evidence) {
        this.study = study;
        this.evidence = evidence;
    }

    /// Makes the study.
    ///
    /// @param file where; nothing may be there yet
    public static void make(Path file) throws StudyException, IOException {
        Path folder = Files.createTempDirectory("fluss-logs");
        try (Study study = Study.open(file)) {
            DemoStudy demo = new DemoStudy(study, new SimulatedEvidence(folder));
            for (DemoRuns runs : DemoRuns.all()) {
                demo.add(runs);
            }
            DemoRecording.add(study, FIRST_DAY.plus(demo.placed.size(), ChronoUnit.DAYS));
            new DemoBench(study).describe();
            new DemoPeople(study).add();
            demo.freeze();
        } catch (InputException e) {
            throw new IllegalStateException("our own evidence cannot be read", e);
        } finally {
            Files.delete(folder);
        }
    }

    private void add(DemoRuns runs) throws StudyException, IOException, InputException {
        Map<String, String> facts = new HashMap<>(FACTS);
        facts.putAll(runs.changed());
        int place = placed.merge(runs.scene(), 1, Integer::sum);
        Instant begins = FIRST_DAY.plus(placed.size(), ChronoUnit.DAYS);
        for (int repeat = 1; repeat <= runs.repeats(); repeat++) {
            // A seed of its own for every path and repeat: no two runs share their chance.
            long seed = 31L * (runs.game() + runs.scene() + runs.path()).hashCode() + repeat;
            SimulatedRun simulated = Simulation.run(runs.scenario().withSeed(seed));
            RunDraft draft = new RunDraft(
                    runs.game(),
                    runs.scene(),
                    runs.path(),
                    runs.chain(),
                    "run " + repeat,
                    true,
                    Setup.EMPTY.withNamed(facts, FactSource.SIMULATED),
                    Double.NaN,
                    Taking.UNRECORDED.at(begins.toEpochMilli() + minutes(repeat, place) * MS_PER_MINUTE));
            Run run = evidence.add(
                    study, SimulatedEvidence.draft(runs.scenario(), draft), simulated, runs.rests(), Progress.NONE);
            if (run.hasLog()) {
                mark(run, runs.scenario());
                if (repeat == 1 && FILMED.contains(runs.path())) {
                    evidence.addClip(study, run, simulated, Progress.NONE);
                }
            }
        }
    }

    /// Paths in turn, one round after the other, as a plan has them.
    private static long minutes(int repeat, int place) {
        return (repeat - 1L) * MINUTES_PER_ROUND + place * MINUTES_PER_RUN;
    }

    /// The demo's bench is described after its runs were made: they stand on it all the same.
    private void freeze() throws StudyException {
        Bench bench = study.bench().read();
        for (Run run : study.runs()) {
            long game = study.scenes().stream()
                    .filter(scene -> scene.id() == run.sceneId())
                    .mapToLong(Scene::gameId)
                    .findFirst()
                    .orElseThrow();
            study.setSetup(
                    run,
                    run.setup().orBench(bench.setup(game, run.path().chain()).withoutItems()));
        }
    }

    /// Marks the stretches that the scenario says.
    private void mark(Run run, Scenario scenario) throws StudyException {
        double all = scenario.game().sections().stream()
                .mapToDouble(SceneSection::share)
                .sum();
        double from = 0;
        for (SceneSection section : scenario.game().sections()) {
            double to = from + section.share() / all * scenario.seconds() * 1000;
            study.addSection(run, new Section(section.name(), section.weight(), from, to));
            from = to;
        }
    }
}
