package app.fluss.files.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fluss.core.bench.Setup;
import app.fluss.core.compare.Interval;
import app.fluss.core.latency.LatencyFigures;
import app.fluss.core.latency.edge.EdgeSettings;
import app.fluss.core.measure.Grade;
import app.fluss.core.path.Chain;
import app.fluss.core.work.Progress;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.files.simulated.SimulatedEvidence;
import app.fluss.files.study.StoredLatency.HandMark;
import app.fluss.files.study.StoredLatency.JudgedTrial;
import app.fluss.sim.SimulatedRun;
import app.fluss.sim.Simulation;
import app.fluss.sim.truth.Click;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class LatencyRecordsTest {
    @TempDir
    private Path folder;

    private static final RunDraft DRAFT = new RunDraft(
            "Chime Lattice",
            "third song",
            "native",
            Chain.NATIVE,
            "run 1",
            true,
            Setup.EMPTY,
            Double.NaN,
            Taking.UNRECORDED);

    private Run simulated(Study study, SimulatedRun run) throws Exception {
        return new SimulatedEvidence(folder)
                .add(study, SimulatedEvidence.draft(run.scenario(), DRAFT), run, Grade.A, Progress.NONE);
    }

    @Test
    void aRunWithLogAndLatencyIsOfGradeAAndEverySampleCanBeSeen() throws Exception {
        SimulatedRun truth = Simulation.run(ReadyScenario.named("native").lasting(20));
        try (Study study = Study.open(folder.resolve("a.fluss"))) {
            Run run = simulated(study, truth);
            assertThat(run.grade()).isEqualTo(Grade.A);
            StoredLatency latency = study.evidence(run, EvidenceKinds.LATENCY).orElseThrow();
            assertThat(latency.trials()).hasSameSizeAs(truth.truth().clicks());
            for (JudgedTrial trial : latency.trials()) {
                Click click = truth.truth().clicks().get(trial.number() - 1);
                assertThat(trial.trial().latencyMs()).isCloseTo(click.halfMs() - click.clickMs(), Offset.offset(0.5));
                var excerpt = study.latency().excerpt(latency, trial).orElseThrow();
                assertThat(excerpt.ms(0)).isLessThan(trial.trial().inputMs());
                assertThat(excerpt.ms(excerpt.size() - 1))
                        .isGreaterThan(trial.trial().photonMs());
            }
            assertThat(study.check()).isEmpty();
        }
    }

    @Test
    void whatTheAnalystSaysOfATrialHoldsAndCanBeTakenBack() throws Exception {
        try (Study study = Study.open(folder.resolve("b.fluss"))) {
            Run run = simulated(
                    study, Simulation.run(ReadyScenario.named("native").lasting(20)));
            StoredLatency before = study.evidence(run, EvidenceKinds.LATENCY).orElseThrow();
            study.latency().judge(before.trials().getFirst(), Optional.of(false));
            StoredLatency after = study.evidence(run, EvidenceKinds.LATENCY).orElseThrow();
            assertThat(after.samplesMs()).hasSize(before.samplesMs().length - 1);
            assertThat(after.rejected()).isEqualTo(1);
            study.undo();
            assertThat(study.evidence(run, EvidenceKinds.LATENCY).orElseThrow().samplesMs())
                    .isEqualTo(before.samplesMs());
            study.redo();
            assertThat(study.evidence(run, EvidenceKinds.LATENCY).orElseThrow().rejected())
                    .isEqualTo(1);
        }
    }

    /// A mark set by hand counts, keeps how far it may be off, and can be taken back.
    @Test
    void aMarkSetByHandCountsWithItsUncertainty() throws Exception {
        try (Study study = Study.open(folder.resolve("hand.fluss"))) {
            Run run = simulated(
                    study, Simulation.run(ReadyScenario.named("native").lasting(20)));
            StoredLatency before = study.evidence(run, EvidenceKinds.LATENCY).orElseThrow();
            StoredLatency.JudgedTrial trial = before.trials().get(3);
            HandMark mark = new HandMark(trial.trial().inputMs() + 77, 2);
            study.latency().mark(trial, Optional.of(mark));
            StoredLatency after = study.evidence(run, EvidenceKinds.LATENCY).orElseThrow();
            assertThat(after.trials().get(3).latencyMs()).isCloseTo(77, within(1e-9));
            assertThat(after.trials().get(3).counts()).isTrue();
            assertThat(after.resolutionMs()).isEqualTo(4);
            Interval narrow = before.figures().medianInterval().orElseThrow();
            Interval wide = after.figures().medianInterval().orElseThrow();
            assertThat(wide.high() - wide.low()).isGreaterThan(narrow.high() - narrow.low() + 3);
            assertThat(study.check()).isEmpty();
            study.undo();
            assertThat(study.evidence(run, EvidenceKinds.LATENCY)).contains(before);
        }
    }

    @Test
    void evidenceCanBeLookedAtAgainWithAnotherThreshold() throws Exception {
        try (Study study = Study.open(folder.resolve("c.fluss"))) {
            Run run = simulated(
                    study,
                    Simulation.run(ReadyScenario.named("engine-generation").lasting(20)));
            double half = median(study, run);
            study.latency().lookAgain(run, EdgeSettings.DEFAULT.withThreshold(0.1), false, Progress.NONE);
            assertThat(median(study, run)).isLessThan(half - 2);
            study.undo();
            assertThat(median(study, run)).isEqualTo(half);
            assertThat(study.check()).isEmpty();
        }
    }

    @Test
    void samplesFromAListBelongToARunAndGoWithIt() throws Exception {
        Path list = folder.resolve("list.csv");
        Files.writeString(list, "trial,input_ms,photon_ms\n1,100,141.5\n2,900,\n3,1700,1738.25\n");
        try (Study study = Study.open(folder.resolve("d.fluss"))) {
            Run run = study.addRun(DRAFT, List.of(), Progress.NONE);
            Run measured = study.add(run, RunEvidence.of(EvidenceKinds.LATENCY, list, Progress.NONE), Progress.NONE);
            assertThat(measured.has(EvidenceKinds.LATENCY)).isTrue();
            assertThat(measured.grade()).isEqualTo(Grade.E);
            StoredLatency stored =
                    study.evidence(measured, EvidenceKinds.LATENCY).orElseThrow();
            assertThat(LatencyFigures.of(stored.samplesMs()).missed()).isEqualTo(1);
            assertThat(stored.samplesMs()).containsExactly(41.5, Double.NaN, 38.25);
            assertThat(study.latency().excerpt(stored, stored.trials().getFirst()))
                    .isEmpty();
            study.gamesAndRuns().remove(List.of(measured));
            assertThat(study.evidence(measured, EvidenceKinds.LATENCY)).isEmpty();
            study.undo();
            assertThat(study.evidence(measured, EvidenceKinds.LATENCY)).contains(stored);
        }
    }

    private static double median(Study study, Run run) throws StudyException {
        return LatencyFigures.of(
                        study.evidence(run, EvidenceKinds.LATENCY).orElseThrow().samplesMs())
                .median()
                .orNaN();
    }
}
