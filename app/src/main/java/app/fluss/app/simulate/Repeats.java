package app.fluss.app.simulate;

import app.fluss.core.measure.Grade;
import app.fluss.core.work.Progress;
import app.fluss.files.log.InputException;
import app.fluss.files.simulated.SimulatedEvidence;
import app.fluss.files.study.Run;
import app.fluss.files.study.RunDraft;
import app.fluss.files.study.Study;
import app.fluss.files.study.StudyException;
import app.fluss.sim.Simulation;
import app.fluss.sim.scenario.Scenario;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/// Simulates a scenario several times into a study, each time with another seed than any run on that path
/// has.
final class Repeats {
    private Repeats() {}

    /// Adds the runs.
    ///
    /// @return the last one
    static Run add(Study study, RunDraft draft, Scenario scenario, int repeats, Progress progress)
            throws StudyException, IOException, InputException {
        Path folder = Files.createTempDirectory("fluss-simulated");
        try {
            SimulatedEvidence evidence = new SimulatedEvidence(folder);
            int before = (int) study.runs().stream()
                    .filter(run -> run.path().name().equals(draft.path()))
                    .count();
            Run last = one(study, draft, scenario, before, evidence, progress.part(0, 1.0 / repeats));
            for (int repeat = 1; repeat < repeats; repeat++) {
                Progress part = progress.part((double) repeat / repeats, (repeat + 1.0) / repeats);
                last = one(study, draft, scenario, before + repeat, evidence, part);
            }
            return last;
        } finally {
            Files.delete(folder);
        }
    }

    private static Run one(
            Study study, RunDraft draft, Scenario scenario, int before, SimulatedEvidence evidence, Progress progress)
            throws StudyException, IOException, InputException {
        Scenario seeded = scenario.withSeed(scenario.seed() + before);
        RunDraft named = SimulatedEvidence.draft(seeded, draft.named(draft.name() + " " + (before + 1)));
        return evidence.add(study, named, Simulation.run(seeded), Grade.A, progress);
    }
}
